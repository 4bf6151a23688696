<script lang="ts" module>
	/** Of a frame of which no more is known than its size, mm. */
	const FACE = 20;
</script>

<script lang="ts">
	/** The wall to scale, with what stands before it and what hangs on it; pictures are pulled, or moved by the arrow keys. */
	import { showLength, type Reader } from '$core/units/show.ts';
	import type { Scene } from '$core/figures/scene.ts';
	import type { Hung, Wall, WallPlan } from '$core/wall/wall.ts';
	import Shapes from '$lib/drawing/Shapes.svelte';

	type Props = {
		wall: Wall['wall'];
		plan: WallPlan;
		reader: Reader;
		scenes: ReadonlyMap<string, Scene>;
		titleOf: (id: string) => string;
		chosen?: readonly string[];
		/** Without them nothing is pulled: on paper. */
		onmove?: (id: string, right: number, up: number) => void;
		onpull?: (id: string, alone: boolean) => void;
		onpulled?: () => void;
	};
	const { wall, plan, reader, scenes, titleOf, chosen, onmove, onpull, onpulled }: Props = $props();
	const id = $props.id();
	let width = $state(0);
	let height = $state(0);
	/** Room for the figures round the wall, mm of the wall. */
	const edge = $derived(Math.max(wall.width, wall.height) * 0.035);
	const box = $derived({ width: wall.width + 2 * edge, height: wall.height + 2 * edge });
	/** Px a millimetre. */
	const scale = $derived(width > 0 && height > 0 ? Math.min(width / box.width, height / box.height) : 0);
	const label = $derived(scale > 0 ? 13 / scale : 40);
	const y = (from: number): number => wall.height - from;
	const broken = $derived(new Set(plan.findings.filter(({ severity }) => severity === 'stop').map(({ picture }) => picture)));

	let held: { id: string; x: number; y: number } | null = null;

	function down(event: PointerEvent, { id: which }: Hung) {
		if (!onmove || event.button !== 0) return;
		(event.currentTarget as Element).setPointerCapture(event.pointerId);
		held = { id: which, x: event.clientX, y: event.clientY };
		onpull?.(which, !event.shiftKey && !event.ctrlKey && !event.metaKey);
	}

	function move(event: PointerEvent) {
		if (!held || scale === 0) return;
		const [right, up] = [(event.clientX - held.x) / scale, (held.y - event.clientY) / scale].map(
			(mm) => Math.trunc(mm / STEP) * STEP
		);
		if (!right && !up) return;
		onmove?.(held.id, right ?? 0, up ?? 0);
		held = { ...held, x: held.x + (right ?? 0) * scale, y: held.y - (up ?? 0) * scale };
	}

	function up() {
		if (!held) return;
		held = null;
		onpulled?.();
	}

	/** Pulled by whole steps, mm. */
	const STEP = 5;
	const ARROWS: Record<string, [number, number]> = {
		ArrowLeft: [-1, 0],
		ArrowRight: [1, 0],
		ArrowUp: [0, 1],
		ArrowDown: [0, -1]
	};

	function onkeydown(event: KeyboardEvent, { id: which }: Hung) {
		const arrow = ARROWS[event.key];
		if (!arrow || !onmove) return;
		event.preventDefault();
		const step = event.shiftKey ? 1 : 10;
		onmove(which, arrow[0] * step, arrow[1] * step);
	}
	const said = (one: Hung): string =>
		`${titleOf(one.id)}, ${showLength(one.left, reader, 'mark').text} from the left, its centre ${showLength(one.bottom + one.height / 2, reader, 'mark').text} from the floor`;
</script>

