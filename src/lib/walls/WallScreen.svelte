<script lang="ts">
	/** A wall: what it is and what hangs there on the left, drawn to scale, and the hooks as a list. */
	import Redo from '@lucide/svelte/icons/redo-2';
	import Undo from '@lucide/svelte/icons/undo-2';
	import { onDestroy } from 'svelte';
	import { goto, invalidateAll } from '$app/navigation';
	import { page } from '$app/state';
	import type { DateLanguage } from '$core/shop/about.ts';
	import type { WallPage } from '$lib/server/wall.ts';
	import Bar from '$lib/ui/Bar.svelte';
	import { showDate } from '$lib/ui/days.ts';
	import { isInField } from '$lib/ui/keys.ts';
	import Tip from '$lib/ui/Tip.svelte';
	import GroupFields from './GroupFields.svelte';
	import HookList from './HookList.svelte';
	import OnTheWall from './OnTheWall.svelte';
	import { scenesOf } from './pieces.ts';
	import { WallDesk } from './wall-desk.svelte.ts';
	import WallDrawing from './WallDrawing.svelte';
	import WallFields from './WallFields.svelte';

	const start: WallPage = $props();
	// svelte-ignore state_referenced_locally
	const desk = new WallDesk(start, page.data.reads ?? null);
	onDestroy(() => desk.close());
	const scenes = $derived(scenesOf(desk.file, desk.pieces));

	function onkeydown(event: KeyboardEvent) {
		const command = event.ctrlKey || event.metaKey;
		if (command && event.key.toLowerCase() === 'z') {
			event.preventDefault();
			if (event.shiftKey) desk.redo();
			else desk.undo();
			return;
		}
		if (command && event.key.toLowerCase() === 'y') {
			event.preventDefault();
			return desk.redo();
		}
		if (command || event.altKey || isInField(event)) return;
		if (event.key === 'Delete' && desk.chosen.length === 1) for (const id of desk.chosen) desk.remove(id);
	}

	/** Jobs were changed: they hang as they are now. */
	async function readAgain() {
		await desk.keep();
		await invalidateAll();
		desk.pieces = start.pieces;
	}

	/** The paper is made of what is kept: what was just changed is sent before it is opened. */
	async function leave(event: MouseEvent & { currentTarget: HTMLAnchorElement }) {
		const to = event.currentTarget.href;
		if (desk.keeping === 'kept' || event.ctrlKey || event.metaKey) return;
		event.preventDefault();
		await desk.keep();
		await goto(to);
	}

	/** A press chooses it alone; with Shift or Ctrl it is chosen with the others. */
	function pull(id: string, alone: boolean) {
		if (alone) desk.chosen = [id];
		else desk.choose(id);
		desk.pull();
	}
	const state = $derived(
		desk.keeping === 'kept'
			? `saved ${showDate(desk.keptAt, 'time', page.data.dates as DateLanguage)}`
			: desk.keeping === 'keeping'
				? 'saving …'
				: desk.keeping === 'away'
					? 'no connection to the server: retrying'
					: ''
	);
</script>

<svelte:window {onkeydown} onbeforeunload={() => void desk.keep()} />
<svelte:head><title>{desk.name} · Walls · Rare Keep</title></svelte:head>
<div class="walls fixed-panes" data-sveltekit-preload-data="off">
	<Bar here="Walls" letters={desk.name.length} wraps>
		<span class="which"><strong>{desk.name}</strong></span>
		<div class="state">
			<Tip name="Undo" key="Ctrl Z" disabled={!desk.canUndo} onpress={() => desk.undo()}
				><Undo size={17} aria-hidden="true" /></Tip
			>
			<Tip name="Redo" key="Ctrl Y" disabled={!desk.canRedo} onpress={() => desk.redo()}
				><Redo size={17} aria-hidden="true" /></Tip
			>
			<a class="btn preset-on-bar" href="/walls/{desk.id}/sheet" onclick={leave}>Hook list</a>
			<a class="btn preset-on-bar" href="/walls/{desk.id}/nails" onclick={leave}>Nails 1 : 1</a>
		</div>
		<span class="kept" role="status">{state}</span>
	</Bar>
	<main id="main" tabindex="-1">
		<h1 class="seen-by-readers">{desk.name}</h1>
		<p class="ways"><a class="anchor" href="/walls">All walls</a> <a class="anchor" href="/level">Level on this device</a></p>
		{#if desk.refused}<p class="fault" role="alert">
				{desk.refused}
				{#if desk.keeping === 'conflict'}<button
						type="button"
						class="btn btn-sm preset-outlined-brand"
						onclick={() => location.reload()}>Reload it</button
					>{/if}
			</p>{/if}
		<OnTheWall {desk} onchanged={readAgain} />
		{#each desk.file.groups as group, at (at)}<GroupFields {desk} {group} {at} />{/each}
		<WallFields {desk} />
	</main>
	<section class="stage" aria-label="Drawing">
		<WallDrawing
			wall={desk.wall.wall}
			plan={desk.plan}
			reader={desk.reader}
			{scenes}
			titleOf={(id) => desk.titleOf(id)}
			chosen={desk.chosen}
			onmove={(id, right, up) => desk.move(id, right, up)}
			onpull={pull}
			onpulled={() => desk.pulled()}
		/>
	</section>
	<HookList {desk} />
</div>

<style>
	.walls {
		display: grid;
		grid-template:
			'bar bar' auto
			'panel stage' minmax(0, 1fr)
			'panel hooks' 236px / 372px minmax(0, 1fr);
	}
	.walls > :global(.bar) {
		grid-area: bar;
		min-width: 0;
	}
	main {
		grid-area: panel;
		position: relative;
		overflow-y: auto;
		padding: 12px 16px 30px;
		background: var(--panel);
		border-right: 1px solid var(--line-strong);
	}
	.ways {
		display: flex;
		gap: 18px;
	}
	.which {
		flex: 1;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	.state {
		display: flex;
		gap: 10px;
		align-items: center;
	}
	.kept {
		font-size: var(--text-sm);
		white-space: nowrap;
	}
	.stage {
		grid-area: stage;
		padding: 14px 18px 8px;
		min-height: 0;
		min-width: 0;
	}
	.fault {
		color: var(--stop);
	}
	@media (max-width: 1100px) {
		.walls {
			grid-template:
				'bar' auto
				'stage' minmax(220px, 42dvh)
				'panel' auto
				'hooks' auto / minmax(0, 1fr);
			height: auto;
			min-height: 100dvh;
			overflow: visible;
		}
		main {
			border-right: 0;
			border-top: 1px solid var(--line-strong);
		}
		.stage {
			position: sticky;
			top: 0;
			z-index: 1;
			background: var(--table);
			padding: 8px 12px;
		}
		.kept {
			display: none;
		}
	}
	@media (max-width: 767px) {
		.which {
			flex-basis: 60%;
		}
	}
</style>
