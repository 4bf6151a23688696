<script lang="ts">
	import { BARRIERS, BOARDS } from '$core/shop/boards.ts';
	import { GLAZINGS } from '$core/shop/glazing.ts';
	import { EDGE_SEALS } from '$core/shop/holds.ts';
	import Figure from '$lib/ui/Figure.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import { useWorkspace } from '../context.ts';
	import Panel from './Panel.svelte';

	const { editor } = useWorkspace();
	const guard = $derived(editor.job.guard);
	const pack = $derived(editor.settled.plan.pack);
	const NONE = { value: '', label: 'none' };
	const named = (items: readonly { id: string; name: string }[]) => items.map((item) => ({ value: item.id, label: item.name }));
	const boards = [NONE, ...named(BOARDS)];
	const fillers = $derived(editor.file.guard?.fillers ?? []);
	const JOINS = [
		{ value: 'gummed', label: 'Gummed tape along one edge' },
		{ value: 'paste', label: 'Paste' },
		{ value: 'transfer', label: 'Transfer tape' },
		{ value: 'spray', label: 'Sprayed glue' }
	];

	const choose = (key: string) => (value: string) => editor.put(['guard', key], value === '' ? null : value);
</script>

<Panel name="Guard" about="What keeps it safe, layer by layer from the front.">
	<div class="group">
		<Pick
			label="Glazing"
			value={guard.glazing.id}
			options={named(GLAZINGS)}
			onchange={(value) => editor.put(['guard', 'glazing'], value)}
		/>
		<p class="quiet figures">
			{guard.glazing.family === 'none'
				? 'Nothing in front of the sheet.'
				: `Stops ${guard.glazing.uvStoppedPercent} % of the UV, passes ${guard.glazing.lightPassedPercent} % of the light.`}
		</p>
		<Pick label="Under-mat" value={guard.underMat?.id ?? ''} options={boards} onchange={choose('underMat')} />
		{#each guard.fillers as filler, index (index)}
			<Pick
				label="Filler {index + 1}"
				value={filler.board.id}
				options={named(BOARDS)}
				onchange={(value) => editor.put(['guard', 'fillers', index, 'board'], value)}
			/>
			<LengthField
				label="Thickness of filler {index + 1}"
				keys={['guard', 'fillers', index, 'thickness']}
				value={filler.thickness}
			/>
			<div>
				<button
					type="button"
					class="text-press"
					onclick={() =>
						editor.put(
							['guard', 'fillers'],
							fillers.filter((_, at) => at !== index)
						)}>take filler {index + 1} out</button
				>
			</div>
		{/each}
		<div>
			<button
				type="button"
				class="text-press"
				onclick={() => editor.put(['guard', 'fillers'], [...fillers, { board: 'foam-free', thickness: 5 }])}>add a filler</button
			>
		</div>
		<Pick label="Barrier" value={guard.barrier?.id ?? ''} options={[NONE, ...named(BARRIERS)]} onchange={choose('barrier')} />
		<Pick label="Backing" value={guard.backing?.id ?? ''} options={boards} onchange={choose('backing')} />
	</div>
	<div class="group">
		<h2>Tape</h2>
		<Pick
			label="Edge seal"
			value={guard.edgeSeal?.id ?? ''}
			options={[NONE, ...named(EDGE_SEALS)]}
			onchange={choose('edgeSeal')}
		/>
		<Pick
			label="Window mat to under-mat"
			value={guard.join}
			options={JOINS}
			onchange={(value) => editor.put(['guard', 'join'], value)}
		/>
		{#if guard.join === 'transfer'}<LengthField
				label="From the join to the window"
				keys={['guard', 'joinDistance']}
				value={guard.joinDistance}
				zero
			/>{/if}
	</div>
	{#if pack}
		<div class="group">
			<h2>Depth</h2>
			<dl class="rows">
				<dt>Air over the sheet</dt>
				<dd><Figure path="pack.gap" name="Air over the sheet" value={pack.gap} fine /></dd>
				<dt>It needs</dt>
				<dd><Figure path="pack.gapNeed" name="Air needed" value={pack.gapNeed} fine /></dd>
				<dt>Glazing lying flat sags by at most</dt>
				<dd><Figure path="pack.sag" name="Sag" value={pack.sag} fine /></dd>
				<dt>Pack</dt>
				<dd><Figure path="pack.thickness" name="Pack thickness" value={pack.thickness} fine /></dd>
			</dl>
		</div>
	{/if}
</Panel>
