<script lang="ts">
	/** The hatches that a scene uses, at a size that stays readable at any scale. */
	import { HATCHES } from '$core/views/drawing/style.ts';
	import type { Scene } from '$core/figures/scene.ts';

	type Props = { scene: Scene; id: string; scale: number };
	const { scene, id, scale }: Props = $props();
	const used = $derived([...new Set(scene.shapes.flatMap((shape) => shape.hatch ?? []))]);
</script>

{#if used.length > 0}
	<defs>
		{#each used as name (name)}
			<pattern
				id="{id}-{name}"
				width={HATCHES[name].tile}
				height={HATCHES[name].tile}
				patternUnits="userSpaceOnUse"
				patternTransform="scale({1 / scale})"
			>
				<path d={HATCHES[name].path} fill="none" stroke={HATCHES[name].stroke} stroke-width="0.7" />
			</pattern>
		{/each}
	</defs>
{/if}