<figure aria-label="The wall">
	<div class="place" bind:clientWidth={width} bind:clientHeight={height}>
		<svg
			viewBox="{-edge} {-edge} {box.width} {box.height}"
			width={scale > 0 ? box.width * scale : '100%'}
			height={scale > 0 ? box.height * scale : '100%'}
			class="by-day"
		>
			<rect class="wall" x="0" y="0" width={wall.width} height={wall.height} />
			{#each wall.things as thing, at (at)}
				<g class="thing {thing.kind}">
					<rect x={thing.left} y={y(thing.bottom + thing.height)} width={thing.width} height={thing.height} />
					{#if thing.width * scale > 50}<text
							x={thing.left + thing.width / 2}
							y={y(thing.bottom + thing.height / 2) + label / 3}
							font-size={label}
							text-anchor="middle">{thing.name || thing.kind}</text
						>{/if}
				</g>
			{/each}
			{#each plan.pictures as one (one.id)}
				{@const scene = scenes.get(one.id)}
				<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
				<g
					class="picture"
					class:chosen={chosen?.includes(one.id)}
					class:broken={broken.has(one.id)}
					class:still={!onmove}
					transform="translate({one.left} {y(one.bottom + one.height)})"
					role={onmove ? 'button' : undefined}
					tabindex={onmove ? 0 : undefined}
					aria-label={onmove ? said(one) : undefined}
					aria-pressed={onmove ? (chosen?.includes(one.id) ?? false) : undefined}
					onpointerdown={(event) => down(event, one)}
					onpointermove={move}
					onpointerup={up}
					onpointercancel={up}
					onkeydown={(event) => onkeydown(event, one)}
				>
					{#if scene}
						<svg
							x="0"
							y="0"
							width={one.width}
							height={one.height}
							viewBox="{scene.box.left} {scene.box.top} {scene.box.width} {scene.box.height}"
							aria-hidden="true"><Shapes {scene} id="{id}-{one.id}" /></svg
						>
					{:else}
						<rect class="frame" x="0" y="0" width={one.width} height={one.height} />
						<rect
							class="mat"
							x={FACE}
							y={FACE}
							width={Math.max(1, one.width - 2 * FACE)}
							height={Math.max(1, one.height - 2 * FACE)}
						/>
						{#if one.width * scale > 46}<text
								x={one.width / 2}
								y={one.height / 2 + label / 3}
								font-size={label}
								text-anchor="middle">{one.id}</text
							>{/if}
					{/if}
					<rect class="edge" x="0" y="0" width={one.width} height={one.height} />
				</g>
			{/each}
			{#each wall.light?.readings ?? [] as reading, at (at)}
				<g class="reading" aria-hidden="true">
					<circle cx={reading.left} cy={y(reading.height)} r={5 / Math.max(scale, 0.01)} />
					<text x={reading.left} y={y(reading.height) + label * 1.25} font-size={label} text-anchor="middle"
						>{reading.lux} lx</text
					>
				</g>
			{/each}
			{#each plan.hooks as hook (hook.n)}
				<g class="hook" aria-hidden="true">
					<circle cx={hook.x} cy={y(hook.height)} r={4 / Math.max(scale, 0.01)} />
					<text x={hook.x} y={y(hook.height) - label * 0.55} font-size={label} text-anchor="middle">{hook.n}</text>
				</g>
			{/each}
			<g class="figures" aria-hidden="true">
				<text x={wall.width / 2} y={wall.height + edge * 0.8} font-size={label} text-anchor="middle"
					>{showLength(wall.width, reader, 'mark').text}</text
				>
				<text
					x={-edge * 0.35}
					y={wall.height / 2}
					font-size={label}
					text-anchor="middle"
					transform="rotate(-90 {-edge * 0.35} {wall.height / 2})">{showLength(wall.height, reader, 'mark').text}</text
				>
			</g>
		</svg>
	</div>
	<figcaption>
		Wall, {reader.unit}{#if scale > 0}, <span class="figures">1 : {(96 / 25.4 / scale).toFixed(0)}</span>{/if}. Numbers are hooks,
		from the left.
	</figcaption>
</figure>

<style>
	figure {
		display: grid;
		grid-template-rows: minmax(0, 1fr) auto;
		height: 100%;
		min-height: 0;
	}
	.place {
		display: grid;
		place-items: center;
		min-height: 0;
		min-width: 0;
		overflow: hidden;
	}
	figcaption {
		color: var(--quiet);
		font-size: var(--text-sm);
	}
	/* What hangs past the wall is seen to. */
	.place > svg {
		overflow: visible;
	}
	.wall {
		fill: #d8d7d3;
		stroke: #20343f;
		stroke-width: 1.4;
		vector-effect: non-scaling-stroke;
	}
	.thing rect {
		fill: #c3c2bd;
		stroke: #50585c;
		stroke-width: 1;
		vector-effect: non-scaling-stroke;
	}
	.thing.window rect {
		fill: #dfe8ec;
	}
	.thing:is(.stud, .picture-rail) rect {
		fill: none;
		stroke-dasharray: 5 4;
	}
	.thing.heat rect {
		fill: #c9b3a4;
	}
	text {
		fill: #20343f;
		font-family: var(--sans);
	}
	.picture {
		cursor: grab;
		touch-action: none;
		outline: none;
	}
	.picture.still {
		cursor: default;
	}
	.frame {
		fill: #8a7354;
	}
	.mat {
		fill: #f4f2ec;
	}
	.edge {
		fill: transparent;
		stroke: #4c3b27;
		stroke-width: 1;
		vector-effect: non-scaling-stroke;
	}
	.chosen .edge {
		stroke: #1f6b5e;
		stroke-width: 3;
	}
	.broken .edge {
		stroke: #9c2f2b;
		stroke-width: 3;
		stroke-dasharray: 6 3;
	}
	.picture:focus-visible .edge {
		stroke: #0f5f52;
		stroke-width: 5;
	}
	.hook,
	.reading {
		pointer-events: none;
	}
	.reading circle {
		fill: #f4f2ec;
		stroke: #20343f;
		stroke-width: 1.4;
		stroke-dasharray: 2 2;
		vector-effect: non-scaling-stroke;
	}
	.reading text {
		paint-order: stroke;
		stroke: #f4f2ec;
		stroke-width: 3px;
		vector-effect: non-scaling-stroke;
	}
	.hook circle {
		fill: #20343f;
		stroke: #fff;
		stroke-width: 1.4;
		vector-effect: non-scaling-stroke;
	}
	.hook text {
		font-weight: 600;
		paint-order: stroke;
		stroke: #f4f2ec;
		stroke-width: 3px;
		vector-effect: non-scaling-stroke;
	}
</style>
