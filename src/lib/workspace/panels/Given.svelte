<script lang="ts">
	/** What a job that is a part is told, since nobody plans it here: sizes measured outside, what it weighs, how deep it lies. */
	import { SCOPE_OF } from '$core/job/scopes.ts';
	import LengthField from '$lib/ui/LengthField.svelte';
	import MassField from '$lib/ui/MassField.svelte';
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
	<h2>Outside sizes</h2>
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
			label={editor.job.guard.backing ? 'Thickness of the pack, without the new board' : 'Thickness of the pack'}
			keys={['given', 'pack']}
			value={editor.job.given.pack}
			look="fine"
		/>{/if}
	{#if asks.includes('mass')}<MassField label="Weight" keys={['given', 'mass']} value={editor.job.given.mass} />{/if}
	<TextField label="Contents, if known" keys={['given', 'holds']} value={editor.file.given?.holds ?? ''} lines={2} />
	<p class="quiet">If empty, the label says “not opened”.</p>
</div>
