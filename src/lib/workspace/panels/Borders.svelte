<script lang="ts">
	/** The front mat's borders: even, weighted, own, or what a given pack leaves; round the window or round the motif. */
	import { SIDES } from '$core/geometry/shapes.ts';
	import { showLength, showSize } from '$core/units/show.ts';
	import { smallestAround, turnedEachWay, wholeInches } from '$core/stations/window/fit.ts';
	import Choice from '$lib/ui/Choice.svelte';
	import Figure from '$lib/ui/Figure.svelte';
	import Fold from '$lib/ui/Fold.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import { useWorkspace } from '../context.ts';
	import ImageFields from './ImageFields.svelte';
	import { nth, there } from '$core/units/there.ts';

	const { editor } = useWorkspace();
	const borders = $derived(editor.job.borders);
	/** Each way is shown as it is cut: where a bought size is reached, the borders grow. */
	const grown = $derived.by(() => {
		const border = editor.settled.plan.window?.mats[0]?.border;
		const asked = editor.settled.job.borders.asked;
		if (
			!border ||
			way === 'fit' ||
			way === 'have' ||
			SIDES.every((side) => Math.abs(border[side] - asked[side]) < editor.job.step / 2)
		)
			return '';
		const said = [...new Set(SIDES.map((side) => showLength(border[side], editor.reader, 'mark').text))];
		return `${way === 'even' ? 'Even' : way === 'weighted' ? 'Weighted' : 'Own'}, enlarged to ${said.length === 1 ? said[0] : `${said.slice(0, -1).join(', ')} and ${said.at(-1)}`}: the next size sold.`;
	});
	const way = $derived(borders.way);
	const border = $derived(editor.settled.plan.window?.mats[0]?.border);
	const pack = $derived(editor.settled.plan.window?.pack);
	/** A frame that exists gives the pack itself. */
	const ready = $derived(editor.job.frameIsThere);
	const WAYS = [
		{ value: 'even', label: 'Even' },
		{ value: 'weighted', label: 'Weighted' },
		{ value: 'own', label: 'Own' },
		{ value: 'fit', label: 'Fit' }
	] as const;
	const OWN = 'own';

	const sizes = $derived(
		turnedEachWay(editor.shopIn(editor.job.cutIn).packSizes).map(({ name, pack: size }) => ({
			value: `${size.width}x${size.height}`,
			label: name,
			size
		}))
	);
	const sections = $derived(
		pack
			? wholeInches(pack).map((size) => ({
					value: `${size.width}x${size.height}`,
					label: `Metal pairs ${showSize(size, 'in')} in`,
					size
				}))
			: []
	);
	const offered = $derived([
		{ value: OWN, label: 'custom size' },
		...sizes,
		...sections.filter((section) => !sizes.some((size) => size.value === section.value))
	]);
	const chosen = $derived.by(() => {
		const value = borders.pack ? `${borders.pack.width}x${borders.pack.height}` : OWN;
		return offered.some((one) => one.value === value) ? value : OWN;
	});

	/** The other way keeps the borders as they are, as far as it can say them. */
	function setWay(next: 'even' | 'weighted' | 'own' | 'fit') {
		const { asked: sides, width, centre } = borders;
		const kept = centre === 'motif' ? { centre } : {};
		const seen = way === 'fit' ? nth(there(editor.plan.window, 'window').mats, 0).border : sides;
		if (next === 'own') return editor.put(['borders'], { way: next, ...seen, ...kept });
		if (next === 'fit') {
			const size =
				smallestAround(editor.shopIn(editor.job.cutIn).packSizes, there(editor.plan.window, 'window').pack) ??
				there(editor.plan.window, 'window').pack;
			return editor.put(['borders'], {
				way: next,
				pack: { width: size.width, height: size.height },
				weight: borders.weight,
				...kept
			});
		}
		const even = way === 'fit' ? Math.max(1, seen.left) : width || sides.left;
		editor.put(
			['borders'],
			next === 'even'
				? { way: next, width: even, ...kept }
				: { way: next, width: even, weight: Math.max(0, seen.bottom - seen.left) || 10, ...kept }
		);
	}

	function setSize(value: string) {
		const size = offered.find((one) => one.value === value);
		if (size && 'size' in size) editor.put(['borders', 'pack'], size.size);
	}
</script>

<div class="group">
	<h2>Borders</h2>
	{#if way === 'have'}
		<p class="quiet">The front mat is ready-cut: its borders are fixed.</p>
	{:else if ready}
		<p class="quiet">
			{way === 'fit'
				? 'The frame sets the pack; borders take what is left.'
				: 'The frame is fixed: the plan shows how far these borders miss it.'}
		</p>
	{/if}
	{#if way !== 'have'}<Choice
			label="Borders"
			value={way}
			options={WAYS}
			onchange={setWay}
			undecided={editor.file.borders?.way === undefined}
			compact
		/>{/if}
	{#if way === 'have'}
		{#if border}<dl class="rows">
				{#each SIDES as side (side)}
					<dt>Border {side}</dt>
					<dd><Figure path="window.mats[0].border.{side}" name="Border {side}" value={border[side]} /></dd>
				{/each}
			</dl>{/if}
	{:else if way === 'own'}
		{#each SIDES as side (side)}<LengthField label="Border {side}" keys={['borders', side]} value={borders.asked[side]} />{/each}
	{:else if way === 'fit'}
		{#if !ready}
			<Pick label="Standard size" value={chosen} options={offered} onchange={setSize} />
			<LengthField label="Pack width" keys={['borders', 'pack', 'width']} value={borders.pack?.width ?? null} />
			<LengthField label="Pack height" keys={['borders', 'pack', 'height']} value={borders.pack?.height ?? null} />
			<p class="quiet">
				Frames are sold by the pack they take. Measure the rabbet when it arrives. <a class="anchor" href="/shop"
					>The shop’s sizes</a
				>
			</p>
		{/if}
		<LengthField label="Wider at the bottom by" keys={['borders', 'weight']} value={borders.weight} zero />
	{:else}
		<LengthField label="Border width" keys={['borders', 'width']} value={borders.width} />
		{#if way === 'weighted'}<LengthField
				label="Wider at the bottom by"
				keys={['borders', 'weight']}
				value={borders.weight}
				zero
			/>{/if}
	{/if}
	{#if grown}<p role="status">{grown}</p>{/if}
	{#if way !== 'have' && !editor.job.several && (editor.here.piece.motif || borders.centre === 'motif')}
		<Choice
			label="Centre on"
			value={borders.centre}
			options={[
				{ value: 'window', label: 'Window' },
				{ value: 'motif', label: 'Motif' }
			]}
			onchange={(value) => editor.put(['borders', 'centre'], value)}
			compact
		/>
	{/if}
	{#if !editor.job.several}
		<Fold title="Position of the motif, to centre it">
			<ImageFields part="motif" title="Limits of the motif" />
		</Fold>
	{/if}
</div>
