<script lang="ts">
	/** The job sheet's lines about the back and the wall: tapes, dust cover, rings, wire and nails. */
	import type { Size } from '$core/geometry/shapes.ts';
	import { HANGERS, standsOnSides } from '$core/stations/hang/kinds/all.ts';
	import { showLength } from '$core/units/show.ts';
	import { known, nth } from '$core/units/there.ts';
	import { sideOfCentre } from '$lib/ui/words.ts';
	import type { Printed } from './planned.ts';

	const { plan, job, shop, text, withUnit }: Printed = $props();
	const unit = $derived(job.reader.unit);
	const { back, hang } = $derived(plan);
	const kind = $derived(hang ? HANGERS[hang.by] : null);
	const onSides = $derived(kind !== null && standsOnSides(kind));
	/** What is measured from the frame’s top. */
	const drops = $derived.by(() => {
		if (!kind || (kind.own && !kind.own.drops)) return '';
		return kind.own || kind.single
			? `${kind.rings} from the top${hang?.by === 'security' ? ', the sides' : ''}`
			: 'rings from the top, the sides';
	});
	/** Where hardware is that nobody here screws on. */
	const there = $derived.by(() => {
		const { hangersAt: at } = job.kept;
		if (!at) return '';
		return at.inset === null ? mark(at.drop) : `${mark(at.drop)}, ${mark(at.inset)}`;
	});
	const mark = (mm: number) => showLength(mm, job.reader, 'mark').text;
	const nails = $derived(hang?.by === 'cleat' || hang?.by === 'security' ? 'screws' : 'nails');
	const of = $derived([back && 'Back', hang && 'hanging'].filter(Boolean).join(' and '));
	const size = ({ width, height }: Size, path: string) => `${text(width, `${path}.width`)} × ${text(height, `${path}.height`)}`;
</script>

<table>
	<caption>{of === 'hanging' ? 'Hanging' : of}, {unit}</caption>
	<tbody>
		{#if back?.board}<tr><th scope="row">new board</th><td>{size(back.board, 'back.board')}</td></tr>{/if}
		{#if back?.edgeSeal}<tr
				><th scope="row">edge seal, width, length</th><td
					>{text(back.edgeSeal.stock, 'back.edgeSeal.stock')}, {text(back.edgeSeal.length, 'back.edgeSeal.length')}</td
				></tr
			>{/if}
		{#if back?.tape}
			<tr
				><th scope="row">back tape, {job.back.seal}</th><td
					>{text(back.tape.stock, 'back.tape.stock')}{back.tape.passes > 1 ? `, ${back.tape.passes} passes` : ''}</td
				></tr
			>
			<tr
				><th scope="row">its strips</th><td
					>2 × {text(back.tape.strips[0], 'back.tape.strips[0]')}, 2 × {text(back.tape.strips[1], 'back.tape.strips[1]')}</td
				></tr
			>
		{/if}
		{#if back?.dustCover && back.dustCoverRough}<tr
				><th scope="row">dust cover, cut; trimmed</th><td
					>{size(back.dustCoverRough, 'back.dustCoverRough')}; {size(back.dustCover, 'back.dustCover')}</td
				></tr
			>{/if}
		{#if !hang && job.kept.hangers}<tr
				><th scope="row">existing hangers{there ? ': from the top, each side' : ''}</th><td
					>{HANGERS[job.kept.hangers].came}{there ? `; ${there}` : ''}</td
				></tr
			>{/if}
		{#if hang}
			{#if job.kept.hangers}<tr><th scope="row">hangers</th><td>existing, checked</td></tr>{/if}
			{#if drops}<tr
					><th scope="row">{drops}</th><td
						>{text(hang.drop, 'hang.drop')}{onSides || hang.by === 'security' ? `, ${text(hang.inset, 'hang.inset')}` : ''}</td
					></tr
				>{/if}
			{#if hang.ring}<tr><th scope="row">{hang.turned ? 'four' : 'two'} of</th><td>{known(shop.rings, hang.ring).name}</td></tr
				>{/if}
			{#if hang.strip}<tr
					><th scope="row">{hang.wallRail ? 'frame rail' : 'cross strip'}</th><td>{size(hang.strip, 'hang.strip')}</td></tr
				>{/if}
			{#if hang.wallRail}<tr><th scope="row">wall rail</th><td>{size(hang.wallRail, 'hang.wallRail')}</td></tr>{/if}
			{#if hang.wire}
				<tr
					><th scope="row">{hang.by} breaking at, cut to</th><td
						>{text(hang.wire.breakingKg, 'hang.wire.breakingKg')}, {text(hang.wire.length, 'hang.wire.length')}</td
					></tr
				>
				<tr
					><th scope="row">rise, angle, pull</th><td
						>{text(hang.rise, 'hang.rise')}, {withUnit(hang.angle, 'hang.angle')}, {withUnit(hang.pullN, 'hang.pullN')}</td
					></tr
				>
			{/if}
			{#if hang.stand}<tr
					><th scope="row">leg; hinge height; end behind</th><td
						>{text(hang.stand.leg, 'hang.stand.leg')}; {text(hang.stand.hinge, 'hang.stand.hinge')}; {text(
							hang.stand.foot,
							'hang.stand.foot'
						)}</td
					></tr
				>{/if}
			{#if hang.hooks.length > 0}<tr
					><th scope="row">{nails} above the floor</th><td
						>{[...new Set(hang.hooks.map(({ height }) => text(height, 'hang.hooks')))].join('; ')}</td
					></tr
				>
				<tr><th scope="row">{nails}</th><td>{hang.hooks.map((hook) => sideOfCentre(hook.x, job.reader)).join(', ')}</td></tr>{/if}
			{#if hang.turned}<tr
					><th scope="row">turned, left side up: drop, {nails} above the floor</th><td
						>{text(hang.turned.drop, 'hang.turned.drop')}; {text(nth(hang.turned.hooks, 0).height, 'hang.turned.hooks')}</td
					></tr
				>{/if}
		{/if}{#if back}<tr><th scope="row">bumpers</th><td>{back.bumpers}</td></tr>{/if}
	</tbody>
</table>
