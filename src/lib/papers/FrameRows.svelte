<script lang="ts">
	/** The job sheet's lines about the frame: rails or kit, sizes, depth, points, and a lite that follows it. */
	import { closingRail, pairName } from '$core/frame/kit.ts';
	import { LITE_FIGURES } from '$core/frame/lite.ts';
	import type { Decided } from '$core/job/decide.ts';
	import type { Plan } from '$core/plan.ts';
	import { showLength, showNumber, showSize } from '$core/units/show.ts';

	type Props = { plan: Plan; job: Decided };
	const { plan, job }: Props = $props();
	const unit = $derived(job.unit);
	const frame = $derived(plan.frame!);
	const length = (mm: number, fine = false) => showLength(mm, unit, fine).text;
	const metal = $derived(job.frame!.kind === 'metal');
	const points = $derived(frame.points);
	const placed = (side: 'top' | 'side') => {
		const { count, first, spacing } = points[side];
		return first === undefined ? String(count) : `${count}, first ${length(first, true)}, then each ${length(spacing!, true)}`;
	};
</script>

<table>
	<caption>Frame, {unit}: {job.frame?.name}</caption>
	<tbody>
		{#if frame.rails}
			<tr><th scope="row">rails at the long points</th><td>2 × {length(frame.rails[0])}, 2 × {length(frame.rails[1])}</td></tr>
			<tr
				><th scope="row">stick needed; rabbet corner to corner</th><td>{length(frame.stick!)}; {length(frame.diagonal!, true)}</td
				></tr
			>
		{/if}
		{#if frame.kit}
			<tr
				><th scope="row">kit</th><td
					>pairs for {pairName(frame.kit[0]!.size!, job.frame!.pairStep)} and {pairName(
						frame.kit[1]!.size!,
						job.frame!.pairStep
					)}; {frame.kit
						.slice(2)
						.map(({ part, count }) => `${count} × ${part}`)
						.join(', ')}</td
				></tr
			>
			<tr><th scope="row">closing rail</th><td>{closingRail(frame.outer, job.schools['closing-rail'])}</td></tr>
		{/if}
		<tr><th scope="row">{metal ? 'channel' : 'rabbet'}</th><td>{showSize(frame.rabbet, unit)}</td></tr>
		<tr><th scope="row">sight, outer</th><td>{showSize(frame.sight, unit)}; {showSize(frame.outer, unit)}</td></tr>
		<tr
			><th scope="row"
				>pack {length(plan.pack!.thickness, true)}, {plan.pack!.clearance! < 0 ? 'stands proud by' : 'clearance'}</th
			><td>{length(Math.abs(plan.pack!.clearance!), true)}</td></tr
		>
		{#if frame.depthWithStrips !== undefined}<tr
				><th scope="row">strips on its back; then from the wall</th><td
					>{length(job.frame!.deepen)}; {length(frame.depthWithStrips, true)}</td
				></tr
			>{/if}
		<tr><th scope="row">{points.kind.replace('-', ' ')}, {points.total}: top, foot each</th><td>{placed('top')}</td></tr>
		<tr><th scope="row">sides each</th><td>{placed('side')}</td></tr>
		{#if frame.lite}<tr
				><th scope="row"
					>glazing follows it: {LITE_FIGURES.map((one) => (one.length === 2 ? `diagonal ${one[1]}` : one)).join(', ')}</th
				><td>{LITE_FIGURES.map((one) => length(frame.lite![one])).join(', ')}</td></tr
			>{/if}
		<tr
			><th scope="row">glazing lying flat sags by at most</th><td
				>{length(plan.pack!.sag, true)} over {length(plan.pack!.gap, true)} of air</td
			></tr
		>
		<tr><th scope="row">it weighs</th><td>{showNumber(plan.mass!.kg)} kg</td></tr>
	</tbody>
</table>
