<script lang="ts">
	/** A photograph of a layer of an old package: taken, kept on the server, shown where it is written of. */
	import { drop } from '$core/job/patch.ts';
	import FileField from '$lib/ui/FileField.svelte';
	import { useWorkspace } from '../context.ts';

	const { index, name }: { index: number; name: string } = $props();
	const { editor } = useWorkspace();
	const picture = $derived(editor.file.unframing?.[index]?.picture ?? null);
	let trouble = $state('');
	let busy = $state(false);
	const PICTURES = { 'image/jpeg': ['.jpg', '.jpeg'], 'image/png': ['.png'] };

	async function send(file: File) {
		trouble = '';
		busy = true;
		try {
			const response = await fetch('/api/pictures', { method: 'POST', headers: { 'content-type': file.type }, body: file });
			const answer = (await response.json()) as { sum?: string; faults?: { says: string }[] };
			if (answer.sum) editor.put(['unframing', index, 'picture'], answer.sum);
			else trouble = answer.faults?.[0]?.says ?? 'The server refused this picture.';
		} catch {
			trouble = 'The server can’t be reached. Keep the photograph and try again later.';
		}
		busy = false;
	}
</script>

{#if picture}
	<img src="/api/pictures/{picture}" alt="Photograph of layer {index + 1}, {name}" />
	<div>
		<button
			type="button"
			class="btn btn-sm preset-quiet"
			onclick={() => editor.apply(drop(editor.file, ['unframing', index, 'picture']))}
			>remove the photograph of layer {index + 1}</button
		>
	</div>
{:else}
	<FileField
		label={busy ? 'is being saved' : `photograph of layer ${index + 1}`}
		accept={PICTURES}
		onfile={(file) => void send(file)}
	/>
{/if}
{#if trouble}<p class="trouble" role="alert">{trouble}</p>{/if}

<style>
	img {
		max-width: 100%;
		max-height: 180px;
		justify-self: start;
		border: 1px solid var(--line-strong);
	}
	.trouble {
		color: var(--stop);
	}
</style>
