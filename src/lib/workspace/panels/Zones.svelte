<script lang="ts">
	import type { JobFile } from '$core/job/definition.ts';
	import { put, valueAt } from '$core/job/patch.ts';
	import { addZone, middleZone } from '$core/job/zones.ts';
	import Figure from '$lib/ui/Figure.svelte';
	import Fold from '$lib/ui/Fold.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import TextField from '$lib/ui/TextField.svelte';
	import { useWorkspace } from '../context.ts';
	import { takeStep } from '../steps.ts';
	import { nth, there } from '$core/units/there.ts';

	type FileZone = NonNullable<NonNullable<JobFile['piece']>['zones']>[number];
	const { editor } = useWorkspace();
	const keys = $derived(editor.here.pieceKeys('zones'));
	const inFile = $derived((valueAt(editor.file, keys) ?? []) as FileZone[]);
	const zones = $derived(editor.here.piece.zones);
	const measure = $derived(editor.figures.measure);
	const margins = $derived(editor.figures.opening?.zones ?? []);
	const KINDS = [
		{ value: 'show', label: 'must show' },
		{ value: 'hide', label: 'hide' },
		{ value: 'keep-off', label: 'keep off' }
	];

	function remove(index: number) {
		const left = inFile.filter((_, at) => at !== index);
		takeStep(editor, `${zones[index]?.id ?? 'The zone'} removed.`, put(editor.file, keys, left));
	}

	function add() {
		editor.apply(addZone(editor.file, editor.here.number, 'show', middleZone(there(measure, 'measure').mean)));
	}
</script>

<div class="group">
	<div class="head">
		<h2>Zones on the sheet</h2>
		{#if measure}<button type="button" class="btn btn-sm preset-quiet" onclick={add}>add a zone</button>{/if}
	</div>
	{#if margins.length > 0}<p class="quiet">Figures show the distance to the window’s edge.</p>{/if}
	{#each zones as zone, index (index)}
		{@const at = margins.findIndex(({ id }) => id === zone.id)}
		<div class="zone">
			<Fold>
				{#snippet title()}<span class="zone-sign {zone.kind}" aria-hidden="true"></span>
					{KINDS.find((kind) => kind.value === zone.kind)?.label} · {zone.id}{/snippet}
				<div class="fields">
					<TextField label="Name of zone {index + 1}" keys={[...keys, index, 'id']} value={zone.id} />
					<Pick
						label="Rule, zone {index + 1}"
						value={zone.kind}
						options={KINDS}
						onchange={(value) => editor.put([...keys, index, 'kind'], value)}
					/>
					<LengthField label="From the left" keys={[...keys, index, 'left']} value={zone.left} zero />
					<LengthField label="From the top" keys={[...keys, index, 'top']} value={zone.top} zero />
					<LengthField label="Zone width" keys={[...keys, index, 'width']} value={zone.width} />
					<LengthField label="Zone height" keys={[...keys, index, 'height']} value={zone.height} />
					<div>
						<button type="button" class="btn btn-sm preset-quiet" onclick={() => remove(index)}>remove zone {index + 1}</button>
					</div>
				</div>
			</Fold>
			{#if at >= 0}<span class="margin"
					><Figure
						path={editor.figures.path(`window.zones[${at}].margin`)}
						name="From {zone.id} to the window’s edge"
						value={nth(margins, at).margin}
					/></span
				>{/if}
		</div>
	{/each}
</div>

<style>
	.zone {
		display: grid;
		grid-template-columns: 1fr auto;
	}
	.zone:has(> :global([data-part='root'] [data-state='open'])) > :global([data-part='root']) {
		grid-column: 1 / -1;
	}
	.margin {
		line-height: var(--control);
	}
	.zone-sign {
		width: 14px;
		height: 12px;
		border: 2px solid var(--accent);
	}
	.zone-sign.hide {
		border: 2px dashed var(--stop);
	}
	.zone-sign.keep-off {
		border: 2px dotted var(--caution);
	}
	.fields {
		display: grid;
		gap: 7px;
		padding: 4px 0 8px 22px;
	}
</style>
