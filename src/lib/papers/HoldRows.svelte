<script lang="ts">
	/** The job sheet's lines about one hold. */
	import type { Hold } from '$core/hold/hold.ts';
	import { isHinge } from '$core/job/decide-hold.ts';
	import type { Decided } from '$core/job/decide.ts';
	import { showLength, showNumber, showSize } from '$core/units/show.ts';

	type Props = { hold: Hold; job: Decided; which: string };
	const { hold, job, which }: Props = $props();
	const unit = $derived(job.unit);
	const length = (mm: number) => showLength(mm, unit, true).text;
	const NAMES = {
		't-hinge': 'T-hinges',
		'v-hinge': 'V-hinges',
		'pass-through': 'Pass-through hinges',
		corners: 'Corner pockets',
		strips: 'Edge strips',
		sling: 'Sling',
		clips: 'Clips at its edges',
		stitching: 'Stitched on a covered board',
		'whole-surface': 'Stuck down whole'
	} as const;
</script>

<table>
	<caption>{which}{NAMES[hold.kind]}, {unit}</caption>
	<tbody>
		{#if hold.places.length > 0}<tr><th scope="row">centres from its left</th><td>{hold.places.map(length).join(', ')}</td></tr
			>{/if}
		{#each hold.others ?? [] as { side, places } (side)}<tr
				><th scope="row">at the {side === 'bottom' ? 'foot' : side}</th><td>{places.map(length).join(', ')}</td></tr
			>{/each}
		{#if isHinge(hold.kind) || hold.kind === 'corners'}<tr
				><th scope="row">on the sheet</th><td>{showSize(hold.size, unit, true)}</td></tr
			>{/if}
		{#each hold.strips ?? [] as strip (strip.side)}<tr
				><th scope="row">strip at the {strip.side === 'bottom' ? 'foot' : strip.side}</th><td
					>{length(strip.length)} long, {length(strip.reach)} onto it</td
				></tr
			>{/each}
		{#if hold.slack}<tr
				><th scope="row">slack across, down</th><td>{length(hold.slack.width)}, {length(hold.slack.height)}</td></tr
			>{/if}
		{#if hold.cloth}<tr
				><th scope="row">cloth; stitches, apart</th><td
					>{showSize(hold.cloth, unit)}; {hold.count}, {length(hold.stitchSpacing!)}</td
				></tr
			>{/if}
		{#if isHinge(hold.kind)}<tr
				><th scope="row">tissue, load</th><td
					>{hold.tissue ? `${hold.tissue} g/m²` : job.hold.adhesive.name}, {showNumber(hold.loadKPa)} of {showNumber(
						hold.workingKPa
					)} kPa</td
				></tr
			>{/if}
	</tbody>
</table>
