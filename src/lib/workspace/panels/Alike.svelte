<script lang="ts">
	/** Several of the same: how many, and what differs from one to the next. */
	import { put, type Operation } from '$core/job/patch.ts';
	import Fold from '$lib/ui/Fold.svelte';
	import TextField from '$lib/ui/TextField.svelte';
	import { useWorkspace } from '../context.ts';

	const { editor } = useWorkspace();
	const copies = $derived(editor.job.copies);
	const alike = $derived(editor.file.alike ?? []);
	/** More rows than these are written by import. */
	const MOST_ROWS = 60;
	const rows = $derived(Array.from({ length: Math.min(copies, MOST_ROWS) }, (_, index) => index));
	const FIELDS = [
		['edition', 'Number of'],
		['title', 'Title of'],
		['owner', 'Owner of']
	] as const;

	/** The list is as long as the row needs it. */
	function write(index: number, key: 'edition' | 'title' | 'owner', text: string): Operation[] {
		const list = Array.from({ length: Math.max(alike.length, index + 1) }, (_, at) => {
			const { [key]: _old, ...others } = alike[at] ?? {};
			return at === index ? (text === '' ? others : { ...others, [key]: text }) : (alike[at] ?? {});
		});
		return put(editor.file, ['alike'], list);
	}
</script>

<TextField
	label="How many the same"
	keys={['copies']}
	value={editor.file.copies === undefined ? '1' : String(editor.file.copies)}
	number
/>
{#if copies > 1}
	<Fold title="How they differ">
		<div class="rows">
			{#each rows as index (index)}
				<div class="row">
					{#each FIELDS as [key, label] (key)}<TextField
							label="{label} {index + 1}"
							keys={['alike', index, key]}
							value={alike[index]?.[key] ?? ''}
							write={(text) => write(index, key, text)}
						/>{/each}
				</div>
			{/each}
		</div>
	</Fold>
{/if}

<style>
	.rows {
		display: grid;
		gap: 10px;
	}
	.row {
		display: grid;
		grid-template-columns: 5.5rem minmax(0, 1fr);
		gap: 4px 8px;
	}
	.row > :global(:last-child) {
		grid-column: 1 / -1;
	}
</style>
