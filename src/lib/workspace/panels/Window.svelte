<script lang="ts">
	import { put } from '$core/job/patch.ts';
	import { SIDES, type SideName } from '$core/geometry/shapes.ts';
	import Choice from '$lib/ui/Choice.svelte';
	import Figure from '$lib/ui/Figure.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import { useWorkspace } from '../context.ts';
	import Mats from './Mats.svelte';
	import Panel from './Panel.svelte';
	import Zones from './Zones.svelte';

	const { editor } = useWorkspace();
	const asked = $derived(editor.job.window.overlap);
	const apart = $derived(typeof editor.file.window?.overlap === 'object' && !SIDES.every((side) => asked[side] === asked.top));
	let wantsSides = $state(false);
	const showsSides = $derived(apart || wantsSides);
	const borders = $derived(editor.job.borders);
	const window = $derived(editor.settled.plan.window);
	const way = $derived(borders.way);

	const WAYS = [
		{ value: 'even', label: 'Even' },
		{ value: 'weighted', label: 'Weighted' },
		{ value: 'own', label: 'Own' }
	] as const;

	/** The other way keeps the borders as they are, as far as it can say them. */
	function setWay(next: 'even' | 'weighted' | 'own') {
		const { asked: sides, width } = borders;
		if (next === 'own') editor.put(['borders'], { way: next, ...sides });
		else
			editor.put(
				['borders'],
				next === 'even'
					? { way: next, width: width || sides.left }
					: { way: next, width: sides.left, weight: Math.max(0, sides.bottom - sides.left) || 10 }
			);
	}

	const overlapSide = (side: SideName) => (length: number | string) =>
		put(editor.file, ['window', 'overlap'], { ...asked, [side]: length });
</script>

<Panel name="Window" about="What shows, and how the mat stands round it.">
	<div class="group">
		{#if showsSides}
			<h2>Overlap</h2>
			{#each SIDES as side (side)}<LengthField
					label="Overlap {side}"
					keys={['window', 'overlap', side]}
					value={asked[side]}
					zero
					write={overlapSide(side)}
				/>{/each}
			<div>
				<button
					type="button"
					class="text-press"
					onclick={() => {
						wantsSides = false;
						editor.put(['window', 'overlap'], asked.left);
					}}>the same on each side</button
				>
			</div>
		{:else}
			<LengthField label="Overlap, each side" keys={['window', 'overlap']} value={asked.top} zero />
			<div><button type="button" class="text-press" onclick={() => (wantsSides = true)}>sides differ</button></div>
		{/if}
		{#if window}
			<dl class="rows">
				<dt>Least that the sheet’s movement allows, at the foot</dt>
				<dd><Figure path="window.least.bottom" name="Least overlap at the foot" value={window.least.bottom} fine /></dd>
				<dt>The sheet may be off by, across</dt>
				<dd>± <Figure path="window.free.width" name="Free range across" value={window.free.width} fine /></dd>
				<dt>and down</dt>
				<dd>± <Figure path="window.free.height" name="Free range down" value={window.free.height} fine /></dd>
			</dl>
		{/if}
	</div>
	<div class="group">
		<h2>Borders</h2>
		<Choice label="Borders" value={way} options={WAYS} onchange={setWay} />
		{#if way === 'own'}
			{#each SIDES as side (side)}<LengthField
					label="Border {side}"
					keys={['borders', side]}
					value={borders.asked[side]}
				/>{/each}
		{:else}
			<LengthField label="Border width" keys={['borders', 'width']} value={borders.width} />
			{#if way === 'weighted'}<LengthField
					label="Wider at the bottom by"
					keys={['borders', 'weight']}
					value={borders.weight}
					zero
				/>{/if}
		{/if}
	</div>
	<Mats />
	<Zones />
	{#if window}
		<div class="group">
			<h2>Where the sheet lies on the under-mat</h2>
			<dl class="rows">
				<dt>Its corner, from the left edge</dt>
				<dd><Figure path="window.placement.left" name="Placement from the left" value={window.placement.left} fine /></dd>
				<dt>from the top edge</dt>
				<dd><Figure path="window.placement.top" name="Placement from the top" value={window.placement.top} fine /></dd>
				<dt>All boards</dt>
				<dd>
					<Figure path="window.pack.width" name="Pack width" value={window.pack.width} /> × <Figure
						path="window.pack.height"
						name="Pack height"
						value={window.pack.height}
					/>
				</dd>
			</dl>
		</div>
	{/if}
</Panel>
