<script lang="ts">
	/** What is screwed to the frame, and where. */
	import { inSentence } from '$core/units/in-sentence.ts';
	import type { Hang } from '$core/figures/hang.ts';
	import { HANGERS, standsOnSides } from '$core/stations/hang/kinds/all.ts';
	import { known } from '$core/units/there.ts';
	import Figure from '$lib/ui/Figure.svelte';
	import { useWorkspace } from '../context.ts';

	type Props = { hang: Hang };
	const { hang }: Props = $props();
	const { editor } = useWorkspace();
	const shop = $derived(editor.shopIn(editor.settled.job.cutIn));
	const kind = $derived(HANGERS[hang.by]);
	const title = $derived(kind.own?.title ?? kind.single?.title ?? 'Rings');
	const drops = $derived(!kind.own || kind.own.drops !== null);
	const metal = $derived(editor.settled.job.frame?.kind === 'metal');
</script>

<div class="group">
	<h2>On the frame</h2>
	{#if hang.ring}<p>{hang.turned ? 4 : 2} × {inSentence(known(shop.rings, hang.ring).name)}</p>{/if}
	<dl class="rows">
		{#if drops}
			<dt>{title} from the top</dt>
			<dd><Figure path="hang.drop" name="Drop" value={hang.drop} /></dd>
		{/if}
		{#if standsOnSides(kind)}
			<dt>Rings from the sides</dt>
			<dd><Figure path="hang.inset" name="Inset of the rings" value={hang.inset} /></dd>
		{:else if hang.by === 'security'}
			<dt>Plates from the sides</dt>
			<dd><Figure path="hang.inset" name="Inset of the plates" value={hang.inset} /></dd>
		{/if}
		{#if hang.pilot !== undefined && !metal}
			<dt>Pilot hole</dt>
			<dd><Figure path="hang.pilot" name="Pilot hole" value={hang.pilot} /></dd>
		{/if}
		{#if hang.strip}
			<dt>{hang.wallRail ? 'Frame rail' : 'Cross strip'}</dt>
			<dd>
				<Figure path="hang.strip.width" name="Length of the strip" value={hang.strip.width} /> × <Figure
					path="hang.strip.height"
					name="Width of the strip"
					value={hang.strip.height}
				/>
			</dd>
		{/if}
		{#if hang.wire}
			<dt>The {hang.by} rises above them</dt>
			<dd><Figure path="hang.rise" name="Rise" value={hang.rise} /></dd>
			<dt>at an angle of</dt>
			<dd><Figure path="hang.angle" name="Angle" value={hang.angle} withUnit /></dd>
			<dt>and pulls with</dt>
			<dd><Figure path="hang.pullN" name="Pull in the {hang.by}" value={hang.pullN} withUnit /></dd>
			<dt>sideways at each rail</dt>
			<dd><Figure path="hang.sidewaysN" name="Sideways pull" value={hang.sidewaysN} withUnit /></dd>
			<dt>{kind.line?.title} breaking strength</dt>
			<dd><Figure path="hang.wire.breakingKg" name="Breaking strength" value={hang.wire.breakingKg} /></dd>
			<dt>cut to</dt>
			<dd><Figure path="hang.wire.length" name="Length of the {hang.by}" value={hang.wire.length} /></dd>
		{/if}
	</dl>
</div>
{#if hang.turned}
	<div class="group">
		<h2>Turned 90°, its left side up</h2>
		<dl class="rows">
			<dt>{title} from that side</dt>
			<dd><Figure path="hang.turned.drop" name="Drop, turned" value={hang.turned.drop} /></dd>
			{#if standsOnSides(kind)}
				<dt>Rings from its top and bottom</dt>
				<dd><Figure path="hang.turned.inset" name="Inset, turned" value={hang.turned.inset} /></dd>
			{/if}
			{#if hang.turned.wire}
				<dt>The {hang.turned.by} rises above them</dt>
				<dd><Figure path="hang.turned.rise" name="Rise, turned" value={hang.turned.rise} /></dd>
				<dt>cut to</dt>
				<dd>
					<Figure path="hang.turned.wire.length" name="Length of the {hang.turned.by}, turned" value={hang.turned.wire.length} />
				</dd>
			{/if}
		</dl>
	</div>
{/if}
{#if hang.stand}
	<div class="group">
		<h2>On a table</h2>
		<dl class="rows">
			<dt>Leg</dt>
			<dd><Figure path="hang.stand.leg" name="Length of the leg" value={hang.stand.leg} /></dd>
			<dt>Hinge above the bottom</dt>
			<dd><Figure path="hang.stand.hinge" name="Hinge of the leg" value={hang.stand.hinge} /></dd>
			<dt>Lower end behind that edge</dt>
			<dd><Figure path="hang.stand.foot" name="Lower end of the leg" value={hang.stand.foot} /></dd>
			<dt>Leans back</dt>
			<dd><Figure path="hang.stand.lean" name="Lean on the table" value={hang.stand.lean} withUnit /></dd>
		</dl>
	</div>
{/if}
