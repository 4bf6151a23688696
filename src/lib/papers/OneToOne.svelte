<script lang="ts" module>
	/** What is left of a page within its edges, under a line of words, mm. */
	export const PAGES = { a4: { width: 190, height: 255 }, letter: { width: 195, height: 238 } } as const;
</script>

<script lang="ts">
	/** Drawings at their own size, each in parts with register marks; a bar of 100 mm shows whether the printer made them smaller. */
	import type { PaperSize } from '$core/shop/about.ts';
	import type { Point } from '$core/geometry/shapes.ts';
	import type { Scene } from '$core/figures/scene.ts';
	import { showLength, type Reader } from '$core/units/show.ts';
	import { tilesOf, type Tile } from '$core/views/drawing/tiles.ts';
	import Shapes from '$lib/drawing/Shapes.svelte';
	import Paper from './Paper.svelte';

	type Drawn = {
		scene: Scene;
		/** Before its title. */ of: string;
		/** On its first page. */ says: string;
		/** Words on the drawing, mm. */
		words?: readonly (Point & { text: string; anchor?: 'start' | 'middle' | 'end' })[];
	};
	type Props = { drawings: readonly Drawn[]; reader: Reader; paper: PaperSize };
	const { drawings, reader, paper }: Props = $props();
	const id = $props.id();
	const page = $derived(PAGES[paper]);
	const parts = $derived(drawings.flatMap(pagesOf));
	const length = (mm: number): string => showLength(mm, reader, 'mark').text;
	/** Printed it is measured. */
	const BAR = 100;
	const ARM = 5;

	type Part = Drawn & { tile: Tile; where: string };
	function pagesOf(drawn: Drawn): Part[] {
		const { rows, columns, tiles } = tilesOf(drawn.scene.box, page);
		return tiles.map((tile, at) => ({
			...drawn,
			says: at === 0 ? drawn.says : '',
			tile,
			where: tiles.length === 1 ? '' : `row ${tile.row + 1} of ${rows}, column ${tile.column + 1} of ${columns}`
		}));
	}
	const barAt = ({ left, top, height }: Tile): Point => ({ x: left + 20, y: top + height - 8 });
</script>

{#each parts as { scene, of, says, words = [], tile, where }, at (at)}
	<Paper size={paper}>
		<p class="head">
			<strong>{of} · {scene.title}, 1 : 1</strong>{where ? ` · ${where}` : ''}. {says}
			Print at 100 %; the bar is {length(BAR)}
			{reader.unit} long.{where ? ' Align the crosses of adjoining pages.' : ''}
		</p>
		<svg
			class="by-day"
			style:width="{tile.width}mm"
			style:height="{tile.height}mm"
			viewBox="{tile.left} {tile.top} {tile.width} {tile.height}"
			role="img"
			aria-label="{scene.title}{where ? `, ${where}` : ''}"
		>
			<Shapes {scene} id="{id}-{at}" />
			{#each words as { x, y, text, anchor }, index (index)}<text {x} {y} text-anchor={anchor}>{text}</text>{/each}
			{#each tile.marks as { x, y }, index (index)}
				<path class="mark" d="M{x - ARM} {y}H{x + ARM}M{x} {y - ARM}V{y + ARM}" />
				<circle class="mark" cx={x} cy={y} r="2.5" />
			{/each}
			<path class="measure" d="M{barAt(tile).x} {barAt(tile).y}h{BAR}" />
		</svg>
	</Paper>
{/each}

<style>
	.head {
		height: 11mm;
		font-size: 8.5pt;
		overflow: hidden;
	}
	svg {
		display: block;
		overflow: hidden;
		outline: 0.1mm dashed #9aa1a5;
	}
	text {
		font-size: 3.4px;
		fill: #14242c;
		font-variant-numeric: tabular-nums;
	}
	.mark {
		fill: none;
		stroke: #000;
		stroke-width: 0.25;
	}
	.measure {
		fill: none;
		stroke: #000;
		stroke-width: 0.6;
	}
</style>
