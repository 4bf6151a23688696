<script lang="ts">
	/** A moulding's profile, cut through, its front on top: face, lip, rabbet, to scale. */
	import { colourOf } from '$core/shop/colours.ts';
	import type { Section } from '$core/shop/mouldings.ts';

	type Props = { section: Omit<Section, 'density'>; colour: string; name: string };
	const { section, colour, name }: Props = $props();
	/** Pixels a millimetre, unless it would not fit. */
	const scale = $derived(Math.min(4, 180 / section.face, 180 / section.depth));
	const outline = $derived.by(() => {
		const { face, lip, depth, rabbetDepth } = section;
		return `M0 0H${face}V${depth - rabbetDepth}H${face - lip}V${depth}H0Z`;
	});
</script>

<figure>
	<svg
		class="by-day"
		width={section.face * scale + 2}
		height={section.depth * scale + 2}
		viewBox="{-1 / scale} {-1 / scale} {section.face + 2 / scale} {section.depth + 2 / scale}"
		role="img"
		aria-label="Profile of {name}"
	>
		<path d={outline} fill={colourOf(colour)} stroke="#4c3b27" stroke-width={1.2 / scale} />
	</svg>
	<figcaption>Cut through, its front on top</figcaption>
</figure>

<style>
	figure {
		margin: 4px 0 12px;
	}
	figcaption {
		font-size: var(--text-xs);
		color: var(--quiet);
	}
</style>
