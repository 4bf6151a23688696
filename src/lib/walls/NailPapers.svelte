<script lang="ts">
	/** A paper for each picture, to be taped to the wall: its nails at their own size. */
	import { page } from '$app/state';
	import type { PaperSize } from '$core/shop/about.ts';
	import { FRACTION, showLength } from '$core/units/show.ts';
	import { planWall } from '$core/wall/plan-wall.ts';
	import { nailPapers } from '$core/wall/template.ts';
	import { wallFrom } from '$core/wall/written.ts';
	import type { WallPage } from '$lib/server/wall.ts';
	import OneToOne from '$lib/papers/OneToOne.svelte';
	import Paper from '$lib/papers/Paper.svelte';
	import PaperBar from '$lib/papers/PaperBar.svelte';
	import { picturesOf, titleOf } from './pieces.ts';

	const { id, name, file, pieces }: WallPage = $props();
	const reader = $derived({ unit: page.data.reads ?? 'mm', fraction: FRACTION } as const);
	let paper = $state<PaperSize>('a4');
	const length = (mm: number): string => showLength(mm, reader, 'mark').text;
	const plan = $derived(planWall(wallFrom(file, picturesOf(pieces)).wall, reader));
	const drawings = $derived(
		nailPapers(plan).map(({ picture, hooks, scene }) => ({
			scene,
			of: titleOf(picture, file, pieces),
			says: `${hooks.map(({ n, x, height }) => `Hook ${n}: ${length(x)} from the left, ${length(height)} from the floor`).join('; ')}, ${reader.unit}. The upright line is the picture’s middle.`
		}))
	);
</script>

<svelte:head><title>Nails, {name} · Rare Keep</title></svelte:head>
<PaperBar to="/walls/{id}" says={name} size={paper} onsize={(next) => (paper = next)} />
<main id="main">
	<h1 class="seen-by-readers">Nails of {name} at their own size</h1>
	{#if drawings.length === 0}<Paper size={paper}><p>Nothing hangs here yet.</p></Paper>{/if}
	<OneToOne {drawings} {reader} {paper} />
</main>

<style>
	main {
		padding: 8mm 0;
		overflow-x: auto;
	}
	@media print {
		main {
			padding: 0;
		}
	}
</style>
