<script lang="ts">
	/**
	 * What can be pulled in the front view: edges of window, mats and borders, and zones. Snaps to the cutting step, shows the figure at
	 * the hand; Esc puts back, a pull is one undo step; arrow keys do the same. Where a device is too slow to draw the piece anew with each
	 * move, what is pulled goes with the hand by itself, and the drawing follows as soon as the hand rests.
	 */
	import type { EdgeHandle, ZoneHandle } from '$core/views/drawing/handles.ts';
	import { showNearest } from '$core/units/round.ts';
	import { showWithUnit } from '$core/units/show.ts';
	import Loupe from './Loupe.svelte';
	import { useWorkspace } from '$lib/workspace/context.ts';
	import { there } from '$core/units/there.ts';

	type Props = {
		edges: EdgeHandle[];
		zones: ZoneHandle[];
		scale: number;
		place: (x: number, y: number) => { x: number; y: number };
		/** The drawing’s place, px: the figure at the hand stays within it. */
		size: { width: number; height: number };
		/** The id of what is drawn: a finger hides what it pulls, so that is shown beside it. */
		drawn: string;
		/** The drawing holds still from the first to the last of a pull. */
		onhold: () => void;
		onrelease: () => void;
	};
	const { edges, zones, scale, place, size, drawn, onhold, onrelease }: Props = $props();
	const { editor } = useWorkspace();

	type Box = { left: number; top: number; width: number; height: number };
	/** Where the hand has it: an edge at a value, a zone in a place on its sheet, mm. */
	type Ahead = { value: number } | Box;
	type Pull = {
		id: string;
		from: { x: number; y: number };
		/** Where the drawing stands on the page, px. */
		corner: { left: number; top: number };
		/** Where it is, mm from where the pull began. */
		at: (across: number, down: number) => Ahead;
		set: (ahead: Ahead) => void;
	};
	let pull: Pull | null = null;
	let held = $state<string | null>(null);
	let pointed = $state<{ x: number; y: number } | null>(null);
	/** While something is pulled nothing else can be: the drawing has less to move. */
	let pulling = $state(false);
	let isTouch = $state(false);
	let frame = 0;
	let ahead = $state.raw<Ahead | null>(null);
	/** Frames that come slower than this are seen; then the drawing waits for the hand to rest, until the end of the pull. */
	const SLOW_MS = 30;
	/** The first frames of a pull lay more out than those that follow. */
	const FIRST_FRAMES = 3;
	const REST_MS = 140;
	/** With less room over the finger the loupe stands beside it, px: its breadth and what it is away. */
	const LOUPE_ABOVE = 152;
	/** How far apart frames come, the latest counting most, ms. */
	let apart = 0;
	let frames = 0;
	let lastFrame = 0;
	let isSlow = false;
	let rest: ReturnType<typeof setTimeout> | undefined;

	const shownEdges = $derived(pulling ? edges.filter((edge) => edge.id === held) : edges);
	const shownZones = $derived(pulling ? zones.filter((zone) => zone.id === held) : zones);

	const step = $derived(editor.job.step);
	const upright = (edge: EdgeHandle) => edge.side === 'left' || edge.side === 'right';

	const edgeAt = (edge: EdgeHandle, value: number) => Math.max(edge.least, showNearest(value, step));
	const zoneAt = (rect: Box): Box => ({
		left: Math.max(0, showNearest(rect.left, step)),
		top: Math.max(0, showNearest(rect.top, step)),
		width: Math.max(step, showNearest(rect.width, step)),
		height: Math.max(step, showNearest(rect.height, step))
	});

	function setEdge(edge: EdgeHandle, value: number) {
		editor.apply(edge.write(editor.file, edgeAt(edge, value)), edge.id);
	}

	function setZone(zone: ZoneHandle, rect: Box) {
		editor.apply(zone.write(editor.file, zoneAt(rect)), zone.id);
	}

	function grip(event: PointerEvent, id: string, at: Pull['at'], set: Pull['set']) {
		if (event.button !== 0) return;
		event.preventDefault();
		(event.currentTarget as SVGElement).setPointerCapture(event.pointerId);
		(event.currentTarget as SVGElement).focus({ preventScroll: true });
		const { left, top } = there(
			(event.currentTarget as SVGElement).ownerSVGElement,
			'owner s v g element'
		).getBoundingClientRect();
		pull = { id, from: { x: event.clientX, y: event.clientY }, corner: { left, top }, at, set };
		[apart, frames, isSlow] = [0, 0, false];
		held = id;
		pulling = true;
		isTouch = event.pointerType === 'touch';
		onhold();
	}

	/** Once a frame: the hand is faster than the screen. */
	function follow(event: PointerEvent) {
		if (!pull) return;
		const { from, corner, at, set } = pull;
		const hand = { x: event.clientX - corner.left, y: event.clientY - corner.top };
		const next = at((event.clientX - from.x) / scale, (event.clientY - from.y) / scale);
		cancelAnimationFrame(frame);
		frame = requestAnimationFrame((now) => {
			pointed = hand;
			ahead = next;
			frames += 1;
			if (frames > FIRST_FRAMES) apart = apart === 0 ? now - lastFrame : 0.75 * apart + 0.25 * (now - lastFrame);
			isSlow ||= apart > SLOW_MS;
			lastFrame = now;
			clearTimeout(rest);
			if (isSlow) rest = setTimeout(() => set(next), REST_MS);
			else set(next);
		});
	}

	function letGo(event: PointerEvent) {
		if (!pull) return;
		const { from, at, set } = pull;
		if (event.type === 'pointerup' && (event.clientX !== from.x || event.clientY !== from.y))
			set(at((event.clientX - from.x) / scale, (event.clientY - from.y) / scale));
		else settle();
		end();
	}

	/** What the hand had got to, where the drawing still waited. */
	function settle() {
		if (pull && ahead && isSlow) pull.set(ahead);
	}

	function end() {
		cancelAnimationFrame(frame);
		clearTimeout(rest);
		pull = null;
		ahead = null;
		pulling = false;
		held = null;
		pointed = null;
		editor.endTyping();
		onrelease();
	}

	/** Edges of two mats lie a few pixels apart: the one nearest to the hand is meant. */
	function nearest(event: PointerEvent, pressed: EdgeHandle): EdgeHandle {
		const svg = there((event.currentTarget as SVGElement).ownerSVGElement, 'owner s v g element').getBoundingClientRect();
		const [x, y] = [event.clientX - svg.left, event.clientY - svg.top];
		const away = (edge: EdgeHandle) => {
			const at = place(edge.line[0].x, edge.line[0].y);
			return upright(edge) ? Math.abs(at.x - x) : Math.abs(at.y - y);
		};
		return edges
			.filter((edge) => edge.side === pressed.side)
			.reduce((best, edge) => (away(edge) < away(best) ? edge : best), pressed);
	}

	function gripEdge(event: PointerEvent, pressed: EdgeHandle) {
		const edge = nearest(event, pressed);
		const { value, grows } = edge;
		grip(
			event,
			edge.id,
			(across, down) => ({ value: edgeAt(edge, value + grows * (upright(edge) ? across : down)) }),
			(next) => 'value' in next && setEdge(edge, next.value)
		);
	}

	function gripZone(event: PointerEvent, zone: ZoneHandle, corner: boolean) {
		const { origin, width, height } = zone;
		const [left, top] = [zone.left - origin.left, zone.top - origin.top];
		grip(
			event,
			zone.id,
			(across, down) =>
				zoneAt(
					corner
						? { left, top, width: width + across, height: height + down }
						: { left: left + across, top: top + down, width, height }
				),
			(next) => 'left' in next && setZone(zone, next)
		);
	}

	const MOVES: Record<string, [number, number]> = {
		ArrowLeft: [-1, 0],
		ArrowRight: [1, 0],
		ArrowUp: [0, -1],
		ArrowDown: [0, 1]
	};

	function escape(event: KeyboardEvent): boolean {
		if (event.key !== 'Escape') return false;
		event.preventDefault();
		event.stopPropagation();
		editor.cancelTyping();
		if (pull) end();
		return true;
	}

	function stepEdge(event: KeyboardEvent, edge: EdgeHandle) {
		if (escape(event)) return;
		const move = MOVES[event.key];
		const along = move && (upright(edge) ? move[0] : move[1]);
		if (!along) return;
		event.preventDefault();
		setEdge(edge, edge.value + edge.grows * along * step * (event.shiftKey ? 10 : 1));
	}

	function stepZone(event: KeyboardEvent, zone: ZoneHandle) {
		if (escape(event)) return;
		const move = MOVES[event.key];
		if (!move) return;
		event.preventDefault();
		const [across, down] = [move[0] * step * (event.shiftKey ? 10 : 1), move[1] * step * (event.shiftKey ? 10 : 1)];
		const [left, top] = [zone.left - zone.origin.left, zone.top - zone.origin.top];
		const { width, height } = zone;
		setZone(
			zone,
			event.altKey
				? { left, top, width: width + across, height: height + down }
				: { left: left + across, top: top + down, width, height }
		);
	}

	/** How far the hand is ahead of the drawing, px along the way that the edge moves. */
	function aheadBy(edge: EdgeHandle): number {
		return edge.id === held && ahead && 'value' in ahead ? (ahead.value - edge.value) * edge.grows * scale : 0;
	}
	/** Where a zone is, or where the hand has it already. */
	function boxOf(zone: ZoneHandle): Box {
		if (zone.id !== held || !ahead || !('left' in ahead)) return zone;
		return { ...ahead, left: ahead.left + zone.origin.left, top: ahead.top + zone.origin.top };
	}

	/** What the finger lies on, mm: on the edge that it pulls, wherever it took hold of it. */
	const underFinger = $derived.by(() => {
		if (!isTouch || !pulling || !pointed) return null;
		const origin = place(0, 0);
		const at = { x: (pointed.x - origin.x) / scale, y: (pointed.y - origin.y) / scale };
		const edge = edges.find((one) => one.id === held);
		if (!edge) return at;
		const on = (mm: number) => mm + aheadBy(edge) / scale;
		return upright(edge) ? { ...at, x: on(edge.line[0].x) } : { ...at, y: on(edge.line[0].y) };
	});

	/** The figure stands at the hand, or at the middle of what the keys move. */
	const shown = $derived.by(() => {
		const edge = edges.find((one) => one.id === held);
		if (edge) {
			const at = pointed ?? place((edge.line[0].x + edge.line[1].x) / 2, (edge.line[0].y + edge.line[1].y) / 2);
			const value = ahead && 'value' in ahead ? ahead.value : edge.value;
			return { ...at, text: `${edge.moves} ${showWithUnit(value, editor.reader, 'mark')}` };
		}
		const zone = zones.find((one) => one.id === held);
		if (!zone) return null;
		const at = pointed ?? place(zone.left, zone.top);
		const box = boxOf(zone);
		const [left, top] = [box.left - zone.origin.left, box.top - zone.origin.top].map((mm) =>
			showWithUnit(mm, editor.reader, 'mark')
		);
		return { ...at, text: `${zone.name}: ${left} across, ${top} down` };
	});
