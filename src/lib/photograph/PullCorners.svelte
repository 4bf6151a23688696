<script lang="ts">
	/** The photograph with its four corners: each is pulled onto the sheet's corner, by hand or with the arrow keys. */
	import { showLength } from '$core/units/show.ts';
	import Way from '$lib/ui/Way.svelte';
	import Working from '$lib/ui/Working.svelte';
	import { useWorkspace } from '$lib/workspace/context.ts';
	import { nth, there } from '$core/units/there.ts';

	const { editor, photograph } = useWorkspace();
	const NAMES = ['top-left', 'top-right', 'bottom-right', 'bottom-left'];
	let width = $state(0);
	let height = $state(0);
	let canvas = $state<HTMLCanvasElement>();
	let held = $state<number | null>(null);

	const preview = $derived(there(photograph.preview, 'preview'));
	const scale = $derived(Math.min((width - 24) / preview.width, (height - 24) / preview.height));
	const shown = $derived({ width: Math.max(1, preview.width * scale), height: Math.max(1, preview.height * scale) });
	const measure = $derived(editor.figures.measure);
	const busy = $derived(photograph.state === 'squaring' || photograph.state === 'keeping');
	const outline = $derived(photograph.corners.map(({ x, y }) => `${x * shown.width},${y * shown.height}`).join(' '));

	$effect(() => {
		const context = canvas?.getContext('2d');
		if (context) context.drawImage(preview, 0, 0);
	});

	function place(index: number, x: number, y: number) {
		photograph.corners[index] = { x: Math.min(1, Math.max(0, x)), y: Math.min(1, Math.max(0, y)) };
	}

	function pull(event: PointerEvent, index: number) {
		if (held !== index) return;
		const box = there((event.currentTarget as SVGElement).ownerSVGElement, 'owner s v g element').getBoundingClientRect();
		place(index, (event.clientX - box.left) / shown.width, (event.clientY - box.top) / shown.height);
	}

	function grip(event: PointerEvent, index: number) {
		(event.currentTarget as SVGElement).setPointerCapture(event.pointerId);
		held = index;
	}

	function step(event: KeyboardEvent, index: number) {
		const by = event.shiftKey ? 10 : 1;
		const moves: Record<string, [number, number]> = {
			ArrowLeft: [-by, 0],
			ArrowRight: [by, 0],
			ArrowUp: [0, -by],
			ArrowDown: [0, by]
		};
		const move = moves[event.key];
		if (!move) return;
		event.preventDefault();
		event.stopPropagation();
		const { x, y } = nth(photograph.corners, index);
		place(index, x + move[0] / shown.width, y + move[1] / shown.height);
	}
</script>

<section aria-label="Photograph of the sheet">
	<Way label="A photograph of the sheet" names={['Choose it', 'Drag its corners', 'Square it']} at={busy ? 2 : 1} />
	<header>
		<p>
			<strong>Drag each corner onto the sheet’s corner.</strong>
			{#if measure}It is squared to {showLength(measure.largest.width, editor.reader, 'mark').text} × {showLength(
					measure.largest.height,
					editor.reader,
					'mark'
				).text}
				{editor.unit}.{:else}Measure the sheet first: the photograph is squared to it.{/if}
		</p>
		<div class="presses">
			<button
				type="button"
				class="btn preset-filled-brand"
				disabled={!measure || busy}
				onclick={() => photograph.square(there(measure, 'measure'))}>Square it</button
			>
			<button type="button" class="btn preset-outlined-brand" onclick={() => photograph.close()}
				>{busy ? 'Stop' : 'Discard'}</button
			>
		</div>
	</header>
	{#if photograph.refusal}<p class="refusal" role="alert">{photograph.refusal}</p>{/if}
	{#if busy}
		<Working
			label={photograph.state === 'squaring' ? 'Squaring' : 'Saving'}
			done={photograph.state === 'squaring' ? photograph.progress : null}
		/>
	{/if}
	<div class="place" bind:clientWidth={width} bind:clientHeight={height}>
		{#if width > 0}
			<div class="photograph" style:width="{shown.width}px" style:height="{shown.height}px">
				<canvas bind:this={canvas} width={preview.width} height={preview.height} aria-hidden="true"></canvas>
				<svg width={shown.width} height={shown.height} role="group" aria-label="Corners of the sheet">
					<polygon points={outline} class="under" />
					<polygon points={outline} class="line" />
					{#each photograph.corners as corner, index (index)}
						<g
							role="button"
							tabindex="0"
							aria-label="Corner {NAMES[index]}, {Math.round(corner.x * 1000) / 10} % across, {Math.round(corner.y * 1000) /
								10} % down; arrows move it, with Shift farther"
							transform="translate({corner.x * shown.width} {corner.y * shown.height})"
							class:held={held === index}
							onpointerdown={(event) => grip(event, index)}
							onpointermove={(event) => pull(event, index)}
							onpointerup={() => (held = null)}
							onpointercancel={() => (held = null)}
							onkeydown={(event) => step(event, index)}
						>
							<circle r="22" class="grip" />
							<path d="M-13 0 H-4 M4 0 H13 M0 -13 V-4 M0 4 V13" class="under" />
							<path d="M-13 0 H-4 M4 0 H13 M0 -13 V-4 M0 4 V13" class="line" />
							<circle r="4" class="line" />
						</g>
					{/each}
				</svg>
			</div>
		{/if}
	</div>
</section>

<style>
	section {
		display: grid;
		grid-template-rows: auto auto auto minmax(0, 1fr);
		height: 100%;
		padding: 10px 16px;
		gap: 6px;
	}
	header {
		display: flex;
		justify-content: space-between;
		align-items: center;
		gap: 16px;
		grid-row: 1;
	}
	.presses {
		display: flex;
		gap: 8px;
	}
	.refusal {
		color: var(--stop);
		grid-row: 2;
	}
	.place {
		grid-row: 4;
		min-height: 0;
		display: grid;
		place-items: center;
		overflow: hidden;
	}
	.photograph {
		position: relative;
	}
	canvas,
	svg {
		position: absolute;
		inset: 0;
		width: 100%;
		height: 100%;
	}
	svg {
		overflow: visible;
		touch-action: none;
	}
	g {
		cursor: grab;
		outline: none;
	}
	g.held {
		cursor: grabbing;
	}
	.grip {
		fill: transparent;
	}
	g:focus-visible {
		outline: none;
	}
	g:focus-visible .grip {
		stroke: #fff;
		stroke-width: 3;
		fill: rgb(32 52 63 / 35%);
	}
	.line {
		fill: none;
		stroke: #fff;
		stroke-width: 1.5;
	}
	.under {
		fill: none;
		stroke: #14222b;
		stroke-width: 4;
		opacity: 0.55;
	}
</style>
