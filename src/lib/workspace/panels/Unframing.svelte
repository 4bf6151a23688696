<script lang="ts">
	/** What an old package held, layer by layer as it came out; what was found starts the job. */
	import { OLD_PARTS, type OldPart } from '$core/job/kinds.ts';
	import { FATE_NAMES, fates, fromUnframing, PART_NAMES } from '$core/job/from-unframing.ts';
	import { put } from '$core/job/patch.ts';
	import Fold from '$lib/ui/Fold.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import TextField from '$lib/ui/TextField.svelte';
	import { useWorkspace } from '../context.ts';
	import LayerPicture from './LayerPicture.svelte';
	import { takeStep } from '../steps.ts';

	const { editor } = useWorkspace();
	const layers = $derived(editor.file.unframing ?? []);
	const PARTS = OLD_PARTS.map((value) => ({ value, label: PART_NAMES[value] }));

	function add() {
		const next = OLD_PARTS[layers.length] ?? 'other';
		editor.put(['unframing'], [...layers, { what: next, fate: 'gone' }]);
	}

	function remove(index: number) {
		takeStep(
			editor,
			`Layer ${index + 1} removed.`,
			put(
				editor.file,
				['unframing'],
				layers.filter((_, at) => at !== index)
			)
		);
	}

	function start() {
		takeStep(editor, 'Job filled in from these layers.', fromUnframing(editor.file));
	}
</script>

<Fold
	open={editor.job.scope === 'unframe'}
	title="Taken out of an old frame{layers.length > 0 ? `, ${layers.length} layers` : ''}"
>
	<ol class="layers">
		{#each layers as layer, index (index)}
			<li>
				<Fold>
					{#snippet title()}<span class="name"
							>{index + 1} {layer.what ? PART_NAMES[layer.what] : 'A layer'}{layer.material ? `, ${layer.material}` : ''}</span
						><span class="quiet">{layer.fate ? FATE_NAMES[layer.fate] : ''}</span>{/snippet}
					<div class="fields">
						<Pick
							label="Layer {index + 1}"
							value={layer.what ?? 'other'}
							options={PARTS}
							onchange={(value) => editor.put(['unframing', index, 'what'], value as OldPart)}
						/>
						<TextField
							label="Material of layer {index + 1}"
							keys={['unframing', index, 'material']}
							value={layer.material ?? ''}
						/>
						<TextField
							label="Observations, layer {index + 1}"
							keys={['unframing', index, 'condition']}
							value={layer.condition ?? ''}
							lines={2}
						/>
						<Pick
							label="Keep layer {index + 1}?"
							value={layer.fate ?? 'gone'}
							options={fates}
							onchange={(value) => editor.put(['unframing', index, 'fate'], value)}
						/>
						<LayerPicture {index} name={layer.what ? PART_NAMES[layer.what] : 'a layer'} />
						<div>
							<button type="button" class="btn btn-sm preset-quiet" onclick={() => remove(index)}>remove layer {index + 1}</button
							>
						</div>
					</div>
				</Fold>
			</li>
		{/each}
	</ol>
	<div class="acts">
		<button type="button" class="btn btn-sm preset-outlined-brand" onclick={add}>add a layer, from the front</button>
		{#if layers.length > 0}<button type="button" class="btn btn-sm preset-quiet" onclick={start}
				>fill in the job from these layers</button
			>{/if}
	</div>
</Fold>

<style>
	.layers,
	.fields {
		display: grid;
		gap: 7px;
	}
	.fields {
		padding: 4px 0 8px;
	}
	.name {
		flex: 1;
		min-width: 0;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
		font-weight: 400;
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 6px;
		padding: 6px 0;
	}
</style>
