<script lang="ts">
	/** A picture of the sheet: dropped or chosen, then squared to its readings. */
	import { drop, put } from '$core/job/patch.ts';
	import { useWorkspace } from '../context.ts';

	const { editor, photograph } = useWorkspace();
	const id = $props.id();
	let over = $state(false);
	const keys = $derived(editor.here.pieceKeys('picture'));

	function open(file: File | undefined) {
		const place = keys;
		if (file) photograph.open(file, (sum) => editor.apply(put(editor.file, place, sum)));
	}

	function ondrop(event: DragEvent) {
		event.preventDefault();
		over = false;
		open(event.dataTransfer?.files[0]);
	}
</script>

<div class="group">
	<div class="head">
		<h2>Photograph of the sheet</h2>
		{#if editor.here.piece.picture}<button type="button" class="text-press" onclick={() => editor.apply(drop(editor.file, keys))}
				>remove it</button
			>{/if}
	</div>
	<label
		for={id}
		class="drop"
		class:over
		ondragover={(event) => {
			event.preventDefault();
			over = true;
		}}
		ondragleave={() => (over = false)}
		{ondrop}
	>
		{editor.here.piece.picture ? 'Drop another here, or choose it' : 'Drop a photograph here, or choose it'}
		<input
			{id}
			type="file"
			class="seen-by-readers"
			accept="image/jpeg,image/png,image/webp,image/svg+xml"
			onchange={(event) => {
				open(event.currentTarget.files?.[0]);
				event.currentTarget.value = '';
			}}
		/>
	</label>
	{#if photograph.state === 'opening'}<p role="status">Opening it.</p>{/if}
	{#if photograph.refusal && photograph.state === 'none'}<p class="refusal" role="alert">{photograph.refusal}</p>{/if}
</div>

<style>
	.drop {
		display: grid;
		place-items: center;
		min-height: 56px;
		padding: 6px 10px;
		border: 1px dashed var(--line-strong);
		border-radius: 3px;
		text-align: center;
		cursor: pointer;
		color: #474f53;
	}
	.drop.over,
	.drop:hover {
		background: #fff;
	}
	.drop:focus-within {
		outline: 2px solid var(--accent);
		outline-offset: 1px;
	}
	.refusal {
		color: var(--stop);
	}
</style>
