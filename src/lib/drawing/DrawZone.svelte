<script lang="ts">
	/** Draws a new zone over the sheet: pull a rectangle, or Enter puts one in the middle to be moved with the arrows. */
	import type { Rect } from '$core/geometry/shapes.ts';
	import { showNearest } from '$core/units/round.ts';
	import { showWithUnit } from '$core/units/show.ts';
	import { useWorkspace } from '$lib/workspace/context.ts';
	import { there } from '$core/units/there.ts';

	type Props = {
		/** The sheet's bounding box in the scene. */
		sheet: Rect;
		scale: number;
		place: (x: number, y: number) => { x: number; y: number };
		size: { width: number; height: number };
		/** The zone, mm from the sheet's corner. */
		ondraw: (zone: Rect) => void;
	};
	const { sheet, scale, place, size, ondraw }: Props = $props();
	const { editor } = useWorkspace();
	let from = $state<{ x: number; y: number } | null>(null);
	let to = $state<{ x: number; y: number } | null>(null);

	const step = $derived(editor.job.step);
	const corner = $derived(place(sheet.left, sheet.top));
	const zone = $derived.by((): Rect | null => {
		if (!from || !to) return null;
		const onSheet = (point: { x: number; y: number }) => ({
			x: Math.min(sheet.width, Math.max(0, (point.x - corner.x) / scale)),
			y: Math.min(sheet.height, Math.max(0, (point.y - corner.y) / scale))
		});
		const [one, other] = [onSheet(from), onSheet(to)];
		const [left, top] = [showNearest(Math.min(one.x, other.x), step), showNearest(Math.min(one.y, other.y), step)];
		return {
			left,
			top,
			width: Math.max(step, showNearest(Math.abs(one.x - other.x), step)),
			height: Math.max(step, showNearest(Math.abs(one.y - other.y), step))
		};
	});

	function at(event: PointerEvent) {
		const box = there((event.currentTarget as SVGElement).ownerSVGElement, 'owner s v g element').getBoundingClientRect();
		return { x: event.clientX - box.left, y: event.clientY - box.top };
	}

	function begin(event: PointerEvent) {
		if (event.button !== 0) return;
		(event.currentTarget as SVGElement).setPointerCapture(event.pointerId);
		from = to = at(event);
	}

	function letGo() {
		const drawn = zone;
		from = to = null;
		// A press without a pull draws nothing.
		if (drawn && drawn.width > step && drawn.height > step) ondraw(drawn);
	}
</script>

<!-- The keys do the same: Enter in the banner above the drawing. -->
<rect
	class="over"
	aria-hidden="true"
	width={size.width}
	height={size.height}
	onpointerdown={begin}
	onpointermove={(event) => {
		if (from) to = at(event);
	}}
	onpointerup={letGo}
	onpointercancel={() => (from = to = null)}
/>
{#if zone}
	{@const start = place(sheet.left + zone.left, sheet.top + zone.top)}
	<rect class="zone" x={start.x} y={start.y} width={zone.width * scale} height={zone.height * scale} />
	<g class="figure" transform="translate({start.x} {start.y - 8})" aria-hidden="true">
		<text>{showWithUnit(zone.width, editor.reader, 'mark')} × {showWithUnit(zone.height, editor.reader, 'mark')}</text>
	</g>
{/if}

<style>
	.over {
		fill: transparent;
		cursor: crosshair;
		touch-action: none;
	}
	.zone {
		fill: rgb(31 107 94 / 14%);
		stroke: var(--accent);
		stroke-width: 2;
		pointer-events: none;
	}
	.figure {
		pointer-events: none;
		font-weight: 600;
	}
</style>
