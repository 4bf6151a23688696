<script lang="ts">
	/** A phone or a tablet on the frame’s edge: how far it is out of level, from its own zero. */
	import { onMount } from 'svelte';
	import { page } from '$app/state';
	import { lowerBy, steadied, tiltOf, type Reading } from '$core/wall/level.ts';
	import { FRACTION, showLength, showNumber } from '$core/units/show.ts';
	import Bar from '$lib/ui/Bar.svelte';

	type Props = { /** Of the edge that it stands on, mm; null where nobody said. */ width: number | null };
	const { width }: Props = $props();
	const reader = $derived({ unit: page.data.reads ?? 'mm', fraction: FRACTION } as const);
	const PLACE = 'rare-keep level zero';
	/** A device that can tell does so many times a second. */
	const WAIT_MS = 2500;
	const LEVEL_WITHIN = 0.1;

	let read = $state.raw<Reading | null>(null);
	let zero = $state(0);
	let asks = $state(false);
	let silent = $state(false);
	const tilt = $derived(read && tiltOf(read, zero));
	const says = $derived.by(() => {
		if (tilt === null) return '';
		if (Math.abs(tilt) < LEVEL_WITHIN) return 'Level';
		const lower = Math.abs(width === null ? 0 : lowerBy(tilt, width));
		const over = width === null ? '' : `: ${showLength(lower, reader, 'mark').text} ${reader.unit} over the frame’s width`;
		return `Its ${tilt > 0 ? 'right' : 'left'} end is lower${over}`;
	});

	function listen() {
		asks = false;
		addEventListener('devicemotion', take);
		setTimeout(() => (silent = read === null), WAIT_MS);
	}

	function take({ accelerationIncludingGravity: felt }: DeviceMotionEvent) {
		const [x, y] = [felt?.x ?? null, felt?.y ?? null];
		if (x === null || y === null) return;
		read = steadied(read, { x, y });
		silent = false;
	}

	type Asking = { requestPermission?: () => Promise<string> };
	const asking = (): Asking['requestPermission'] =>
		typeof DeviceMotionEvent === 'undefined' ? undefined : (DeviceMotionEvent as unknown as Asking).requestPermission;

	async function allow() {
		const said = await asking()
			?.call(DeviceMotionEvent)
			.catch(() => 'denied');
		asks = false;
		if (said === 'granted') listen();
		else silent = true;
	}

	function setZero() {
		const now = read && tiltOf(read);
		if (now === null) return;
		zero = now;
		localStorage.setItem(PLACE, String(now));
	}

	function dropZero() {
		zero = 0;
		localStorage.removeItem(PLACE);
	}

	onMount(() => {
		const kept = Number(localStorage.getItem(PLACE) ?? '0');
		zero = Number.isFinite(kept) ? kept : 0;
		// Some ask for leave first, which only a press may do.
		if (asking()) asks = true;
		else listen();
		return () => removeEventListener('devicemotion', take);
	});
</script>

<svelte:head><title>Level · Rare Keep</title></svelte:head>
<div class="screen">
	<Bar here="Walls" />
	<main id="main" tabindex="-1">
		<h1>Level</h1>
		{#if asks}
			<p class="quiet ask">
				On the frame’s top edge, screen toward you, it shows which end is lower. The browser may ask permission.
			</p>
			<button type="button" class="btn preset-filled-brand" onclick={allow}>Use it as a level</button>
		{:else if silent}
			<p role="status">
				This device has no tilt sensor, or access is blocked. A spirit level on the frame’s top edge does the same.
			</p>
		{:else if read === null}
			<p role="status">Waiting for the sensor …</p>
		{:else if tilt === null}
			<p role="status">Stand it on edge on the frame’s top, screen toward you.</p>
		{:else}
			<p class="degrees figures" class:level={Math.abs(tilt) < LEVEL_WITHIN}>{showNumber(Math.abs(tilt), 1)}°</p>
			<p class="says" role="status">{says}</p>
			<svg viewBox="-100 -60 200 120" aria-hidden="true">
				<path class="true" d="M-92 0H92" />
				<g transform="rotate({tilt})"><path class="edge" d="M-92 0H92" /><path class="edge" d="M0 -8V8" /></g>
			</svg>
			<p class="ways">
				<button type="button" class="btn preset-outlined-brand" onclick={setZero}>This edge is level</button>
				{#if zero !== 0}<button type="button" class="btn preset-quiet" onclick={dropZero}
						>reset zero, {showNumber(Math.abs(zero), 1)}° off</button
					>{/if}
			</p>
			<p class="quiet">
				Set zero on an edge you know is level: a case or camera bump tilts it. Accurate to about a tenth of a degree.
			</p>
		{/if}
	</main>
</div>

<style>
	.screen {
		min-height: 100dvh;
		display: grid;
		grid-template-rows: auto 1fr;
	}
	main {
		width: min(560px, 100%);
		margin: 0 auto;
		padding: 20px 18px;
	}
	h1 {
		font-size: 28px;
		margin-bottom: 8px;
	}
	.degrees {
		font-size: 84px;
		line-height: 1.1;
		font-variant-numeric: tabular-nums;
	}
	.level {
		text-decoration: underline;
		text-decoration-thickness: 3px;
		text-underline-offset: 10px;
	}
	.ask {
		margin-bottom: 14px;
	}
	.says {
		font-size: 20px;
		min-height: 2.6em;
	}
	svg {
		width: 100%;
		margin: 10px 0;
	}
	.true {
		stroke: var(--quiet);
		stroke-width: 1;
		stroke-dasharray: 4 4;
		fill: none;
	}
	.edge {
		stroke: var(--ink);
		stroke-width: 3;
		fill: none;
	}
	.ways {
		margin-bottom: 12px;
		display: flex;
		flex-wrap: wrap;
		gap: 10px;
	}
</style>
