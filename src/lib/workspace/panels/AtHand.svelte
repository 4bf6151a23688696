<script lang="ts">
	/** A mat that was bought cut or lies at hand: its opening and its outer size as measured, in place of borders and overlap. */
	import { NOT_KNOWN } from '$core/job/kinds.ts';
	import { drop, put, valueAt, type Operation } from '$core/job/patch.ts';
	import { writtenMats } from '$core/job/written.ts';
	import { readLength } from '$core/units/length.ts';
	import Choice from '$lib/ui/Choice.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import { useWorkspace } from '../context.ts';

	const { index }: { index: number } = $props();
	const { editor } = useWorkspace();
	const mat = $derived(editor.job.mats[index]);
	const atHand = $derived(mat !== undefined && (mat.have !== null || mat.unmeasured));
	const WAYS = [
		{ value: 'cut', label: 'Cut here' },
		{ value: 'have', label: 'At hand' }
	] as const;
	const FIELDS = [
		['opening', 'width', 'Width of its opening'],
		['opening', 'height', 'Height of its opening'],
		['outer', 'width', 'Outer width'],
		['outer', 'height', 'Outer height']
	] as const;

	/** Borders come with the front mat, the overlap with the one nearest the piece: what was typed of them goes. */
	function setWay(way: 'cut' | 'have') {
		const mats = (editor.file.mats ?? writtenMats(editor.job.mats)).map((one, at) => {
			if (at !== index) return one;
			const { have: _, board, ...rest } = one;
			return way === 'have' ? { ...rest, board, have: {} } : { ...rest, board: board === NOT_KNOWN ? 'cotton-4' : board };
		});
		const overlap = editor.file.window?.overlap;
		editor.apply([
			...put(editor.file, ['mats'], mats),
			...(index === 0 ? drop(editor.file, ['borders']) : []),
			...(way === 'have' && overlap !== undefined ? drop(editor.file, ['window', 'overlap']) : [])
		]);
	}

	/** What was typed while another figure is still missing. */
	function read(part: 'opening' | 'outer', axis: 'width' | 'height'): number | null {
		const written = valueAt(editor.file, ['mats', index, 'have', part, axis]);
		if (typeof written !== 'string' && typeof written !== 'number') return null;
		const length = readLength(written, editor.job.cutIn, false);
		return length.ok ? length.mm : null;
	}

	const sized =
		(part: 'opening' | 'outer', axis: 'width' | 'height') =>
		(length: number | string): Operation[] => {
			const size = (valueAt(editor.file, ['mats', index, 'have', part]) ?? {}) as object;
			return put(editor.file, ['mats', index, 'have', part], { ...size, [axis]: length });
		};
</script>

{#if !editor.job.several}
	<Choice label="Where mat {index + 1} comes from" value={atHand ? 'have' : 'cut'} options={WAYS} onchange={setWay} compact />
	{#if atHand}
		{#each FIELDS as [part, axis, label] (label)}<LengthField
				label="{label}, mat {index + 1}"
				keys={['mats', index, 'have', part, axis]}
				value={read(part, axis)}
				write={sized(part, axis)}
			/>{/each}
	{/if}
{/if}
