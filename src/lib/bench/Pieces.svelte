<script lang="ts">
	/** Of a batch: how many are through this step, one more with each “done”. */
	import type { Step } from '$core/stations/step.ts';
	import type { BenchDesk } from './bench-desk.svelte.ts';

	type Props = { desk: BenchDesk; step: Step };
	const { desk, step }: Props = $props();
	const through = $derived(desk.through(step));
</script>

<div class="pieces">
	<p class="count" role="status"><strong>{through}</strong> of {step.pieces} done</p>
	<progress aria-label="{through} of {step.pieces} done" max={step.pieces} value={through}></progress>
	<p class="ways">
		<button type="button" class="btn preset-outlined-brand" data-key="a" onclick={() => desk.goOn(undefined, true)}
			>All {step.pieces} are done <kbd>A</kbd></button
		>
		<button type="button" class="btn preset-quiet" data-key="-" disabled={through === 0} onclick={() => desk.count(step, -1)}
			>One fewer <kbd>−</kbd></button
		>
	</p>
</div>

<style>
	.pieces {
		margin-bottom: 14px;
		max-width: 62ch;
	}
	.count strong {
		font-size: 34px;
		font-variant-numeric: tabular-nums;
	}
	progress {
		width: 100%;
		height: 10px;
		border: 1px solid var(--line-strong);
		background: var(--sheet);
		appearance: none;
	}
	progress::-webkit-progress-bar {
		background: var(--sheet);
	}
	progress::-webkit-progress-value {
		background: var(--accent);
	}
	progress::-moz-progress-bar {
		background: var(--accent);
	}
	.ways {
		display: flex;
		flex-wrap: wrap;
		gap: 8px 16px;
		margin-top: 8px;
	}
</style>
