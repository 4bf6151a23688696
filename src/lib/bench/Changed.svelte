<script lang="ts">
	/** The plan was changed after the run had begun: what differs, and by which it goes on. */
	import { differingSteps } from '$core/views/bench/differing.ts';
	import type { BenchDesk } from './bench-desk.svelte.ts';

	const { desk }: { desk: BenchDesk } = $props();
	const differs = $derived(differingSteps(desk.steps, desk.latest.steps));
	const WORDS = { gone: 'no longer there', new: 'new', other: 'has other figures' } as const;
</script>

<h2>The plan was changed</h2>
<p class="does">
	This run goes by revision {desk.run.rev}; the job is at revision {desk.rev} now.
	{differs.length === 0 ? 'No step differs.' : 'These steps differ:'}
</p>
<ul>
	{#each differs as { step, how } (step.id)}
		{@const done = desk.run.done.has(step.id)}
		<li>
			<strong>{step.title}</strong>: {WORDS[how]}{#if done}, <span class="done">and it is done already</span>{/if}
			{#if how === 'other'}{#each desk.latest.steps.find(({ id }) => id === step.id)?.does ?? [] as line, at (at)}<p
						class="quiet"
					>
						{line}
					</p>{/each}{/if}
		</li>
	{/each}
</ul>
<p class="ways">
	<button type="button" class="btn preset-filled-brand" onclick={() => desk.did({ kind: 'taken-over', rev: desk.rev })}
		>Go on by the new plan</button
	>
	<button type="button" class="btn preset-outlined-brand" onclick={() => desk.did({ kind: 'stayed', rev: desk.rev })}
		>Stay with the plan it began with</button
	>
</p>

<style>
	.does,
	li {
		max-width: 70ch;
		font-size: 20px;
	}
	li {
		padding: 6px 0;
	}
	li p {
		font-size: 17px;
	}
	.done {
		color: var(--caution);
	}
</style>
