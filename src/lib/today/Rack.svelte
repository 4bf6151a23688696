<script lang="ts">
	/** Every piece drawn from its plan, all to scale, standing on one line. */
	import type { Severity } from '$core/rule/rule.ts';
	import Shapes from '$lib/drawing/Shapes.svelte';
	import Sign from '$lib/ui/Sign.svelte';
	import type { Scene } from '$core/figures/scene.ts';
	import { there } from '$core/units/there.ts';

	type Piece = {
		number: string;
		title: string;
		scene: Scene | null;
		next: { sign: Severity | 'settled' | null; does: string };
	};
	type Props = { pieces: Piece[] };
	const { pieces }: Props = $props();
	const id = $props.id();
	/** Height of the tallest piece on the rack, px. */
	const TALLEST = 200;
	const undrawn = ({ scene, next }: Piece): string => (scene ? '' : next.sign === 'stop' ? 'can’t be planned' : 'not measured');
	const drawn = $derived(pieces.filter((piece) => piece.scene !== null));
	const scale = $derived(TALLEST / Math.max(300, ...drawn.map((piece) => there(piece.scene, 'scene').box.height)));
</script>

<section class="rack" aria-label="The rack">
	<!-- Pieces are seen in the look of the day, before a neutral wall. -->
	<p class="scale by-day">all to scale</p>
	<ul class="by-day">
		{#each pieces as piece (piece.number)}
			<li>
				<a
					href="/jobs/{piece.number}"
					aria-label="{piece.number}, {piece.title}: {[undrawn(piece), piece.next.does].filter(Boolean).join('; ')}"
				>
					<span class="stand" style:height="{TALLEST}px">
						{#if piece.scene}
							{@const box = piece.scene.box}
							<svg
								viewBox="{box.left} {box.top} {box.width} {box.height}"
								width={box.width * scale}
								height={box.height * scale}
								aria-hidden="true"><Shapes scene={piece.scene} id="{id}-{piece.number}" /></svg
							>
						{:else}
							<span class="unmeasured">{undrawn(piece)}</span>
						{/if}
					</span>
					<span class="tag figures"
						><strong>{piece.number}</strong>
						{#if piece.next.sign}<Sign of={piece.next.sign} size={11} />{/if}</span
					>
				</a>
			</li>
		{/each}
	</ul>
</section>

<style>
	.rack {
		position: relative;
		background: linear-gradient(
			light-dark(#d8d7d3, #b4b3ae) 0 232px,
			light-dark(#a3a29d, #6f6e6a) 232px 234px,
			light-dark(#e0dfdc, #c3c2bd) 234px
		);
		border-bottom: 1px solid var(--strip);
		overflow-x: auto;
	}
	.scale {
		position: absolute;
		right: 24px;
		top: 8px;
		font-size: var(--text-xs);
		color: var(--ink);
	}
	ul {
		display: flex;
		gap: 26px;
		padding: 32px 24px 8px;
		width: max-content;
	}
	.stand {
		display: flex;
		align-items: flex-end;
	}
	.tag {
		display: flex;
		align-items: center;
		gap: 6px;
		padding-top: 8px;
		height: 34px;
	}
	.unmeasured {
		display: grid;
		place-items: center;
		width: 90px;
		height: 120px;
		border: 1px dashed var(--line-strong);
		color: var(--ink);
		font-size: var(--text-xs);
	}
	svg {
		display: block;
	}
</style>
