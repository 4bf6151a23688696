<script lang="ts">
	/** A paper for each picture, to be taped to the wall: its nails at their own size. */
	import { page } from '$app/state';
	import type { PaperSize } from '$core/shop/about.ts';
	import { FRACTION, showLength } from '$core/units/show.ts';
	import { planWall } from '$core/wall/plan-wall.ts';
	import { nailPages } from '$core/wall/template.ts';
	import { wallFrom } from '$core/wall/written.ts';
	import type { WallPage } from '$lib/server/wall.ts';
	import OneToOne, { PAGES } from '$lib/papers/OneToOne.svelte';
	import Paper from '$lib/papers/Paper.svelte';
	import PaperBar from '$lib/papers/PaperBar.svelte';
	import { picturesOf, titleOf } from './pieces.ts';

	const { id, name, file, pieces }: WallPage = $props();
	const reader = $derived({ unit: page.data.reads ?? 'mm', fraction: FRACTION } as const);
	let paper = $state<PaperSize>('a4');
	const length = (mm: number): string => showLength(mm, reader, 'mark').text;
	const plan = $derived(planWall(wallFrom(file, picturesOf(pieces)).wall, reader));
	/** Words run toward the middle, where there is paper. */
	const ANCHORS = { '-1': 'start', 0: 'middle', 1: 'end' } as const;
	const drawings = $derived(
		nailPages(plan, PAGES[paper]).map(({ scene, names, notes }) => ({
			scene,
			of: name,
			says: `From the left corner and from the floor, ${reader.unit}; the upright line is the picture’s middle.`,
			words: [
				...names.map(({ x, y, picture }) => ({ x, y, text: titleOf(picture, file, pieces) })),
				...notes.map(({ x, y, hook, side }) => ({
					x,
					y,
					anchor: ANCHORS[side],
					text: `${hook.n}: ${length(hook.x)}, ${length(hook.height)} up`
				}))
			]
		}))
	);
</script>

<svelte:head><title>Nails, {name} · Rare Keep</title></svelte:head>
<PaperBar to="/walls/{id}" says={name} size={paper} onsize={(next) => (paper = next)} />
<main id="main" class="paper-room">
	<h1 class="seen-by-readers">Nails of {name} at their own size</h1>
	{#if drawings.length === 0}<Paper size={paper}><p>Nothing hangs here yet.</p></Paper>{/if}
	<OneToOne {drawings} {reader} {paper} />
</main>
