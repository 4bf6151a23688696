<script lang="ts">
	/** A scene at the largest scale that its place allows, with its dimensions; press a figure to see why. */
	import type { Snippet } from 'svelte';
	import { placeCallouts, placeDimensions } from '$core/views/drawing/dimensions.ts';
	import { calloutLength, describe, dimensionPath, written } from '$core/views/formats/svg.ts';
	import { UNIT_WORDS } from '$core/units/length.ts';
	import { showNumber, type Reader } from '$core/units/show.ts';
	import type { Rect } from '$core/geometry/shapes.ts';
	import Hatches from './Hatches.svelte';
	import Shapes from './Shapes.svelte';
	import type { Dimension, Scene } from '$core/figures/scene.ts';
	import { nth } from '$core/units/there.ts';

	type Props = {
		scene: Scene;
		reader: Reader;
		onask?: (path: string) => void;
		/** Height of a label, CSS px; on a screen the fractions of inches stand a fifth larger. */
		label?: number;
		/** Printed in a fixed width of paper, mm; else it fills its place. */
		paperWidth?: number;
		paperHeight?: number;
		callouts?: boolean;
		/** Never drawn larger than this many times its size. */
		most?: number;
		/** What stands over the drawing and can be pulled: it is given the scale and where a place of the scene lies on the screen. */
		overlay?: Snippet<[OnScreen]>;
		/** A place of the scene that stays where it is while something is pulled. */
		anchor?: { left: number; top: number };
	};
	type OnScreen = {
		scale: number;
		place: (x: number, y: number) => { x: number; y: number };
		size: { width: number; height: number };
		/** The id of what is drawn, for a second look at it. */
		drawn: string;
	};
	type Fitted = ReturnType<typeof placeDimensions> & { scale: number; textHeight: number };
	const {
		scene,
		reader,
		onask,
		label: asked = 14,
		paperWidth,
		paperHeight = 120,
		callouts = true,
		most = Infinity,
		overlay,
		anchor
	}: Props = $props();

	const label = $derived(reader.unit === 'in' && !paperWidth ? asked * 1.2 : asked);
	const PX_PER_MM = 96 / 25.4;
	/** A scale that changes by less is found; it is looked for no longer than so many turns. */
	const SETTLED = 0.004;
	const TURNS = 8;
	/** The drawing itself has at least this share of its place, across or down. */
	const LEAST_SHARE = 0.35;
	/** Less than this shows nothing. */
	const NOTHING_SHARE = 0.12;
	const isUpright = (side: Dimension['side']) => side === 'left' || side === 'right';
	const id = $props.id();
	let width = $state(0);
	let height = $state(0);
	let captionHeight = $state(18);
	/** Scale and place while something is pulled: what is pulled must not run away from the hand. */
	let held = $state.raw<{ scale: number; view: Rect; anchor: { left: number; top: number }; of: Scene['dimensions'] } | null>(
		null
	);

	/** Keeps scale and place until `release`. */
	export function hold() {
		held ??= { scale: fitted.scale, view, anchor: anchor ?? { left: 0, top: 0 }, of: fitted.placed };
	}

	export function release() {
		held = null;
	}

	/** What the readers' table says: a frame after the drawing, which is waited for. */
	// svelte-ignore state_referenced_locally
	let told = $state.raw(scene);
	$effect(() => {
		const next = scene;
		const frame = requestAnimationFrame(() => (told = next));
		return () => cancelAnimationFrame(frame);
	});

	const space = $derived(
		paperWidth
			? { width: paperWidth * PX_PER_MM, height: paperHeight * PX_PER_MM }
			: { width: width || 480, height: (height || 420) - captionHeight - 6 }
	);
	/** Breadth of a letter beside its height, and what a length and a sign take before a name, in letters. */
	const LETTER = 0.5;
	const BEFORE_NAME = 7;
	/** Beside the callouts the drawing keeps half of its place, or this many px of a larger one. */
	const ITS_OWN = 190;
	/** Callouts stand in a column of their own, as wide as their longest name, or as the place allows. */
	const column = $derived.by(() => {
		if (!callouts || scene.callouts.length === 0) return 0;
		const longest = Math.max(...scene.callouts.map((callout) => callout.name.length + BEFORE_NAME)) * label * LETTER + label;
		return paperWidth ? longest : Math.min(longest, Math.max(space.width / 2, space.width - ITS_OWN));
	});
	/** A name as far as the column goes; the readers’ table has it whole. */
	function inColumn(name: string): string {
		const letters = Math.floor((column - label) / (label * LETTER)) - BEFORE_NAME;
		return name.length <= letters ? name : `${name.slice(0, Math.max(0, letters - 1)).trimEnd()}…`;
	}
	const fitted = $derived(fitInto(space));
	const rows = $derived(placeCallouts(scene, fitted.textHeight));
	const textX = $derived(fitted.box.left + fitted.box.width + fitted.textHeight);
	const drawn = $derived({
		...withRows(fitted.box, fitted.textHeight),
		left: fitted.box.left,
		width: fitted.box.width + column / fitted.scale
	});
	/** On the screen the drawing fills its place, so that a stroke moves what is in it and not the place. */
	const view = $derived(
		paperWidth ? drawn : held ? beside(held) : around(drawn, space.width / fitted.scale, space.height / fitted.scale)
	);
	const reduction = $derived(1 / (fitted.scale / PX_PER_MM));
	const scaleSaid = $derived(reduction >= 1 ? `1 : ${showNumber(reduction, 1)}` : `${showNumber(1 / reduction, 1)} : 1`);

	/** In a small place every dimension would leave the drawing no room: then those of the whole stand alone, or none does. */
	function fitInto(room: { width: number; height: number }): Fitted {
		const { box, dimensions } = scene;
		const all = fit(room, scene);
		const share = ({ scale }: Fitted) => Math.max((box.width * scale) / room.width, (box.height * scale) / room.height);
		if (paperWidth || held || (share(all) >= LEAST_SHARE && liesIn(all, room))) return all;
		const whole = dimensions.filter(({ side, from, to }) => to - from >= (isUpright(side) ? box.height : box.width) - 1);
		const fewer = whole.length > 0 ? fit(room, { ...scene, dimensions: whole }) : all;
		const [best] = [all, fewer].filter((one) => liesIn(one, room)).sort((one, other) => share(other) - share(one));
		return best && share(best) >= NOTHING_SHARE ? best : fit(room, { ...scene, dimensions: [] });
	}

	/** Whether every label lies in the place. */
	function liesIn({ box, scale, textHeight }: Fitted, room: { width: number; height: number }): boolean {
		const reach = Math.max((box.width * scale) / (room.width - column), (withRows(box, textHeight).height * scale) / room.height);
		return reach <= 1.005;
	}

	/** From top to bottom of a drawing with its column of callouts, whose rows may stand out above and below it. */
	function withRows(box: Rect, textHeight: number): { top: number; height: number } {
		const shown = column > 0 ? placeCallouts(scene, textHeight) : [];
		const top = Math.min(box.top, ...shown.map(({ row }) => row - textHeight));
		const bottom = Math.max(box.top + box.height, ...shown.map(({ row }) => row + textHeight));
		return { top, height: bottom - top };
	}

	/** Labels keep their size on the screen, so the scale and the room that they need are found together. */
	function fit(room: { width: number; height: number }, scene: Scene): Fitted {
		if (held) {
			const names = new Set(held.of.map(({ name }) => name));
			const shown = { ...scene, dimensions: scene.dimensions.filter(({ name }) => names.has(name)) };
			return { ...placeDimensions(shown, label / held.scale, labelled), scale: held.scale, textHeight: label / held.scale };
		}
		let scale = Math.min(room.width / scene.box.width, room.height / scene.box.height);
		let placed = placeDimensions(scene, label / scale, labelled);
		// What labels and rows add on the screen hardly depends on the scale: what they leave is the drawing's.
		for (let turn = 0; turn < TURNS; turn += 1) {
			const before = scale;
			const { height: tall } = withRows(placed.box, label / scale);
			scale = Math.min(
				leftFor(scene.box.width, placed.box.width, Math.max(60, room.width - column), scale),
				leftFor(scene.box.height, tall, room.height, scale)
			);
			placed = placeDimensions(scene, label / scale, labelled);
			if (Math.abs(scale / before - 1) < SETTLED) break;
		}
		scale = stated(scale);
		placed = placeDimensions(scene, label / scale, labelled);
		// A label that went into a lane of its own at this scale may reach out of the place after all.
		for (let turn = 0; turn < TURNS; turn += 1) {
			const { height: tall } = withRows(placed.box, label / scale);
			const share = Math.min((room.width - column) / (placed.box.width * scale), room.height / (tall * scale));
			if (share >= 1 || share <= 0) break;
			scale = stated(scale * share);
			placed = placeDimensions(scene, label / scale, labelled);
		}
		return { ...placed, scale, textHeight: label / scale };
	}

	/** The scale at which a length of the drawing takes what its labels leave of the room; where they leave little, what shrinks it all. */
	function leftFor(bare: number, withLabels: number, room: number, scale: number): number {
		const left = room - (withLabels - bare) * scale;
		return left > room / 8 ? left / bare : room / withLabels;
	}

	/** The scale is the one that is stated, to its last figure; and it stays while a small change leaves room. */
	function stated(scale: number): number {
		const times = Math.min(most, scale / PX_PER_MM);
		return (times >= 1 ? Math.floor(times * 10) / 10 : 1 / (Math.ceil(10 / times) / 10)) * PX_PER_MM;
	}

	/** The view as it was, moved with its anchor. */
	function beside({ view: before, anchor: was }: NonNullable<typeof held>): Rect {
		const now = anchor ?? was;
		return { ...before, left: before.left + now.left - was.left, top: before.top + now.top - was.top };
	}

	function around(inner: Rect, width: number, height: number): Rect {
		return { left: inner.left + (inner.width - width) / 2, top: inner.top + (inner.height - height) / 2, width, height };
	}

	/** A place of the drawing in px of the screen: text keeps its size there, whatever the scale. */
	function onScreen(x: number, y: number): string {
		const at = placeOnScreen(x, y);
		return `${at.x.toFixed(2)} ${at.y.toFixed(2)}`;
	}

	function placeOnScreen(x: number, y: number): { x: number; y: number } {
		return { x: (x - view.left) * fitted.scale, y: (y - view.top) * fitted.scale };
	}

	function write(dimension: Dimension): string {
		return written(dimension, reader);
	}

	/** As it stands beside its line. */
	function labelled(dimension: Dimension): string {
		return scene.namesFigures ? `${dimension.name}: ${write(dimension)}` : write(dimension);
	}

	function press(event: KeyboardEvent | MouseEvent, path: string | undefined) {
		if (!path || (event instanceof KeyboardEvent && event.key !== 'Enter' && event.key !== ' ')) return;
		event.preventDefault();
		onask?.(path);
	}
