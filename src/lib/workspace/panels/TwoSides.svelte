<script lang="ts">
	/** One width and one height of the sheet, where its four sides are not read. */
	import LengthField from '$lib/ui/LengthField.svelte';
	import { valueAt } from '$core/job/patch.ts';
	import { useWorkspace } from '../context.ts';

	const { editor } = useWorkspace();
	const keys = $derived(editor.here.pieceKeys('readings'));
	const read = $derived(editor.here.piece.readings);
	const AXES = [
		['width', 'Width', 'top'],
		['height', 'Height', 'left']
	] as const;
	/** What stands in the file: four sides are read in Measure. */
	const written = $derived((valueAt(editor.file, keys) ?? {}) as Record<string, unknown>);
	const four = $derived(Object.keys(written).some((key) => key !== 'width' && key !== 'height'));
</script>

{#if !four}
	{#each AXES as [axis, label, side] (axis)}<LengthField
			{label}
			keys={[...keys, axis]}
			value={written[axis] === undefined ? null : (read?.[side] ?? null)}
			optional
		/>{/each}
{/if}
