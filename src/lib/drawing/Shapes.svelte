<script lang="ts">
	/** The shapes of a scene, with the piece's own picture in its window. */
	import { LOOKS } from '$core/views/drawing/style.ts';
	import { pathOf } from '$core/views/formats/svg.ts';
	import type { Scene } from '$core/figures/scene.ts';

	type Props = { scene: Scene; id: string };
	const { scene, id }: Props = $props();
</script>

{#each scene.shapes as shape, index (index)}
	{@const look = LOOKS[shape.role]}
	{@const fill = shape.open ? 'none' : (shape.fill ?? look.fill ?? 'none')}
	{#if shape.circle}
		<circle
			cx={shape.circle.x}
			cy={shape.circle.y}
			r={shape.circle.radius}
			{fill}
			stroke={look.stroke}
			stroke-width={look.width}
			opacity={look.opacity}
			vector-effect="non-scaling-stroke"
			>{#if shape.title}<title>{shape.title}</title>{/if}</circle
		>
	{:else}
		{@const d = pathOf(shape.rings ?? [], shape.open)}
		<path
			{d}
			{fill}
			fill-rule="evenodd"
			stroke={look.stroke}
			stroke-width={look.width}
			stroke-dasharray={look.dash}
			opacity={look.opacity}
			vector-effect="non-scaling-stroke"
			>{#if shape.title}<title>{shape.title}</title>{/if}</path
		>
		{#if shape.hatch}<path {d} fill="url(#{id}-{shape.hatch})" fill-rule="evenodd" />{/if}
		{#if shape.picture}
			{@const { sum, place, clip } = shape.picture}
			<clipPath id="{id}-window-{index}"><path d={pathOf([clip])} /></clipPath>
			<image
				href="/api/pictures/{sum}"
				x={place.left}
				y={place.top}
				width={place.width}
				height={place.height}
				preserveAspectRatio="none"
				clip-path="url(#{id}-window-{index})"
			/>
		{/if}
	{/if}
{/each}
