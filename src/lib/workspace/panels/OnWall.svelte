<script lang="ts">
	/** Nails and screws in the wall, how the picture leans there, and what hangs on them. */
	import type { Hang } from '$core/figures/hang.ts';
	import { showMass } from '$core/units/show.ts';
	import { there } from '$core/units/there.ts';
	import Figure from '$lib/ui/Figure.svelte';
	import { sideOfCentre } from '$lib/ui/words.ts';
	import { useWorkspace } from '../context.ts';

	type Props = { hang: Hang };
	const { hang }: Props = $props();
	const { editor } = useWorkspace();
	/** As it is shown, degrees. */
	const PARALLEL = 0.05;
	const frame = $derived(editor.settled.plan.frame);
	const mass = $derived(there(editor.settled.plan.mass, 'mass'));
	/** Hooks hold what hangs on them; a cleat’s rail and wall plates are screwed. */
	const word = $derived(hang.by === 'cleat' || hang.by === 'security' ? 'Screw' : 'Nail');
	const level = $derived(new Set(hang.hooks.map(({ height }) => height)).size === 1);

	function nameOf(index: number): string {
		if (hang.hooks.length === 1) return word;
		if (hang.hooks.length === 2) return index === 0 ? `Left ${word.toLowerCase()}` : `Right ${word.toLowerCase()}`;
		return `${word} ${index + 1}`;
	}
</script>

<div class="group">
	<h2>{hang.hooks.length > 0 ? 'On the wall' : 'All of it'}</h2>
	<dl class="rows">
		{#if hang.wallRail}
			<dt>Wall rail</dt>
			<dd>
				<Figure path="hang.wallRail.width" name="Length of the wall’s rail" value={hang.wallRail.width} /> × <Figure
					path="hang.wallRail.height"
					name="Width of the wall’s rail"
					value={hang.wallRail.height}
				/>
			</dd>
		{/if}
		{#each hang.hooks as hook, index (index)}
			<dt>{nameOf(index)}</dt>
			<dd>
				<Figure
					path="hang.hooks[{index}].x"
					name="{word} {index + 1}"
					value={hook.x}
					text={sideOfCentre(hook.x, editor.reader)}
				/>
				{#if !level}<Figure
						path="hang.hooks[{index}].height"
						name="Height of {word.toLowerCase()} {index + 1}"
						value={hook.height}
					/> up{/if}
			</dd>
		{/each}
		{#if level && hang.hooks[0]}
			<dt>{hang.hooks.length === 1 ? word : `${word}s`} above the floor</dt>
			<dd><Figure path="hang.hooks[0].height" name="Height of the {word.toLowerCase()}s" value={hang.hooks[0].height} /></dd>
		{/if}
		{#if hang.turned?.hooks[0]}
			<dt>Turned 90°, above the floor</dt>
			<dd>
				<Figure path="hang.turned.hooks[0].height" name="Height of the nails, turned" value={hang.turned.hooks[0].height} />
			</dd>
			{#if hang.turned.hooks.length === 2}
				<dt>left and right of the centre</dt>
				<dd>
					<Figure
						path="hang.turned.hooks[1].x"
						name="Nails from the centre, turned"
						value={there(hang.turned.hooks[1], 'nail').x}
					/>
				</dd>
			{/if}
		{/if}
		{#if hang.lean !== undefined}
			<dt>
				{Math.abs(hang.lean) < PARALLEL
					? 'Parallel to the wall, within'
					: `It leans ${hang.lean < 0 ? 'in' : 'out'} at the top by`}
			</dt>
			<dd><Figure path="hang.lean" name="Lean at the wall" value={Math.abs(hang.lean)} withUnit /></dd>
		{/if}
		<dt>Total weight</dt>
		<dd><Figure path="mass.kg" name="Total weight" value={mass.kg} /></dd>
	</dl>
	{#if hang.hooks.length > 0 && frame}<p>
			<a class="anchor" href="/level?width={frame.outer.width}">Level on this device</a>
		</p>{/if}
	{#if mass.computed !== undefined}<p class="quiet">Calculated, part by part: {showMass(mass.computed, editor.reader)}.</p>{/if}
</div>
