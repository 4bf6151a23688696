<script lang="ts">
	/** A file that is chosen or dropped. */
	import { FileUpload } from '@skeletonlabs/skeleton-svelte';

	type Props = {
		label: string;
		/** Kinds that are taken: ends of names, or media types. */
		accept: Record<string, string[]>;
		onfile: (file: File) => void;
		/** A place to drop on; else a button alone. */
		drop?: boolean;
	};
	const { label, accept, onfile, drop = false }: Props = $props();
	let files = $state.raw<File[]>([]);

	/** The file is handed on, and the field is ready for the next one, the same one too. */
	function take(file: File | undefined) {
		if (!file) return;
		files = [];
		onfile(file);
	}
</script>

<FileUpload
	{accept}
	maxFiles={1}
	acceptedFiles={files}
	allowDrop={drop}
	preventDocumentDrop={drop}
	onFileAccept={({ files: accepted }) => take(accepted[0])}
	onFileReject={({ files: rejected }) => take(rejected[0]?.file)}
>
	{#if drop}<FileUpload.Dropzone aria-label={label}>{label}</FileUpload.Dropzone>{:else}<FileUpload.Trigger
			>{label}</FileUpload.Trigger
		>{/if}
	<FileUpload.HiddenInput aria-label={label} />
</FileUpload>
