<script lang="ts">
	/** What belongs with the piece: papers, an inscription, a signature, a title plate; each stands in steps, label and drawing. */
	import { put } from '$core/job/patch.ts';
	import Flag from '$lib/ui/Flag.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import TextField from '$lib/ui/TextField.svelte';
	import { useWorkspace } from '../context.ts';

	const { editor } = useWorkspace();
	const belongs = $derived(editor.file.belongs ?? {});
	const decided = $derived(editor.job.belongs);
	const where = $derived(
		{ label: 'on the label', mat: 'on the mat', print: 'in the print’s margin' }[editor.job.schools['inscription'] ?? 'label'] ??
			'on the label'
	);
</script>

<div class="group">
	<h2>Papers and plate</h2>
	<TextField
		label="Certificates, invoices, notes: one a line"
		keys={['belongs', 'papers']}
		value={(belongs.papers ?? []).join('\n')}
		lines={2}
		write={(text) => put(editor.file, ['belongs', 'papers'], text === '' ? [] : text.split('\n'))}
	/>
	<TextField label="Inscription, {where}" keys={['belongs', 'inscription']} value={belongs.inscription ?? ''} />
	{#if editor.job.mats.length > 0}<Flag
			label="Artist signs the mat"
			value={decided.signed}
			onchange={(on) => editor.put(['belongs', 'signed'], on)}
		/>{/if}
	<TextField label="Title plate on the bottom rail" keys={['belongs', 'plate', 'text']} value={belongs.plate?.text ?? ''} />
	{#if decided.plate}
		<LengthField label="Width of the plate" keys={['belongs', 'plate', 'width']} value={decided.plate.width} />
		<LengthField label="Height of the plate" keys={['belongs', 'plate', 'height']} value={decided.plate.height} />
	{/if}
</div>
