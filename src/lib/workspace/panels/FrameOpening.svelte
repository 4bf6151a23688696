<script lang="ts">
	/** The rabbet of a frame that is there already, as the tape reads it; which corner is out, and the glazing that follows it. */
	import { CORNERS, LITE_FIGURES } from '$core/stations/frame/lite.ts';
	import Choice from '$lib/ui/Choice.svelte';
	import Figure from '$lib/ui/Figure.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import { useWorkspace } from '../context.ts';
	import { nth } from '$core/units/there.ts';

	const { editor } = useWorkspace();
	const opening = $derived(editor.file.frame?.opening ?? {});
	const read = $derived(editor.job.rabbet);
	const frame = $derived(editor.settled.plan.frame);
	// svelte-ignore state_referenced_locally
	let four = $state(opening.top !== undefined || opening.left !== undefined);
	const SIDES = [
		['top', 'Top'],
		['right', 'Right'],
		['bottom', 'Bottom'],
		['left', 'Left'],
		['d1', 'Diagonal, top-left to bottom-right'],
		['d2', 'Diagonal, top-right to bottom-left']
	] as const;
	const LITE: Record<(typeof LITE_FIGURES)[number], string> = {
		top: 'Top',
		right: 'Right',
		bottom: 'Bottom',
		left: 'Left',
		d1: 'Diagonal from the top left',
		d2: 'Diagonal from the top right'
	};

	/** What was read moves along. */
	function setFour(wanted: 'two' | 'four') {
		const { width, height, top, left, bottom, right } = opening;
		const [across, down] = [width ?? top ?? bottom, height ?? left ?? right];
		const written = (named: Record<string, number | string | undefined>) =>
			Object.fromEntries(Object.entries(named).filter(([, length]) => length !== undefined));
		four = wanted === 'four';
		editor.put(
			['frame', 'opening'],
			written(four ? { top: across, bottom: across, left: down, right: down } : { width: across, height: down })
		);
	}
</script>

<div class="group">
	<h2>Its {editor.job.frame?.kind === 'metal' ? 'channel' : 'rabbet'}, as measured</h2>
	<Choice
		label="Rabbet measurements"
		value={four ? 'four' : 'two'}
		options={[
			{ value: 'two', label: 'Width, height' },
			{ value: 'four', label: 'Four sides' }
		]}
		onchange={setFour}
	/>
	{#if four}
		{#each SIDES as [side, label] (side)}<LengthField
				{label}
				keys={['frame', 'opening', side]}
				value={opening[side] === undefined ? null : (read?.[side] ?? editor.typedLength(['frame', 'opening', side]))}
				optional={side === 'd1' || side === 'd2'}
			/>{/each}
	{:else}
		<LengthField
			label="Width"
			keys={['frame', 'opening', 'width']}
			value={read?.top ?? editor.typedLength(['frame', 'opening', 'width'])}
		/>
		<LengthField
			label="Height"
			keys={['frame', 'opening', 'height']}
			value={read?.left ?? editor.typedLength(['frame', 'opening', 'height'])}
		/>
	{/if}
</div>
{#if frame?.cornersOut}
	<div class="group">
		<h2>Out of square</h2>
		<dl class="rows">
			{#each CORNERS as corner, index (corner)}
				<dt class="corner">{corner.replace('-', ' ')} corner</dt>
				<dd>
					{nth(frame.cornersOut, index) >= 0 ? 'open by' : 'closed by'}
					<Figure path="frame.cornersOut[{index}]" name="Corner {corner}" value={Math.abs(nth(frame.cornersOut, index))} />
				</dd>
			{/each}
		</dl>
		{#if frame.lite}
			<p>The glazing is cut to follow it:</p>
			<dl class="rows">
				{#each LITE_FIGURES as figure (figure)}
					<dt>{LITE[figure]}</dt>
					<dd><Figure path="frame.lite.{figure}" name="Pane, {LITE[figure]}" value={frame.lite[figure]} /></dd>
				{/each}
			</dl>
		{/if}
	</div>
{/if}

<style>
	.corner::first-letter {
		text-transform: uppercase;
	}
</style>
