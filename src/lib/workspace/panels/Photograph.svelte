<script lang="ts">
	/** A picture of the sheet: dropped or chosen, then squared to its readings. */
	import { drop, put } from '$core/job/patch.ts';
	import FileField from '$lib/ui/FileField.svelte';
	import { useWorkspace } from '../context.ts';
	import { takeStep } from '../steps.ts';

	const { editor, photograph } = useWorkspace();
	const keys = $derived(editor.here.pieceKeys('picture'));

	function open(file: File) {
		const place = keys;
		photograph.open(file, (sum) => editor.apply(put(editor.file, place, sum)));
	}
</script>

<div class="group">
	<div class="head">
		<h2>Photograph of the sheet</h2>
		{#if editor.here.piece.picture}<button
				type="button"
				class="btn btn-sm preset-quiet"
				onclick={() => takeStep(editor, 'The photograph is removed from the job.', drop(editor.file, keys))}>remove it</button
			>{/if}
	</div>
	<FileField
		label={editor.here.piece.picture ? 'Drop another here, or choose it' : 'Drop a photograph here, or choose it'}
		accept={{ 'image/jpeg': ['.jpg', '.jpeg'], 'image/png': ['.png'], 'image/webp': ['.webp'], 'image/svg+xml': ['.svg'] }}
		onfile={open}
		drop
	/>
	{#if photograph.state === 'opening'}<p role="status">Opening it.</p>{/if}
	{#if photograph.refusal && photograph.state === 'none'}<p class="refusal" role="alert">{photograph.refusal}</p>{/if}
</div>

<style>
	.refusal {
		color: var(--stop);
	}
</style>
