<script lang="ts">
	import { drop } from '$core/job/patch.ts';
	import { SCHOOLS } from '$core/job/schools.ts';
	import { offered } from '$core/shop/stocked.ts';
	import { showSize } from '$core/units/show.ts';
	import Choice from '$lib/ui/Choice.svelte';
	import DayField from '$lib/ui/DayField.svelte';
	import Figure from '$lib/ui/Figure.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import TextField from '$lib/ui/TextField.svelte';
	import { lowered } from '$lib/ui/words.ts';
	import { useWorkspace } from '../context.ts';
	import HoldKinds from './HoldKinds.svelte';
	import HoldLoad from './HoldLoad.svelte';
	import HouseChoices from './HouseChoices.svelte';
	import Panel from './Panel.svelte';
	import Schools from './Schools.svelte';
	import WindowPick from './WindowPick.svelte';
	import { isFolded, isHinge } from '$core/job/hold-kinds.ts';
	import { known, there } from '$core/units/there.ts';

	const { editor } = useWorkspace();
	const hold = $derived(editor.figures.hold);
	const movement = $derived(editor.figures.movement);
	const path = $derived(editor.figures.path);
	const kind = $derived(editor.job.hold.kind);
	const sticks = $derived(isHinge(kind) || kind === 'whole-surface' || editor.job.hold.adhesive.family !== 'none');
	const adhesives = $derived(
		offered(editor.shopIn(editor.job.cutIn).adhesives, editor.job.hold.adhesive.id)
			.filter(({ id, family }) => id !== 'none' && (kind !== 'whole-surface' || family === 'whole-surface' || family === 'glue'))
			.map(({ id, name }) => ({ value: id, label: name }))
	);
	const given = $derived(editor.file.hold?.count);
	const byHand = $derived(editor.file.hold?.places !== undefined);
	const counts = $derived([
		{ value: '', label: byHand ? 'set by hand' : 'from sheet width' },
		...[1, 2, 3, 4, 5, 6, 7, 8].map((count) => ({ value: String(count), label: String(count) }))
	]);
	/** What a conservator chose is written down, for whoever opens it next. */
	const CHOSEN = [
		['used', 'Adhesive or method'],
		['release', 'How it comes off'],
		['by', 'Who chose it']
	] as const;
	const GRAINS = [
		{ value: 'unknown', label: 'Unknown' },
		{ value: 'along-width', label: 'Across' },
		{ value: 'along-height', label: 'Down' }
	] as const;
	const COCKLE = there(
		SCHOOLS.find(({ id }) => id === 'cockle'),
		'value'
	);
	const isSheet = $derived(['paper', 'photograph', 'vellum'].includes(editor.here.piece.kind));

	/** A count puts hinges that were set by hand back in their even places. */
	function setCount(value: string) {
		const { places: _, count: __, ...rest } = editor.file.hold ?? {};
		editor.put(['hold'], value === '' ? rest : { ...rest, count: Number(value) });
	}
</script>

