<script lang="ts">
	/** A mat that was bought cut or lies at hand: its opening and its outer size as measured, in place of borders and overlap. */
	import { cutAgain, isAtHand, takeAtHand } from '$core/job/at-hand.ts';
	import { houseBoard } from '$core/job/material.ts';
	import { put, valueAt, type Operation } from '$core/job/patch.ts';
	import Choice from '$lib/ui/Choice.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import MoneyField from '$lib/ui/MoneyField.svelte';
	import { useWorkspace } from '../context.ts';

	const { index }: { index: number } = $props();
	const { editor } = useWorkspace();
	const mat = $derived(editor.job.mats[index]);
	const atHand = $derived(mat !== undefined && isAtHand(mat));
	const WAYS = [
		{ value: 'cut', label: 'Cut here' },
		{ value: 'have', label: 'Ready-cut' }
	] as const;
	const FIELDS = [
		['opening', 'width', 'Opening width'],
		['opening', 'height', 'Opening height'],
		['outer', 'width', 'Outer width'],
		['outer', 'height', 'Outer height']
	] as const;

	function setWay(way: 'cut' | 'have') {
		const { file, job } = editor;
		editor.apply(
			way === 'have'
				? takeAtHand(file, job.mats, index)
				: cutAgain(file, job.mats, index, houseBoard(job.aim, job.piece.proteinOrDye))
		);
	}

	const sized =
		(part: 'opening' | 'outer', axis: 'width' | 'height') =>
		(length: number | string): Operation[] => {
			const size = (valueAt(editor.file, ['mats', index, 'have', part]) ?? {}) as object;
			return put(editor.file, ['mats', index, 'have', part], { ...size, [axis]: length });
		};
</script>

{#if !editor.job.several}
	<Choice label="Source of mat {index + 1}" value={atHand ? 'have' : 'cut'} options={WAYS} onchange={setWay} compact />
	{#if atHand}
		{#each FIELDS as [part, axis, label] (label)}<LengthField
				label="{label}, mat {index + 1}"
				keys={['mats', index, 'have', part, axis]}
				value={editor.typedLength(['mats', index, 'have', part, axis])}
				write={sized(part, axis)}
			/>{/each}
		<MoneyField
			label="Cost of mat {index + 1}"
			keys={['mats', index, 'have', 'price']}
			value={editor.job.bought.mats.find((one) => one.mat === index + 1)?.cents ?? null}
			currency={editor.shopIn().currency}
		/>
	{/if}
{/if}
