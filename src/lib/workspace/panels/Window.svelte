<script lang="ts">
	import { drop, put } from '$core/job/patch.ts';
	import { offered } from '$core/shop/stocked.ts';
	import { SIDES, type SideName } from '$core/geometry/shapes.ts';
	import { showLength } from '$core/units/show.ts';
	import { decidingLimit, limitsOf, setbackOf, type Limit } from '$core/stations/window/ranges.ts';
	import Combo from '$lib/ui/Combo.svelte';
	import Choice from '$lib/ui/Choice.svelte';
	import Figure from '$lib/ui/Figure.svelte';
	import Flag from '$lib/ui/Flag.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import { useWorkspace } from '../context.ts';
	import Borders from './Borders.svelte';
	import ImageFields from './ImageFields.svelte';
	import Mats from './Mats.svelte';
	import Overlap from './Overlap.svelte';
	import HouseChoices from './HouseChoices.svelte';
	import Panel from './Panel.svelte';
	import ReadySizes from './ReadySizes.svelte';
	import SeveralWindows from './SeveralWindows.svelte';
	import WindowPick from './WindowPick.svelte';
	import Zones from './Zones.svelte';
	import { there } from '$core/units/there.ts';

	const { editor } = useWorkspace();
	const choice = $derived(editor.here.choice);
	const keys = $derived(editor.here.windowKeys);
	const opening = $derived(editor.figures.opening);
	const path = $derived(editor.figures.path);
	const matted = $derived(editor.job.mats.length > 0);
	const whole = $derived(editor.settled.plan.window);

	/** What first stops a shifted sheet, on each axis. */
	const limits = $derived.by(() => {
		const { measure, hold } = editor.figures;
		if (!opening || !measure || !hold) return null;
		const { house } = editor.shopIn(editor.job.cutIn);
		return limitsOf({
			piece: editor.here.piece,
			choice,
			measure,
			opening,
			hold,
			mat: editor.job.mats.at(-1) ?? null,
			setback: setbackOf(editor.settled.plan.window, editor.job),
			house
		});
	});
	function limitOf(axis: 'width' | 'height'): string {
		const deciding = limits && decidingLimit(limits, axis, 'right');
		return deciding ? saidBy(deciding.by) : '';
	}
	function saidBy(by: Limit['by']): string {
		if ('edge' in by) return `the ${by.edge} edge`;
		if ('zone' in by) return `“${by.zone}”`;
		if ('image' in by) return `the image’s ${by.image} edge`;
		if ('strip' in by) return `the lift’s ${by.strip} strip`;
		return by.hold === 'pocket' ? 'the pockets' : 'the strips';
	}
	/** Nobody lays a sheet nearer than this by eye. */
	const EXACTLY = 1;

	const WAYS = [
		{ value: 'cover', label: 'Cover' },
		{ value: 'reveal', label: 'Reveal' },
		{ value: 'float', label: 'Float' }
	] as const;
	/** A reveal is paper seen inside a mat. */
	const ways = $derived(editor.job.mats.length > 0 ? WAYS : WAYS.filter(({ value }) => value !== 'reveal'));
	const ABOUT = {
		cover: 'The mat covers the sheet’s edge all round.',
		reveal: 'The image shows with a margin of paper.',
		float: 'The whole sheet shows, on a hidden support.'
	};
	const WITHOUT_MAT = {
		cover: 'It goes straight into the frame; the lip covers its edge.',
		float: 'It is in a box frame, with an even gap all round.'
	};
	const SHAPES = [
		{ value: 'rectangle', label: 'Rectangle' },
		{ value: 'oval', label: 'Oval' },
		{ value: 'circle', label: 'Circle' },
		{ value: 'arch', label: 'Arch' }
	];
	const supports = offered(editor.shopIn(editor.job.cutIn).boards, editor.job.windows.find((one) => one.support)?.support?.id)
		.filter((board) => !board.woodFibre && board.growth === 'paper')
		.map(({ id, name }) => ({ value: id, label: name }));

	/** The house’s way is pressed to decide for it. */
	const undecided = $derived(editor.file.window?.way === undefined);

	/** In one mat all windows float, or none does. */
	function setWay(way: 'cover' | 'reveal' | 'float') {
		const others = (editor.file.window?.openings ?? []).flatMap((opening, index) =>
			opening.way === undefined || (way !== 'float' && opening.way !== 'float')
				? []
				: put(editor.file, ['window', 'openings', index, 'way'], way)
		);
		const lone = editor.job.several && way !== 'float' && choice.way !== 'float' ? keys : ['window'];
		editor.apply([...put(editor.file, [...lone, 'way'], way), ...others]);
	}

	const revealSide = (side: SideName) => (length: number | string) =>
		put(editor.file, [...keys, 'reveal'], { ...choice.reveal, [side]: length });
</script>

