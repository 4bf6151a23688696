<script lang="ts">
	/** Where the sheet lies, read before its hinges are wetted. */
	import type { Step } from '$core/stations/step.ts';
	import { laidChecked, placesToLay } from '$core/views/bench/checks.ts';
	import type { BenchDesk } from './bench-desk.svelte.ts';
	import ReadLength from '$lib/ui/ReadLength.svelte';

	type Props = { desk: BenchDesk; step: Step };
	const { desk }: Props = $props();
	const places = $derived(placesToLay(desk.planned.job, desk.planned.plan));
	const { reader } = $derived(desk.planned.job);
	let typed = $state<Record<number, { left?: number | null; top?: number | null }>>({});

	function read(window: number, side: 'left' | 'top', mm: number | null) {
		const known = desk.run.laid.get(window);
		const next = { ...known, ...typed[window], [side]: mm };
		typed = { ...typed, [window]: next };
		const { left, top } = next;
		if (typeof left === 'number' && typeof top === 'number') desk.did({ kind: 'laid', window, left, top });
	}
</script>

<section aria-label="Position as placed">
	{#each places as place (place.window)}
		{@const laid = desk.run.laid.get(place.window)}
		{@const checked = laid ? laidChecked(place, laid, reader) : null}
		<div class="pair">
			{#if places.length > 1}<h3>Window {place.window + 1}</h3>{/if}
			<ReadLength
				label="From the left"
				{reader}
				zero
				value={laid?.left ?? null}
				onread={(mm) => read(place.window, 'left', mm)}
			/>
			<ReadLength label="From the top" {reader} zero value={laid?.top ?? null} onread={(mm) => read(place.window, 'top', mm)} />
			{#if checked}<p role="status" class:off={!checked.good}>{checked.says}</p>{/if}
		</div>
	{/each}
</section>

<style>
	.pair {
		display: grid;
		grid-template-columns: repeat(2, minmax(0, 280px));
		gap: 8px;
		margin-bottom: 14px;
	}
	h3,
	p {
		grid-column: 1 / -1;
	}
	p {
		color: var(--accent);
		font-size: 20px;
	}
	.off {
		color: var(--stop);
	}
	@media (max-width: 600px) {
		.pair {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
