<script lang="ts">
	import { drop, put } from '$core/job/patch.ts';
	import { offered } from '$core/shop/catalogue.ts';
	import { showNumber } from '$core/units/show.ts';
	import Choice from '$lib/ui/Choice.svelte';
	import Figure from '$lib/ui/Figure.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import TextField from '$lib/ui/TextField.svelte';
	import { useWorkspace } from '../context.ts';
	import { currentShop } from '../editor.svelte.ts';
	import Panel from './Panel.svelte';
	import SchoolChoice from './SchoolChoice.svelte';
	import WindowPick from './WindowPick.svelte';

	const { editor } = useWorkspace();
	const hold = $derived(editor.figures.hold);
	const path = $derived(editor.figures.path);
	const adhesives = $derived(
		offered(currentShop().adhesives, editor.job.hold.adhesive.id)
			.filter((adhesive) => adhesive.id !== 'none')
			.map(({ id, name }) => ({ value: id, label: name }))
	);
	/** A T-hinge stands above the sheet: it would show in a float. */
	const kinds = $derived(
		[
			{ value: 't-hinge', label: 'T-hinge, behind the mat' },
			{ value: 'v-hinge', label: 'V-hinge, folded behind the sheet' },
			{ value: 'pass-through', label: 'Pass-through, in a slit of the support' },
			{ value: 'corners', label: 'Corner pockets, no adhesive' }
		].filter(
			(kind) =>
				(kind.value !== 't-hinge' && kind.value !== 'corners') || !editor.job.windows.some((window) => window.way === 'float')
		)
	);
	const counts = [
		{ value: '', label: 'by the sheet’s width' },
		...[1, 2, 3, 4, 5, 6, 7, 8].map((count) => ({ value: String(count), label: String(count) }))
	];
	const given = $derived(editor.file.hold?.count);
	const GRAINS = [
		{ value: 'unknown', label: 'Unknown' },
		{ value: 'along-width', label: 'Across' },
		{ value: 'along-height', label: 'Down' }
	] as const;

	const corners = $derived(editor.job.hold.kind === 'corners');

	/** Pockets take no adhesive and no count; hinges take paste again. */
	function setKind(kind: string) {
		const { file } = editor;
		const wasCorners = editor.job.hold.kind === 'corners';
		const adhesive =
			kind === 'corners'
				? put(file, ['hold', 'adhesive'], 'none')
				: wasCorners
					? put(file, ['hold', 'adhesive'], 'starch-paste')
					: [];
		const sizes = (kind === 'corners') === wasCorners ? [] : [...drop(file, ['hold', 'width']), ...drop(file, ['hold', 'count'])];
		editor.apply([...sizes, ...put(file, ['hold', 'kind'], kind), ...adhesive]);
	}

	function setCount(value: string) {
		if (value === '') editor.apply(drop(editor.file, ['hold', 'count']));
		else editor.put(['hold', 'count'], Number(value));
	}
</script>

<Panel name="Hold" about="Hinges at the top edge, or pockets at the corners: the sheet can move.">
	<WindowPick />
	<div class="group">
		<Pick label="Kind of hold" value={editor.job.hold.kind} options={kinds} onchange={setKind} />
		{#if corners && hold}
			<LengthField label="Leg of a pocket" keys={['hold', 'width']} value={hold.size.width} />
		{:else}
			<Pick
				label="Adhesive"
				value={editor.job.hold.adhesive.id}
				options={adhesives}
				onchange={(value) => editor.put(['hold', 'adhesive'], value)}
			/>
			<p class="quiet">
				{editor.job.hold.adhesive.release === 'none'
					? 'Nothing takes it off again.'
					: `Comes off with ${editor.job.hold.adhesive.release}.`}
			</p>
			<Pick
				label="Hinges"
				value={given === undefined ? '' : String(given)}
				options={counts.some((one) => one.value === String(given ?? ''))
					? counts
					: [...counts, { value: String(given), label: String(given) }]}
				onchange={setCount}
			/>
			{#if hold}
				<LengthField label="Width of a hinge" keys={['hold', 'width']} value={hold.size.width} />
				<LengthField label="Its reach on the sheet" keys={['hold', 'contact']} value={hold.size.height} />
			{/if}
		{/if}
	</div>
	<div class="group">
		<SchoolChoice id="hang-from" names={{ 'under-mat': 'from the under-mat', 'window-mat': 'from the window mat' }} />
		{#if !corners}<SchoolChoice id="hinge-count" names={{ 'by-width': 'by its width', one: 'one in the middle' }} />{/if}
	</div>
	<div class="group">
		<h2>The sheet</h2>
		<TextField
			label="Weight"
			unit="g/m²"
			keys={editor.here.pieceKeys('grammage')}
			value={String(editor.here.piece.grammage)}
			number
		/>
		<span class="quiet" id="grain">Its grain runs</span>
		<Choice
			label="Grain"
			value={editor.here.piece.grain}
			options={GRAINS}
			onchange={(value) => editor.put(editor.here.pieceKeys('grain'), value)}
		/>
	</div>
	{#if hold}
		<div class="group">
			{#if !corners}<h2>Where they go, from the sheet’s left</h2>
				<p class="places">
					{#each hold.places as place, index (index)}<Figure
							path={path(`hold.places[${index}]`)}
							name="Hinge {index + 1}"
							value={place}
							fine
						/>{/each}
				</p>{/if}
			<dl class="rows">
				<dt>The sheet weighs</dt>
				<dd>
					<Figure
						path={path(`hold.sheetGrams`)}
						name="Weight of the sheet"
						value={hold.sheetGrams}
						text="{showNumber(hold.sheetGrams, 0)} g"
					/>
				</dd>
				{#if !corners}<dt>Each hinge carries</dt>
					<dd>
						<Figure
							path={path(`hold.loadKPa`)}
							name="Load of a hinge"
							value={hold.loadKPa}
							text="{showNumber(hold.loadKPa)} kPa"
						/> of
						<Figure
							path={path(`hold.workingKPa`)}
							name="Working value"
							value={hold.workingKPa}
							text={showNumber(hold.workingKPa, 1)}
						/>
					</dd>
				{/if}{#if hold.tissue !== null}
					<dt>Tissue</dt>
					<dd><Figure path={path(`hold.tissue`)} name="Tissue" value={hold.tissue} text="{hold.tissue} g/m²" /></dd>
				{/if}
				{#if !corners}<dt>Under weight for</dt>
					<dd>
						<Figure path={path(`hold.dryMinutes`)} name="Drying" value={hold.dryMinutes} text="{hold.dryMinutes} min" />
					</dd>{/if}
			</dl>
		</div>
	{/if}
</Panel>

<style>
	.places {
		display: flex;
		flex-wrap: wrap;
		gap: 6px 16px;
	}
</style>
