<script lang="ts">
	/** The back at its own size in parts, with register marks; and the story stick. */
	import type { PaperSize } from '$core/shop/about.ts';
	import type { Point } from '$core/geometry/shapes.ts';
	import type { Scene } from '$core/figures/scene.ts';
	import type { Plan } from '$core/plan.ts';
	import { showLength, type Reader } from '$core/units/show.ts';
	import { stickScene, templateScene } from '$core/views/drawing/template.ts';
	import { tilesOf, type Tile } from '$core/views/drawing/tiles.ts';
	import Shapes from '$lib/drawing/Shapes.svelte';
	import Paper from './Paper.svelte';
	import { plannedForPaper, type ForPaper } from './planned.ts';

	type Props = ForPaper & { number: string; paper: PaperSize };
	const { number, paper, ...data }: Props = $props();
	const id = $props.id();
	const { job, plan, shop } = $derived(plannedForPaper(data));
	/** What is left of a page within its edges, under a line of words, mm. */
	const PAGES = { a4: { width: 190, height: 255 }, letter: { width: 195, height: 238 } } as const;
	const page = $derived(PAGES[paper]);
	const parts = $derived([templateScene(plan, job, shop), stickScene(plan)].flatMap((scene) => (scene ? pagesOf(scene) : [])));
	const length = (mm: number): string => showLength(mm, job.reader, 'mark').text;
	/** Printed it is measured: whether the printer made it smaller. */
	const BAR = 100;
	const ARM = 5;

	type Part = { scene: Scene; tile: Tile; says: string };
	function pagesOf(scene: Scene): Part[] {
		const { rows, columns, tiles } = tilesOf(scene.box, page);
		return tiles.map((tile) => ({
			scene,
			tile,
			says: tiles.length === 1 ? '' : `row ${tile.row + 1} of ${rows}, column ${tile.column + 1} of ${columns}`
		}));
	}

	function placeSays({ hang }: Plan, reader: Reader): string {
		return hang ? `Rings ${length(hang.drop)} from the top, ${length(hang.inset)} from the side, ${reader.unit}.` : '';
	}
	const barAt = ({ left, top, height }: Tile): Point => ({ x: left + 20, y: top + height - 8 });
</script>

{#if parts.length === 0}<Paper size={paper}><p>There is no frame yet: the template comes with it.</p></Paper>{/if}
{#each parts as { scene, tile, says }, at (at)}
	<Paper size={paper}>
		<p class="head">
			<strong>{number} · {scene.title}, 1 : 1</strong>{says ? ` · ${says}` : ''}. {at === 0 ? placeSays(plan, job.reader) : ''}
			Print at 100 %; the bar is {length(BAR)}
			{job.reader.unit} long. Crosses of two pages lie on each other.
		</p>
		<svg
			class="by-day"
			style:width="{tile.width}mm"
			style:height="{tile.height}mm"
			viewBox="{tile.left} {tile.top} {tile.width} {tile.height}"
			role="img"
			aria-label="{scene.title}{says ? `, ${says}` : ''}"
		>
			<Shapes {scene} id="{id}-{at}" />
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
