<script lang="ts">
	/** A look for dust: clean, or what was found, as often as it takes. */
	import type { Step } from '$core/stations/step.ts';
	import { CAUSES, REOPENS } from '$core/views/bench/causes.ts';
	import type { BenchDesk } from './bench-desk.svelte.ts';

	type Props = { desk: BenchDesk; step: Step };
	const { desk, step }: Props = $props();
	const found = CAUSES.filter((cause) => REOPENS[cause].seenByLooking);
	const rounds = $derived(desk.run.looked.get(step.id) ?? []);
	const reopens = $derived(desk.run.reopened.length);
	const sealed = $derived(desk.planned.job.guard.edgeSeal !== null);
</script>

<section aria-label="What was found">
	<h3>Found something?</h3>
	<div class="causes">
		{#each found as cause, at (cause)}<button
				type="button"
				class="large"
				data-key={at + 1}
				onclick={() => desk.did({ kind: 'looked', step: step.id, clean: false, cause, minutes: desk.lookMinutes })}
				>{REOPENS[cause].name} <kbd>{at + 1}</kbd></button
			>{/each}
	</div>
	{#if rounds.length > 0}<p role="status">
			{rounds.length === 1 ? '1 round' : `${rounds.length} rounds`} so far: {rounds
				.map(({ cause }) => (cause ? REOPENS[cause].name : 'clean'))
				.join(', ')}. {REOPENS[rounds.at(-1)?.cause ?? 'dust'].instead}
		</p>{/if}
	{#if reopens >= 2 && !sealed}<p>
			Reopened {reopens} times: an edge seal keeps frame dust out. Set it in Guard.
		</p>{/if}
</section>

<style>
	section {
		margin: 6px 0 16px;
	}
	.causes {
		display: flex;
		flex-wrap: wrap;
		gap: 10px;
		margin-bottom: 10px;
	}
	p {
		max-width: 62ch;
	}
</style>
