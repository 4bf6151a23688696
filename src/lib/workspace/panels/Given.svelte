<script lang="ts">
	/** What a job that is a part is told, since nobody plans it here: sizes measured outside, what it weighs, how deep it lies. */
	import { SCOPE_OF } from '$core/job/scopes.ts';
	import LengthField from '$lib/ui/LengthField.svelte';
	import TextField from '$lib/ui/TextField.svelte';
	import { put, type Operation } from '$core/job/patch.ts';
	import { useWorkspace } from '../context.ts';

	const { editor } = useWorkspace();
	const asks = $derived(SCOPE_OF[editor.job.scope].asks);
	const outer = $derived(editor.file.given?.outer ?? {});

	function sized(next: { width: number | string } | { height: number | string }): Operation[] {
		return put(editor.file, ['given', 'outer'], { ...outer, ...next });
	}
</script>

<div class="group">
	<h2>Measured outside</h2>
	<LengthField
		label="Outer width"
		keys={['given', 'outer', 'width']}
		value={editor.typedLength(['given', 'outer', 'width'])}
		write={(width) => sized({ width })}
	/>
	<LengthField
		label="Outer height"
		keys={['given', 'outer', 'height']}
		value={editor.typedLength(['given', 'outer', 'height'])}
		write={(height) => sized({ height })}
	/>
	{#if asks.includes('recess')}<LengthField
			label="Thickness of what lies in the rabbet"
			keys={['given', 'pack']}
			value={editor.job.given.pack}
			look="fine"
		/>{/if}
	{#if asks.includes('mass')}<TextField
			label="What it weighs"
			unit="kg"
			keys={['given', 'mass']}
			value={editor.job.given.mass === null ? '' : String(editor.job.given.mass)}
			number
		/>{/if}
</div>
