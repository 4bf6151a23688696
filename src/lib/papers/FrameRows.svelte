<script lang="ts">
	/** The job sheet's lines about the frame: rails or kit, sizes, depth, points, and a lite that follows it. */
	import { closingRail, pairName } from '$core/stations/frame/kit.ts';
	import { FASTENER_NAMES } from '$core/stations/frame/fasteners.ts';
	import { LITE_FIGURES } from '$core/stations/frame/lite.ts';
	import type { Size } from '$core/geometry/shapes.ts';
	import type { Printed } from './planned.ts';
	import { nth, there } from '$core/units/there.ts';

	const { plan, job, text, withUnit }: Printed = $props();
	const frame = $derived(there(plan.frame, 'frame'));
	const pack = $derived(there(plan.pack, 'pack'));
	const metal = $derived(there(job.frame, 'frame').kind === 'metal');
	const points = $derived(frame.points);
	const fasteners = $derived(FASTENER_NAMES[points.kind].many.replace(/ with their screws$/, ''));
	const placed = (side: 'top' | 'side') => {
		const { count, first, spacing } = points[side];
		const at = `frame.points.${side}`;
		return first === undefined
			? String(count)
			: `${count}, first ${text(first, `${at}.first`)}, then every ${text(there(spacing, 'spacing'), `${at}.spacing`)}`;
	};
	const size = ({ width, height }: Size, path: string) => `${text(width, `${path}.width`)} × ${text(height, `${path}.height`)}`;
</script>

<table>
	<caption>Frame, {job.reader.unit}: {job.frame?.name}</caption>
	<tbody>
		{#if frame.rails}
			<tr
				><th scope="row">rails at the long points</th><td
					>2 × {text(frame.rails[0], 'frame.rails[0]')}, 2 × {text(frame.rails[1], 'frame.rails[1]')}</td
				></tr
			>
			<tr
				><th scope="row">moulding needed; rabbet diagonal</th><td
					>{text(there(frame.stick, 'stick'), 'frame.stick')}; {text(there(frame.diagonal, 'diagonal'), 'frame.diagonal')}</td
				></tr
			>
		{/if}
		{#if frame.kit}
			<tr
				><th scope="row">kit</th><td
					>pairs for {pairName(there(nth(frame.kit, 0).size, 'size'), there(job.frame, 'frame').pairStep)} and {pairName(
						there(nth(frame.kit, 1).size, 'size'),
						there(job.frame, 'frame').pairStep
					)}; {frame.kit
						.slice(2)
						.map(({ part, count }) => `${count} × ${part}`)
						.join(', ')}</td
				></tr
			>
		{/if}
		{#if metal}<tr><th scope="row">closing rail</th><td>{closingRail(frame.outer, job.schools['closing-rail'])}</td></tr>{/if}
		<tr><th scope="row">{metal ? 'channel' : 'rabbet'}</th><td>{size(frame.rabbet, 'frame.rabbet')}</td></tr>
		<tr><th scope="row">sight; outer</th><td>{size(frame.sight, 'frame.sight')}; {size(frame.outer, 'frame.outer')}</td></tr>
		<tr
			><th scope="row"
				>pack {text(pack.thickness, 'pack.thickness')}, {there(pack.clearance, 'clearance') < 0
					? 'proud of the frame by'
					: 'clearance'}</th
			><td>{text(Math.abs(there(pack.clearance, 'clearance')), 'pack.clearance')}</td></tr
		>
		{#if frame.depthWithStrips !== undefined}<tr
				><th scope="row">strips on its back; total depth</th><td
					>{text(there(job.frame, 'frame').deepen, 'job.frame.deepen')}; {text(
						frame.depthWithStrips,
						'frame.depthWithStrips'
					)}</td
				></tr
			>{/if}
		{#if points.stay}<tr><th scope="row">{fasteners} existing</th><td>{points.total}</td></tr>
		{:else}
			<tr><th scope="row">{fasteners}, {points.total}: top, bottom each</th><td>{placed('top')}</td></tr>
			<tr><th scope="row">sides each</th><td>{placed('side')}</td></tr>
		{/if}
		{#if frame.lite}<tr
				><th scope="row"
					>glazing follows it: {LITE_FIGURES.map((one) => (one.length === 2 ? `diagonal ${one[1]}` : one)).join(', ')}</th
				><td>{LITE_FIGURES.map((one) => text(there(frame.lite, 'lite')[one], `frame.lite.${one}`)).join(', ')}</td></tr
			>{/if}
		{#if job.guard.glazing.family !== 'none'}<tr
				><th scope="row">glazing sag when flat, at most</th><td
					>{text(pack.sag, 'pack.sag')}; gap over the piece {text(pack.gap, 'pack.gap')}</td
				></tr
			>{/if}
		<tr><th scope="row">weight</th><td>{withUnit(there(plan.mass, 'mass').kg, 'mass.kg')}</td></tr>
	</tbody>
</table>
