<script lang="ts">
	/** The job sheet's lines about one hold, as the hand meets it: tabs on the back of the sheet count from its left as it lies. */
	import { inSentence } from '$core/units/in-sentence.ts';
	import { hingesAsLaid, staysFaceUp } from '$core/stations/hold/as-laid.ts';
	import { SIDE_WORDS } from '$core/stations/cut/material-name.ts';
	import { holdNames } from '$core/stations/hold/names.ts';
	import { which, type Sight } from '$core/rule/sights.ts';
	import { showShare } from '$core/units/show.ts';
	import type { Printed } from './planned.ts';
	import { isHinge } from '$core/job/hold-kinds.ts';
	import { there } from '$core/units/there.ts';

	type Props = Printed & { sight: Sight };
	const { job, text, withUnit, sight }: Props = $props();
	const hold = $derived(there(sight.hold, 'hold'));
	const mark = (mm: number) => text(mm, 'hold.places');
	const hinges = $derived(isHinge(hold.kind) ? hingesAsLaid(job, sight) : hold.places);
	const lies = $derived(isHinge(hold.kind) && !staysFaceUp(job) ? 'face down' : 'face up');
</script>

<table>
	<caption>{which(sight)}{holdNames(job).paper}, {job.reader.unit}</caption>
	<tbody>
		{#if hinges.length > 0}<tr
				><th scope="row">centres from its left, the piece {lies}</th><td>{hinges.map(mark).join(', ')}</td></tr
			>{/if}
		{#each hold.others ?? [] as { side, places } (side)}<tr
				><th scope="row">at the {SIDE_WORDS[side]}</th><td>{places.map(mark).join(', ')}</td></tr
			>{/each}
		{#if isHinge(hold.kind) || hold.kind === 'corners'}<tr
				><th scope="row">{hold.kind === 'corners' ? 'pocket sides' : 'each on the sheet'}</th><td
					>{text(hold.size.width, 'hold.size.width')} × {text(hold.size.height, 'hold.size.height')}</td
				></tr
			>{/if}
		{#each hold.strips ?? [] as strip (strip.side)}<tr
				><th scope="row">strip at the {SIDE_WORDS[strip.side]}</th><td>{mark(strip.length)} long, {mark(strip.reach)} onto it</td
				></tr
			>{/each}
		{#if hold.slack}<tr
				><th scope="row">slack across, up and down</th><td>{mark(hold.slack.width)}, {mark(hold.slack.height)}</td></tr
			>{/if}
		{#if hold.cloth}<tr
				><th scope="row">cloth; stitches, apart</th><td
					>{text(hold.cloth.width, 'hold.cloth.width')} × {text(hold.cloth.height, 'hold.cloth.height')}; {hold.count}, {mark(
						there(hold.stitchSpacing, 'stitch spacing')
					)}</td
				></tr
			>{/if}
		{#if isHinge(hold.kind)}<tr
				><th scope="row">held with; load of each</th><td
					>{hold.tissue ? `tissue of ${withUnit(hold.tissue, 'hold.tissue')}, ` : ''}{inSentence(job.hold.adhesive.name)}; {showShare(
						hold.loadKPa,
						hold.workingKPa
					)} of its limit</td
				></tr
			>{/if}
	</tbody>
</table>
