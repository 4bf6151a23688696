<script lang="ts">
	/** The framed piece on the wall's colour; colours are chosen where they are judged. */
	import { previewScene } from '$core/views/drawing/preview.ts';
	import { put } from '$core/job/patch.ts';
	import { writtenMats } from '$core/job/written.ts';
	import Drawing from '$lib/drawing/Drawing.svelte';
	import { readColour, type WrittenColour } from '$core/shop/colours.ts';
	import ColourField from '$lib/ui/ColourField.svelte';
	import { useWorkspace } from './context.ts';
	import { there } from '$core/units/there.ts';

	const { editor } = useWorkspace();
	const swatches = $derived(Object.values(editor.shopIn().colours));
	const scene = $derived(there(previewScene(editor.plan, editor.job), 'value'));

	function setMat(index: number, colour: WrittenColour) {
		if (editor.file.mats) return editor.put(['mats', index, 'colour'], colour);
		const mats = writtenMats(editor.job.mats).map((mat, at) => (at === index ? { ...mat, colour } : mat));
		return editor.apply(put(editor.file, ['mats'], mats));
	}
</script>

<div class="wall">
	<Drawing {scene} reader={editor.reader} />
	<div class="colours">
		<ColourField
			{swatches}
			label="Wall"
			value={readColour(editor.job.wallColour)}
			onchange={(colour) => editor.put(['place', 'wallColour'], colour)}
		/>
		{#if editor.job.frame}<ColourField
				{swatches}
				label="Moulding"
				value={editor.job.frame.colour}
				onchange={(colour) => editor.put(['frame', 'colour'], colour)}
			/>{/if}
		{#each editor.job.mats as mat, index (index)}<ColourField
				{swatches}
				label="Mat {index + 1}"
				value={mat.colour}
				onchange={(colour) => setMat(index, colour)}
			/>{/each}
	</div>
</div>

<style>
	.wall {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 200px;
		gap: 18px;
		min-height: 0;
	}
	.colours {
		display: grid;
		gap: 12px;
		align-content: start;
		padding-top: 8px;
		position: relative;
		overflow-y: auto;
	}
</style>
