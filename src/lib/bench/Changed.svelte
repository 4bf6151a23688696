<script lang="ts">
	/** The plan has changed after the run had begun: what differs, and by which it goes on. */
	import { differingSteps } from '$core/views/bench/differing.ts';
	import type { BenchDesk } from './bench-desk.svelte.ts';

	const { desk }: { desk: BenchDesk } = $props();
	const differs = $derived(differingSteps(desk.steps, desk.latest.steps));
	const WORDS = { gone: 'no longer there', new: 'new', other: 'figures changed' } as const;
</script>

<h2>The plan has changed</h2>
<p class="does">
	This run follows revision {desk.run.rev}; the job is now at {desk.rev}.
	{differs.length === 0 ? 'No steps differ.' : 'These steps differ:'}
</p>
<ul>
	{#each differs as { step, how } (step.id)}
		{@const done = desk.run.done.has(step.id)}
		<li>
			<strong>{step.title}</strong>: {WORDS[how]}{#if done}, <span class="done">already done</span>{/if}
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
		>Use the new plan</button
	>
	<button type="button" class="btn preset-outlined-brand" onclick={() => desk.did({ kind: 'stayed', rev: desk.rev })}
		>Stay with the old plan</button
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