<Panel name="Window" about="What shows, and what the mat covers.">
	<WindowPick />
	<div class="group">
		<Choice label="Cover, reveal or float" value={choice.way} options={ways} onchange={setWay} {undecided} />
		<p class="quiet">{matted ? ABOUT[choice.way] : WITHOUT_MAT[choice.way as 'cover' | 'float']}</p>
		{#if matted}<Pick
				label="Shape of the window"
				value={choice.shape}
				options={SHAPES}
				onchange={(value) => editor.put([...keys, 'shape'], value)}
			/>{/if}
	</div>
	{#if choice.way === 'cover'}
		{#if matted}<Overlap />{/if}
	{:else if choice.way === 'reveal'}
		<div class="group">
			<h2>Paper showing round the image</h2>
			{#each SIDES as side (side)}<LengthField
					label="Reveal {side}"
					keys={[...keys, 'reveal', side]}
					value={choice.reveal[side]}
					zero
					write={revealSide(side)}
				/>{/each}
		</div>
		<ImageFields />
		{#if opening?.overlap}
			<div class="group">
				<h2>Paper left behind the mat</h2>
				<dl class="rows">
					{#each SIDES as side (side)}
						<dt>{side}, minimum {showLength(there(opening.least, 'least')[side], editor.reader, 'least').text}</dt>
						<dd><Figure path={path(`window.overlap.${side}`)} name="Paper left {side}" value={opening.overlap[side]} /></dd>
					{/each}
				</dl>
			</div>
		{/if}
	{:else}
		<div class="group">
			<LengthField label={matted ? 'Gap round the sheet' : 'Gap to the rabbet'} keys={[...keys, 'gap']} value={choice.gap} zero />
			<Choice
				label="Float fixed to"
				value={choice.support ? 'support' : 'flat'}
				options={[
					{ value: 'support', label: 'A hidden support' },
					{ value: 'flat', label: 'Flat on the board' }
				]}
				onchange={(value) =>
					value === 'flat' ? editor.put(['window', 'support'], null) : editor.apply(drop(editor.file, ['window', 'support']))}
			/>
			{#if choice.support}
				<LengthField label="Support set back by" keys={[...keys, 'setBack']} value={choice.setBack} zero />
				<Combo
					label="Board of the support"
					value={choice.support.id}
					options={supports.some((one) => one.value === there(choice.support, 'support').id)
						? supports
						: [...supports, { value: choice.support.id, label: choice.support.name }]}
					onchange={(value) => editor.put(['window', 'support'], value)}
				/>
				<Flag
					label="Full size, undercut edge"
					value={choice.bevelledSupport}
					onchange={(on) =>
						editor.apply([
							...put(editor.file, [...keys, 'supportEdge'], on ? 'bevelled' : 'square'),
							...drop(editor.file, [...keys, 'setBack'])
						])}
				/>
			{/if}
			{#if opening?.support}
				<dl class="rows">
					<dt>Support size</dt>
					<dd>
						<Figure path={path('window.support.width')} name="Support width" value={opening.support.width} /> × <Figure
							path={path('window.support.height')}
							name="Support height"
							value={opening.support.height}
						/>
					</dd>
				</dl>
			{/if}
		</div>
	{/if}
	{#if matted}
		<SeveralWindows />
		<Borders />
		<ReadySizes />
	{/if}
	<Mats />
	<Zones />
	<HouseChoices at="window" />
	{#if whole && opening}
		<div class="group">
			<h2>{editor.job.guard.underMat ? 'Position on the back mat' : 'Position in the pack'}</h2>
			<dl class="rows">
				<dt>Its corner, from the left edge</dt>
				<dd>
					<Figure path={path('window.placement.left')} name="Placement from the left" value={opening.placement.left} />
				</dd>
				<dt>from the top edge</dt>
				<dd><Figure path={path('window.placement.top')} name="Placement from the top" value={opening.placement.top} /></dd>
				{#if opening.tolerance && opening.free}
					{#each [['width', 'across'], ['height', 'up and down']] as const as [axis, word] (axis)}
						<dt>Tolerance, {word}{limitOf(axis) ? `, by ${limitOf(axis)}` : ''}</dt>
						<dd>
							± <Figure
								path={path(`window.tolerance.${axis}`)}
								name="Tolerance {word}"
								value={Math.max(0, opening.tolerance[axis])}
							/>
						</dd>
					{/each}
				{/if}
				<dt>All boards</dt>
				<dd>
					<Figure path="window.pack.width" name="Pack width" value={whole.pack.width} /> × <Figure
						path="window.pack.height"
						name="Pack height"
						value={whole.pack.height}
					/>
				</dd>
			</dl>
			{#if opening.tolerance && opening.free}
				{#if Math.min(opening.tolerance.width, opening.tolerance.height) < EXACTLY}<p><strong>Place it exactly.</strong></p>{/if}
				<p class="quiet">
					Nothing shows wrong within ±
					<Figure path={path('window.free.width')} name="Free range across" value={opening.free.width} /> across, ±
					<Figure path={path('window.free.height')} name="Free range up and down" value={opening.free.height} /> up and down.
				</p>
			{/if}
		</div>
	{/if}
</Panel>
