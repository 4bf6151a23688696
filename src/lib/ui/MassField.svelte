<script lang="ts">
	/** What something weighs, as a scale has it: kilograms, or pounds and ounces. */
	import { drop, put, type Key } from '$core/job/patch.ts';
	import { readMass } from '$core/units/mass.ts';
	import { showMass } from '$core/units/show.ts';
	import { useWorkspace } from '$lib/workspace/context.ts';
	import TextField from './TextField.svelte';

	type Props = { label: string; keys: Key[]; /** kg */ value: number | null; /** It may be left out. */ optional?: boolean };
	const { label, keys, value, optional = false }: Props = $props();
	const { editor } = useWorkspace();
	const metric = $derived(editor.unit === 'mm');
	const shown = $derived(value === null ? '' : metric ? String(value) : showMass(value, editor.reader));

	function change(text: string) {
		if (optional && text.trim() === '') return drop(editor.file, keys);
		const kg = readMass(text, editor.unit);
		return kg === null
			? metric
				? 'Enter kilograms, for example 3.2.'
				: 'Enter pounds and ounces, for example 7 lb 3 oz.'
			: put(editor.file, keys, kg);
	}
</script>

<TextField {label} unit={metric ? 'kg' : 'lb, oz'} {keys} value={shown} number words={!metric} {change} />
