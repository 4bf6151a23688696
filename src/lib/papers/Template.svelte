<script lang="ts">
	/** The back at its own size in parts, with register marks; and the story stick. */
	import type { PaperSize } from '$core/shop/about.ts';
	import { standsOnSides, HANGERS } from '$core/stations/hang/kinds/all.ts';
	import { showLength } from '$core/units/show.ts';
	import { stickScene, templateScene } from '$core/views/drawing/template.ts';
	import OneToOne from './OneToOne.svelte';
	import Paper from './Paper.svelte';
	import { plannedForPaper, type ForPaper } from './planned.ts';

	type Props = ForPaper & { number: string; paper: PaperSize };
	const { number, paper, ...data }: Props = $props();
	const { job, plan, shop } = $derived(plannedForPaper(data));
	const length = (mm: number): string => showLength(mm, job.reader, 'mark').text;
	const places = $derived.by(() => {
		const { hang } = plan;
		if (!hang || !standsOnSides(HANGERS[hang.by])) return '';
		return `Rings ${length(hang.drop)} from the top, ${length(hang.inset)} from the side, ${job.reader.unit}.`;
	});
	const drawings = $derived(
		[templateScene(plan, job, shop), stickScene(plan)].flatMap((scene, at) =>
			scene ? [{ scene, of: number, says: at === 0 ? places : '' }] : []
		)
	);
</script>

{#if drawings.length === 0}<Paper size={paper}><p>Choose a frame to see the template.</p></Paper>{/if}
<OneToOne {drawings} reader={job.reader} {paper} />
