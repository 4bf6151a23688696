<script lang="ts">
	/** How far the mat covers the sheet: one figure, one a side, or found by the program from the zones. */
	import { SIDES, type SideName } from '$core/geometry/shapes.ts';
	import { isAtHand } from '$core/job/at-hand.ts';
	import { put, valueAt } from '$core/job/patch.ts';
	import Figure from '$lib/ui/Figure.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import { useWorkspace } from '../context.ts';
	import { there } from '$core/units/there.ts';

	const { editor } = useWorkspace();
	const choice = $derived(editor.here.choice);
	const keys = $derived([...editor.here.windowKeys, 'overlap']);
	const opening = $derived(editor.figures.opening);
	const path = $derived(editor.figures.path);
	const asked = $derived(choice.overlap);
	const apart = $derived(typeof valueAt(editor.file, keys) === 'object' && !SIDES.every((side) => asked[side] === asked.top));
	const atHand = $derived(editor.job.mats.some(isAtHand));
	const AXES = [
		['left', 'right'],
		['top', 'bottom']
	] as const;
	/** Nothing, where the opening is larger than the sheet: the finding says so. */
	function covered(side: SideName): number | null {
		const overlap = opening?.overlap?.[side] ?? null;
		return overlap !== null && overlap < 0 ? null : overlap;
	}
	/** What was typed for the other axis. */
	function typedBut(one: SideName, other: SideName): object {
		const typed = (valueAt(editor.file, keys) ?? {}) as Partial<Record<SideName, unknown>>;
		return Object.fromEntries(Object.entries(typed).filter(([side]) => side !== one && side !== other));
	}
	let wantsSides = $state(false);
	const showsSides = $derived(apart || wantsSides);

	const overlapSide = (side: SideName) => (length: number | string) => put(editor.file, keys, { ...asked, [side]: length });

	/** What the program found becomes the decision, side by side. */
	function keepSolved() {
		const sides = there(there(opening, 'opening').overlap, 'overlap');
		editor.put(keys, Object.fromEntries(SIDES.map((side) => [side, Math.round(sides[side] * 1000) / 1000])));
	}
</script>

<div class="group">
	{#if atHand}
		<h2>Overlap</h2>
		<p class="quiet">Set by the ready-cut opening; enter one side and the other follows.</p>
		{#each AXES as [one, other] (one)}
			{#each [one, other] as side (side)}<LengthField
					label="Overlap {side}"
					keys={[...keys, side]}
					value={covered(side)}
					zero
					optional
					write={(length) => put(editor.file, keys, { ...typedBut(one, other), [side]: length })}
				/>{/each}
		{/each}
	{:else if choice.solve}
		<div class="head">
			<h2>Overlap, calculated</h2>
			<button type="button" class="btn btn-sm preset-quiet" onclick={keepSolved}>fix these figures</button>
		</div>
		<p class="quiet">The largest window that respects every zone and lets the sheet move.</p>
		{#if opening?.solved}
			<dl class="rows">
				{#each SIDES as side (side)}
					<dt>{side}{opening.solvedBy?.[side] ? `, by “${opening.solvedBy[side]}”` : ', minimum overlap'}</dt>
					<dd>
						<Figure path={path(`window.overlap.${side}`)} name="Overlap {side}" value={there(opening.overlap, 'overlap')[side]} />
					</dd>
				{/each}
			</dl>
		{/if}
		<div>
			<button type="button" class="btn btn-sm preset-quiet" onclick={() => editor.put(keys, asked.left)}>enter it myself</button>
		</div>
	{:else}
		{#if showsSides}
			<h2>Overlap</h2>
			{#each SIDES as side (side)}<LengthField
					label="Overlap {side}"
					keys={[...keys, side]}
					value={asked[side]}
					zero
					write={overlapSide(side)}
				/>{/each}
		{:else}
			<LengthField label="Overlap, each side" {keys} value={asked.top} zero />
		{/if}
		<div class="head">
			{#if showsSides}
				<button
					type="button"
					class="btn btn-sm preset-quiet"
					onclick={() => {
						wantsSides = false;
						editor.put(keys, asked.left);
					}}>the same on each side</button
				>
			{:else}
				<button type="button" class="btn btn-sm preset-quiet" onclick={() => (wantsSides = true)}>sides differ</button>
			{/if}
			{#if choice.shape === 'rectangle'}<button
					type="button"
					class="btn btn-sm preset-quiet"
					onclick={() => editor.put(keys, 'solve')}>find the largest</button
				>{/if}
		</div>
		{#if opening?.least}
			<dl class="rows">
				<dt>Minimum at the bottom, for movement</dt>
				<dd><Figure path={path('window.least.bottom')} name="Minimum overlap at the bottom" value={opening.least.bottom} /></dd>
			</dl>
		{/if}
	{/if}
</div>