</script>

<!-- A phone that is turned lays everything out anew: what was pulled so far stands. -->
<svelte:window
	onresize={() => {
		if (!pull) return;
		settle();
		end();
	}}
/>

<g class="pulls">
	{#each shownZones as zone (zone.id)}
		{@const box = boxOf(zone)}
		{@const from = place(box.left, box.top)}
		{@const to = place(box.left + box.width, box.top + box.height)}
		<g
			class="zone"
			role="button"
			tabindex="0"
			aria-label="Zone {zone.name}: arrows move it; with Alt they resize it"
			onpointerdown={(event) => gripZone(event, zone, false)}
			onpointermove={follow}
			onpointerup={letGo}
			onpointercancel={letGo}
			onkeydown={(event) => stepZone(event, zone)}
			onfocus={() => (held = zone.id)}
			onblur={() => {
				if (!pull) end();
			}}
		>
			<rect x={from.x} y={from.y} width={to.x - from.x} height={to.y - from.y} />
		</g>
		<rect
			class="corner"
			aria-hidden="true"
			x={to.x - 5}
			y={to.y - 5}
			width="10"
			height="10"
			onpointerdown={(event) => gripZone(event, zone, true)}
			onpointermove={follow}
			onpointerup={letGo}
			onpointercancel={letGo}
		/>
	{/each}
	{#each shownEdges as edge (edge.id)}
		{@const by = aheadBy(edge)}
		{@const [dx, dy] = upright(edge) ? [by, 0] : [0, by]}
		{@const start = place(edge.line[0].x, edge.line[0].y)}
		{@const stop = place(edge.line[1].x, edge.line[1].y)}
		{@const from = { x: start.x + dx, y: start.y + dy }}
		{@const to = { x: stop.x + dx, y: stop.y + dy }}
		{@const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 }}
		<g
			class="edge {upright(edge) ? 'across' : 'down'}"
			class:held={held === edge.id}
			role="slider"
			tabindex="0"
			aria-label="{edge.name}: {edge.moves}"
			aria-orientation={upright(edge) ? 'horizontal' : 'vertical'}
			aria-valuemin={edge.least}
			aria-valuemax={5000}
			aria-valuenow={edge.value}
			aria-valuetext={showWithUnit(edge.value, editor.reader, 'mark')}
			onpointerdown={(event) => gripEdge(event, edge)}
			onpointermove={follow}
			onpointerup={letGo}
			onpointercancel={letGo}
			onkeydown={(event) => stepEdge(event, edge)}
			onfocus={() => (held = edge.id)}
			onblur={() => {
				if (!pull) end();
			}}
		>
			<line x1={from.x} y1={from.y} x2={to.x} y2={to.y} class="reach" />
			<line x1={from.x} y1={from.y} x2={to.x} y2={to.y} class="line" />
			{#if upright(edge)}<rect class="grip" x={middle.x - 2} y={middle.y - 11} width="4" height="22" rx="2" />{:else}<rect
					class="grip"
					x={middle.x - 11}
					y={middle.y - 2}
					width="22"
					height="4"
					rx="2"
				/>{/if}
		</g>
	{/each}
	{#if underFinger && pointed}<Loupe {drawn} middle={underFinger} finger={pointed} {scale} {size} />{/if}
	{#if shown}
		<!-- Where the loupe stands beside the finger, not above it, the figure stands over both. -->
		{@const wide = shown.text.length * 6.9 + 12}
		{@const left = Math.max(8, Math.min(shown.x + 14, size.width - wide))}
		<g
			class="figure"
			transform="translate({left} {Math.max(18, shown.y - (underFinger && shown.y < LOUPE_ABOVE ? 66 : 14))})"
			aria-hidden="true"
		>
			<rect x="-6" y="-15" width={wide} height="21" rx="2" />
			<text>{shown.text}</text>
		</g>
	{/if}
</g>

<style>
	.edge,
	.zone {
		touch-action: none;
		outline: none;
	}
	.edge:focus-visible,
	.zone:focus-visible {
		outline: none;
	}
	.across {
		cursor: ew-resize;
	}
	.down {
		cursor: ns-resize;
	}
	.reach {
		stroke: transparent;
		stroke-width: 9;
	}
	.line {
		stroke: transparent;
		stroke-width: 2;
	}
	.grip {
		fill: var(--accent);
		opacity: 0;
	}
	:global(figure:hover) .grip {
		opacity: 0.55;
	}
	.edge:hover .line,
	.edge:focus-visible .line,
	.held .line {
		stroke: var(--accent);
	}
	.edge:hover .grip,
	.edge:focus-visible .grip,
	.held .grip {
		opacity: 1;
	}
	.zone {
		cursor: move;
	}
	.zone rect {
		fill: transparent;
	}
	.zone:hover rect,
	.zone:focus-visible rect {
		fill: rgb(31 107 94 / 14%);
		stroke: var(--accent);
		stroke-width: 2;
	}
	.corner {
		fill: transparent;
		cursor: nwse-resize;
		touch-action: none;
	}
	:global(figure:hover) .corner {
		fill: var(--accent);
		opacity: 0.55;
	}
	.figure rect {
		fill: #14222b;
	}
	.figure text {
		fill: #fff;
		font-size: var(--text-sm);
	}
	.figure {
		pointer-events: none;
	}
	@media (pointer: coarse) {
		.reach {
			stroke-width: 44;
		}
		.grip {
			opacity: 0.7;
		}
	}
</style>
