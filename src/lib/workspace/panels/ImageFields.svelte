<script lang="ts">
	/** The image within the sheet: what a reveal is measured from. */
	import type { Rect } from '$core/geometry/shapes.ts';
	import { drop, valueAt } from '$core/job/patch.ts';
	import LengthField from '$lib/ui/LengthField.svelte';
	import { useWorkspace } from '../context.ts';

	type Props = {
		/** Which rectangle of the piece: the image, or the extremes of its motif. */ part?: 'image' | 'motif';
		title?: string;
	};
	const { part = 'image', title = 'The image within the sheet' }: Props = $props();
	const { editor } = useWorkspace();
	const keys = $derived(editor.here.pieceKeys(part));
	const inFile = $derived((valueAt(editor.file, keys) ?? {}) as Partial<Record<keyof Rect, unknown>>);
	const FIELDS = [
		['left', 'from the left'],
		['top', 'from the top'],
		['width', 'width'],
		['height', 'height']
	] as const;
	const word = $derived(part === 'image' ? 'Image' : 'Motif');
</script>

<div class="group">
	<div class="head">
		<h2>{title}</h2>
		{#if Object.keys(inFile).length > 0}<button
				type="button"
				class="btn btn-sm preset-quiet"
				onclick={() => editor.apply(drop(editor.file, keys))}>remove it</button
			>{/if}
	</div>
	{#each FIELDS as [key, label] (key)}<LengthField
			label="{word} {label}"
			keys={[...keys, key]}
			value={editor.typedLength([...keys, key], true)}
			zero={key === 'left' || key === 'top'}
			optional
		/>{/each}
</div>
