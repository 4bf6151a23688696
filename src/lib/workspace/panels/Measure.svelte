<script lang="ts">
	import type { JobFile } from '$core/job/definition.ts';
	import { valueAt } from '$core/job/patch.ts';
	import { belongsTo } from '$core/job/piece-fields.ts';
	import Choice from '$lib/ui/Choice.svelte';
	import Figure from '$lib/ui/Figure.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import { useWorkspace } from '../context.ts';
	import ImageFields from './ImageFields.svelte';
	import Panel from './Panel.svelte';
	import Photograph from './Photograph.svelte';
	import TwoSides from './TwoSides.svelte';
	import WindowPick from './WindowPick.svelte';
	import { there } from '$core/units/there.ts';

	const { editor } = useWorkspace();
	const keys = $derived(editor.here.pieceKeys('readings'));
	const own = $derived((valueAt(editor.file, keys.slice(0, -1)) ?? {}) as NonNullable<JobFile['piece']>);
	type Readings = NonNullable<NonNullable<JobFile['piece']>['readings']>;
	const readings = $derived((valueAt(editor.file, keys) ?? {}) as Readings);
	const four = $derived(
		['top', 'right', 'bottom', 'left', 'd1', 'd2'].some((side) => readings[side as keyof Readings] !== undefined)
	);
	/** What this kind of piece has; what was written of another kind stays to be seen. */
	const isOwn = (field: 'cockle' | 'relief' | 'image') =>
		belongsTo(editor.here.piece.kind, field, own[field] !== undefined || editor.file.piece?.[field] !== undefined);
	const read = $derived(editor.here.piece.readings);
	const measure = $derived(editor.figures.measure);
	const movement = $derived(editor.figures.movement);
	const path = $derived(editor.figures.path);

	/** In the order in which a tape goes round. */
	const SIDES = [
		['top', 'Top'],
		['right', 'Right'],
		['bottom', 'Bottom'],
		['left', 'Left']
	] as const;

	/** What was read moves along: one width stands for top and bottom, top for the one width. */
	function setFour(wanted: 'two' | 'four') {
		const { width, height, top, left, bottom, right } = readings;
		const across = width ?? top ?? bottom;
		const down = height ?? left ?? right;
		if (wanted === 'four')
			editor.put(keys, {
				...(across === undefined ? { top: undefined } : { top: across, bottom: across }),
				...(down === undefined ? {} : { left: down, right: down })
			});
		else
			editor.put(keys, {
				...(across === undefined ? {} : { width: across }),
				...(down === undefined ? {} : { height: down })
			});
	}

	/** Before anything is read, the choice of four sides has nothing in the file to stand in. */
	let wantsFour = $state(false);
	const showsFour = $derived(four || (wantsFour && readings.width === undefined && readings.height === undefined));
</script>

<Panel name="Measure" about="Measure every side: old work is seldom square.">
	<WindowPick />
	<div class="group">
		<Choice
			label="Measurements"
			value={showsFour ? 'four' : 'two'}
			options={[
				{ value: 'two', label: 'Width, height' },
				{ value: 'four', label: 'Four sides' }
			]}
			onchange={(value) => {
				wantsFour = value === 'four';
				if (read || readings.width !== undefined || readings.height !== undefined) setFour(value);
			}}
		/>
		{#if showsFour}
			{#each SIDES as [side, label] (side)}<LengthField
					{label}
					keys={[...keys, side]}
					value={readings[side] === undefined ? null : (read?.[side] ?? null)}
					optional
				/>{/each}
			<LengthField label="Diagonal, top-left to bottom-right" keys={[...keys, 'd1']} value={read?.d1 ?? null} optional />
			<LengthField label="Diagonal, top-right to bottom-left" keys={[...keys, 'd2']} value={read?.d2 ?? null} optional />
		{:else}
			<TwoSides />
		{/if}
	</div>
	<div class="group">
		<h2>Thickness</h2>
		<LengthField
			label="Thickness"
			keys={editor.here.pieceKeys('thickness')}
			value={own.thickness === undefined && editor.file.piece?.thickness === undefined ? null : editor.here.piece.thickness}
			look="fine"
			optional
		/>
		{#if isOwn('cockle')}<LengthField
				label="Highest cockle"
				keys={editor.here.pieceKeys('cockle')}
				value={own.cockle === undefined && editor.file.piece?.cockle === undefined ? null : editor.here.piece.cockle}
				look="fine"
				zero
				optional
			/>{/if}
		{#if isOwn('relief')}<LengthField
				label="Highest relief: a seal, thick paint"
				keys={editor.here.pieceKeys('relief')}
				value={own.relief === undefined && editor.file.piece?.relief === undefined ? null : editor.here.piece.relief}
				look="fine"
				zero
				optional
			/>{/if}
	</div>
	{#if isOwn('image')}<ImageFields />{/if}
	<Photograph />
	{#if measure}
		<div class="group">
			<h2>Usable size</h2>
			<dl class="rows">
				<dt>Usable width</dt>
				<dd><Figure path={path('measure.usable.width')} name="Usable width" value={measure.usable.width} /></dd>
				<dt>Usable height</dt>
				<dd><Figure path={path('measure.usable.height')} name="Usable height" value={measure.usable.height} /></dd>
				<dt>Lean at the bottom{measure.leanTakenAsZero ? ', assumed zero' : ''}</dt>
				<dd><Figure path={path('measure.lean')} name="Lean" value={measure.lean} /></dd>
				<dt>Movement across</dt>
				<dd><Figure path={path('movement.width')} name="Movement across" value={there(movement, 'movement').width} /></dd>
				<dt>up and down</dt>
				<dd><Figure path={path('movement.height')} name="Movement down" value={there(movement, 'movement').height} /></dd>
			</dl>
		</div>
	{/if}
</Panel>
