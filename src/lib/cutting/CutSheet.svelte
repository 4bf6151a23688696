<script lang="ts">
	/** A sheet as it is cut, to a scale that is given: names on blanks, hatched offcuts, numbered cuts. */
	import type { Label, Scene } from '$core/figures/scene.ts';
	import Hatches from '$lib/drawing/Hatches.svelte';
	import Shapes from '$lib/drawing/Shapes.svelte';

	type Props = {
		scene: Scene & { labels: Label[] };
		/** Px a millimetre. */ scale: number;
		/** The cut that is pointed out. */ cut?: number | null;
	};
	const { scene, scale, cut = null }: Props = $props();
	const id = $props.id();
	/** Room for the numbers of cuts at the edge. */
	const EDGE = 16;
	/** A number's circle, px across. */
	const NUMBER = 18;
	/** Letters of a name take about so much of their height. */
	const LETTER = 0.56;
	const width = $derived(scene.box.width * scale + 2 * EDGE);
	const height = $derived(scene.box.height * scale + 2 * EDGE);

	/** Words of a blank as large as they go, along its longer side; none where they could not be read. */
	function written({ name, detail, turned, place }: Label) {
		const [w, h] = [place.width * scale, place.height * scale];
		const upright = h > w * 1.25;
		const [long, wide] = upright ? [h, w] : [w, h];
		const letters = Math.max(name.length, detail.length + (turned ? 8 : 0));
		const size = Math.min(14, (long - 8) / (letters * LETTER), (wide - 4) / 2.4);
		const one = Math.min(13, (long - 6) / (name.length * LETTER), wide - 2);
		if (size >= 8.5) return { upright, size, lines: [name, turned ? `${detail}, turned` : detail] };
		if (one >= 8) return { upright, size: one, lines: [name] };
		// The job's number at least.
		const number = name.split(' ')[0] ?? '';
		const short = Math.min(11, (long - 4) / (number.length * LETTER), wide);
		return { upright, size: short >= 7 ? short : 0, lines: [number] };
	}

	/** The number of a cut stands at its beginning, a little outside the piece; where another stands, further along the cut. */
	const numbers = $derived.by(() => {
		const placed: { name: string; x: number; y: number }[] = [];
		for (const { kind, name, place } of scene.labels) {
			if (kind !== 'cut') continue;
			const upright = place.width === 0;
			const long = (upright ? place.height : place.width) * scale;
			const begins = (upright ? place.top : place.left) === 0 ? -8 : 9;
			for (let along = begins; ; along += NUMBER) {
				const x = EDGE + place.left * scale + (upright ? 0 : along);
				const y = EDGE + place.top * scale + (upright ? along : 0);
				const isFree = placed.every((one) => Math.hypot(one.x - x, one.y - y) >= NUMBER);
				if (!isFree && along + NUMBER < long) continue;
				placed.push({ name, x, y });
				break;
			}
		}
		return placed;
	});
</script>

<svg {width} {height} role="img" aria-label={scene.title}>
	<svg
		x={EDGE}
		y={EDGE}
		width={scene.box.width * scale}
		height={scene.box.height * scale}
		viewBox="0 0 {scene.box.width} {scene.box.height}"
		overflow="visible"
	>
		<Hatches {scene} {id} {scale} />
		<Shapes {scene} {id} />
	</svg>
	{#each scene.labels as label, index (index)}
		{#if label.kind !== 'cut'}
			{@const { upright, size, lines } = written(label)}
			{#if size > 0}
				{@const x = EDGE + (label.place.left + label.place.width / 2) * scale}
				{@const y = EDGE + (label.place.top + label.place.height / 2) * scale}
				<text class={label.kind} font-size={size} text-anchor="middle" transform={upright ? `rotate(-90 ${x} ${y})` : undefined}
					>{#each lines as line, at (at)}<tspan
							{x}
							y={y + size * 0.35 + (at - (lines.length - 1) / 2) * size * 1.2}
							class:strong={at === 0}>{line}</tspan
						>{/each}</text
				>
			{/if}
		{/if}
	{/each}
	{#each numbers as { name, x, y } (name)}
		<g class="cut" class:here={cut === Number(name)}>
			<circle cx={x} cy={y} r={NUMBER / 2 - (name.length > 1 ? 0 : 1)} />
			<text {x} y={y + 4} text-anchor="middle">{name}</text>
		</g>
	{/each}
</svg>

<style>
	text {
		fill: #1b262c;
	}
	.offcut {
		fill: #474f53;
	}
	.strong {
		font-weight: 600;
	}
	.cut circle {
		fill: #f5f4f1;
		stroke: #1f6b5e;
	}
	.cut text {
		font-size: 11px;
		font-weight: 600;
		fill: #174f46;
	}
	.here circle {
		fill: #1f6b5e;
	}
	.here text {
		fill: #fff;
	}
</style>