<Panel name="Hold" about="How the piece is held, and how far it can move.">
	<WindowPick />
	<div class="group">
		<HoldKinds />
		{#if editor.here.piece.cockle > 0 && isSheet && editor.here.piece.kind !== 'vellum'}
			<p class="quiet">
				A sheet that cockles. Let it move: {lowered(known(COCKLE.because, 'let-move'))} Mount it overall: {lowered(
					known(COCKLE.because, 'stick-down')
				)}
			</p>
		{/if}
	</div>
	{#if hold}
		<div class="group">
			{#if sticks && adhesives.length > 0}
				<Pick
					label="Adhesive"
					value={editor.job.hold.adhesive.id}
					options={adhesives}
					onchange={(value) => editor.put(['hold', 'adhesive'], value)}
				/>
				<p class="quiet">
					{editor.job.hold.adhesive.release === 'none'
						? 'Cannot be removed.'
						: `Comes off with ${editor.job.hold.adhesive.release}.`}
				</p>
			{/if}
			{#if kind === 'conservator'}
				{#each CHOSEN as [key, label] (key)}<TextField
						{label}
						keys={['hold', 'chosen', key]}
						value={editor.file.hold?.chosen?.[key] ?? ''}
					/>{/each}
				<DayField label="Date" keys={['hold', 'chosen', 'on']} value={editor.file.hold?.chosen?.on ?? ''} />
			{/if}
			{#if isHinge(kind)}
				<Pick
					label="Hinges"
					value={given === undefined ? '' : String(given)}
					options={counts.some((one) => one.value === String(given ?? ''))
						? counts
						: [...counts, { value: String(given), label: String(given) }]}
					onchange={setCount}
				/>
				<LengthField label="Width of a hinge" keys={['hold', 'width']} value={hold.size.width} />
				<LengthField label="Reach onto the sheet" keys={['hold', 'contact']} value={hold.size.height} />
				<HoldLoad {hold} />
			{:else if kind === 'corners'}
				<LengthField label="Pocket leg" keys={['hold', 'width']} value={hold.size.width} />
			{:else if hold.strips}
				<LengthField label="Reach onto the sheet" keys={['hold', 'contact']} value={hold.size.height} />
			{/if}
			{#if isFolded(kind) && hold.slack}
				<LengthField label="Slack across, total" keys={['hold', 'slack', 'width']} value={hold.slack.width} zero />
				<LengthField label="Slack up and down, total" keys={['hold', 'slack', 'height']} value={hold.slack.height} zero />
			{/if}
		</div>
		<div class="group">
			<h2>Movement</h2>
			<dl class="rows">
				<dt>Fixed edges</dt>
				<dd>
					{hold.fixed.length === 0 ? 'none' : hold.fixed.length === 4 ? 'all four' : hold.fixed.join(', ')}
				</dd>
				{#if movement}
					<dt>Movement over a year</dt>
					<dd>
						<Figure path={path('movement.width')} name="Movement across" value={movement.width} /> ×
						<Figure path={path('movement.height')} name="Movement down" value={movement.height} />
					</dd>
				{/if}
				{#each ['width', 'height'] as const as axis (axis)}
					{#if hold.bulge?.[axis] !== undefined}
						<dt>Estimated bulge, {axis === 'width' ? 'across' : 'down'}</dt>
						<dd><Figure path={path(`hold.bulge.${axis}`)} name="Bulge" value={hold.bulge[axis]} /></dd>
					{/if}
				{/each}
			</dl>
			{#if hold.bulge}<p class="quiet">An estimate: a sheet that can’t expand bulges.</p>{/if}
		</div>
		<div class="group">
			<h2>Figures</h2>
			{#if hold.places.length > 0}
				<p>Centres from the left, front view</p>
				<p class="places">
					{#each hold.places as place, index (index)}<Figure
							path={path(`hold.places[${index}]`)}
							name="Hinge {index + 1}"
							value={place}
						/>{/each}
					{#if byHand}<button
							type="button"
							class="btn btn-sm preset-quiet"
							onclick={() => editor.apply(drop(editor.file, ['hold', 'places']))}>space evenly</button
						>{/if}
				</p>
				{#if isHinge(kind) && !editor.job.several}<p class="quiet">Drag them along the edge in the Back view.</p>{/if}
			{/if}
			<dl class="rows">
				<dt>{isSheet ? 'The sheet weighs' : 'The piece weighs'}</dt>
				<dd>
					<Figure path={path(`hold.sheetGrams`)} name="Weight of the sheet" value={hold.sheetGrams} />
				</dd>
				{#if hold.tissue !== null}
					<dt>Tissue</dt>
					<dd><Figure path={path(`hold.tissue`)} name="Tissue" value={hold.tissue} withUnit /></dd>
				{/if}
				{#if hold.cross && kind === 't-hinge'}
					<dt>Cross-pieces</dt>
					<dd>{showSize(hold.cross, editor.reader, 'mark')}</dd>
				{/if}
				{#if hold.cloth}
					<dt>Cloth, with turn-in</dt>
					<dd>
						<Figure path={path('hold.cloth.width')} name="Cloth width" value={hold.cloth.width} /> ×
						<Figure path={path('hold.cloth.height')} name="Cloth height" value={hold.cloth.height} />
					</dd>
					<dt>Stitches</dt>
					<dd><Figure path={path('hold.count')} name="Stitches" value={hold.count} text={String(hold.count)} /></dd>
				{/if}
				{#if hold.dryMinutes > 0}
					<dt>Weighted for</dt>
					<dd>
						<Figure path={path(`hold.dryMinutes`)} name="Drying" value={hold.dryMinutes} />
					</dd>
				{/if}
			</dl>
		</div>
	{/if}
	{#if isSheet}
		<div class="group">
			<h2>The sheet</h2>
			<TextField
				label="Weight"
				unit="g/m²"
				keys={editor.here.pieceKeys('grammage')}
				value={String(editor.here.piece.grammage)}
				number
			/>
			<span class="quiet" id="grain">Grain direction</span>
			<Choice
				label="Grain"
				value={editor.here.piece.grain}
				options={GRAINS}
				onchange={(value) => editor.put(editor.here.pieceKeys('grain'), value)}
			/>
		</div>
	{/if}
	<Schools at="hold" />
	<HouseChoices at="hold" />
</Panel>

<style>
	.places {
		display: flex;
		flex-wrap: wrap;
		gap: 6px 16px;
	}
</style>