</script>

<!-- Colour is judged here: what is drawn keeps the look of the day on a neutral ground. -->
<figure class:paper={paperWidth} bind:clientWidth={width} bind:clientHeight={height}>
	<svg
		class="by-day"
		width={paperWidth ? view.width * fitted.scale : space.width}
		height={paperWidth ? view.height * fitted.scale : space.height}
		role="group"
		aria-label={describe(scene, reader)}
		font-size={label}
	>
		<g transform="scale({fitted.scale}) translate({-view.left} {-view.top})">
			<g id="{id}-drawn">
				<Hatches {scene} {id} scale={fitted.scale} />
				<Shapes {scene} {id} />
			</g>
			{#each fitted.placed as dimension (dimension.name)}<path
					class="line"
					d={dimensionPath(dimension, fitted.textHeight)}
				/>{/each}
			{#if column > 0}
				{#each scene.callouts as callout, index (index)}<path
						class="leader"
						d="M{callout.to.x} {callout.to.y} L{textX - fitted.textHeight * 0.4} {nth(rows, index).row}"
					/>{/each}
			{/if}
		</g>
		{#each fitted.placed as dimension (dimension.name)}
			{@const upright = isUpright(dimension.side)}
			{@const baseline = dimension.line - fitted.textHeight * 0.3}
			{@const place = upright
				? `translate(${onScreen(baseline, dimension.labelAt)}) rotate(-90)`
				: `translate(${onScreen(dimension.labelAt, baseline)})`}
			{#if onask && dimension.path}
				<g
					role="button"
					tabindex="0"
					class="ask"
					aria-label="{dimension.name} {dimension.text}, explain"
					transform={place}
					onclick={(event) => press(event, dimension.path)}
					onkeydown={(event) => press(event, dimension.path)}
				>
					<rect
						x={-dimension.text.length * label * 0.32}
						y={-label}
						width={dimension.text.length * label * 0.64}
						height={label * 1.3}
					/>
					<text text-anchor="middle" aria-hidden="true">{dimension.text}</text>
				</g>
			{:else}
				<text text-anchor="middle" transform={place}>{dimension.text}</text>
			{/if}
		{/each}
		{#if column > 0}
			{#each scene.callouts as callout, index (index)}
				<text
					transform="translate({onScreen(textX, nth(rows, index).row + fitted.textHeight * 0.35)})"
					class:stop={callout.sign === 'stop'}
					>{callout.sign === 'stop' ? '■ ' : ''}{calloutLength(callout, reader)} {inColumn(callout.name)}</text
				>
			{/each}
		{/if}
	</svg>
	{#if overlay}
		<!-- A layer of its own: what is pulled moves without the piece being painted anew. -->
		<svg class="by-day over" width={space.width} height={space.height} role="group" aria-label="Draggable edges" font-size={label}
			>{@render overlay({ scale: fitted.scale, place: placeOnScreen, size: space, drawn: `${id}-drawn` })}</svg
		>
	{/if}
	<table class="seen-by-readers">
		<caption>{told.title}: figures in the drawing, in {UNIT_WORDS[reader.unit]}</caption>
		<thead><tr><th scope="col">What</th><th scope="col">Length</th></tr></thead>
		<tbody>
			{#each told.dimensions as dimension (dimension.name)}<tr
					><th scope="row">{dimension.name}</th><td>{write(dimension)}</td></tr
				>{/each}
			{#each told.callouts as callout, index (index)}<tr
					><th scope="row">{callout.name}</th><td>{calloutLength(callout, reader)}</td></tr
				>{/each}
		</tbody>
	</table>
	<figcaption class="by-day" bind:clientHeight={captionHeight}>
		{scene.title}{#if !scene.sketch}, {reader.unit}, <span class="figures">{scaleSaid}</span>{/if}{scene.notToScale
			? `. ${scene.notToScale}`
			: ''}
	</figcaption>
</figure>

<style>
	figure {
		position: relative;
		width: 100%;
		height: 100%;
		min-width: 0;
		min-height: 0;
		display: flex;
		align-items: flex-start;
		justify-content: center;
		overflow: hidden;
		background: var(--ground);
	}
	figure.paper {
		background: none;
		height: auto;
		flex-direction: column;
		overflow: visible;
	}
	figcaption {
		position: absolute;
		left: 0;
		bottom: 0;
		font-size: var(--text-xs);
		color: var(--soft);
		padding: 0 6px 2px;
	}
	.paper figcaption {
		position: static;
		background: none;
		margin-top: 1mm;
		font-size: 8pt;
	}
	svg {
		display: block;
		flex: none;
		font-family: 'Source Sans 3 Variable', sans-serif;
		font-variant-numeric: tabular-nums;
		overflow: visible;
	}
	.over {
		position: absolute;
		top: 0;
		inset-inline: 0;
		margin-inline: auto;
		pointer-events: none;
		contain: strict;
		will-change: transform;
	}
	.over > :global(*) {
		pointer-events: auto;
	}
	text {
		fill: var(--ink);
	}
	.line {
		fill: none;
		stroke: var(--ink);
		stroke-width: 0.8;
		vector-effect: non-scaling-stroke;
	}
	.leader {
		fill: none;
		stroke: #8b9296;
		stroke-width: 0.7;
		vector-effect: non-scaling-stroke;
	}
	.ask {
		cursor: help;
	}
	.ask rect {
		fill: transparent;
	}
	.ask:hover text {
		fill: var(--accent);
	}
	.ask:focus-visible rect {
		fill: #fff;
		stroke: var(--accent);
		stroke-width: 2;
		vector-effect: non-scaling-stroke;
	}
	.ask:focus-visible {
		outline: none;
	}
	.stop {
		fill: var(--stop);
		font-weight: 600;
	}
</style>
