<script lang="ts">
	/** One job: stations, the open one's panel, the drawing to scale, grade and findings. */
	import { onMount, type Component } from 'svelte';
	import { replaceState } from '$app/navigation';
	import { page } from '$app/state';
	import type { JobFile } from '$core/job/definition.ts';
	import { PhotographDesk } from '$lib/photograph/desk.svelte.ts';
	import PullCorners from '$lib/photograph/PullCorners.svelte';
	import type { JobState } from '$core/job/state.ts';
	import type { WrittenShop } from '$core/shop/written.ts';
	import { CheapestDesk } from './cheapest.svelte.ts';
	import Bar from '$lib/ui/Bar.svelte';
	import Keys from '$lib/ui/Keys.svelte';
	import ConflictView from './ConflictView.svelte';
	import { provideWorkspace } from './context.ts';
	import { JobEditor } from './editor.svelte.ts';
	import Findings from './Findings.svelte';
	import Back from './panels/Back.svelte';
	import Bench from './panels/Bench.svelte';
	import Cut from './panels/Cut.svelte';
	import Frame from './panels/Frame.svelte';
	import Guard from './panels/Guard.svelte';
	import Hold from './panels/Hold.svelte';
	import Intake from './panels/Intake.svelte';
	import Measure from './panels/Measure.svelte';
	import Papers from './panels/Record.svelte';
	import Wall from './panels/Wall.svelte';
	import Window from './panels/Window.svelte';
	import State from './State.svelte';
	import { redo, undo } from './steps.ts';
	import { STATIONS, type StationId } from './stations.ts';
	import Strip from './Strip.svelte';
	import { VIEW_NAMES, type ViewName } from './view-names.ts';
	import Views from './Views.svelte';
	import Why from './Why.svelte';
	import { nth, there } from '$core/units/there.ts';

	type Props = {
		number: string;
		rev: number;
		file: JobFile;
		/** Whether it is worked on. */ ended: JobState;
		/** What the shop set for itself. */ shop: WrittenShop;
	};
	const { number, rev, file, ended, shop }: Props = $props();

	// The page is keyed by the job's number: the editor lives as long as the job is open.
	// svelte-ignore state_referenced_locally
	const editor = new JobEditor({ number, rev, file, ended, shop, reads: page.data.reads ?? null });
	const PANELS: Record<StationId, Component> = {
		intake: Intake,
		measure: Measure,
		window: Window,
		guard: Guard,
		hold: Hold,
		frame: Frame,
		cut: Cut,
		bench: Bench,
		back: Back,
		wall: Wall,
		record: Papers
	};

	/** Guard layer by layer, Hold from the back where hinges can be pulled, Frame in section at the rabbet. */
	const OWN_VIEW: Partial<Record<StationId, ViewName>> = { guard: 'layers', hold: 'back', frame: 'section' };

	// Every view has an address, so a reload comes back to the same place.
	let station = $state<StationId>(
		known(
			page.url.searchParams.get('at'),
			STATIONS.map((one) => one.id)
		) ?? (editor.plan.measure ? 'window' : 'measure')
	);
	// svelte-ignore state_referenced_locally
	let view = $state<ViewName>(known(page.url.searchParams.get('view'), VIEW_NAMES) ?? OWN_VIEW[station] ?? 'front');
	let why = $state<string | null>(null);
	/** The figure that was pressed, outside of what explains it. */
	let asker = $state.raw<HTMLElement | null>(null);
	let showKeys = $state(false);
	/** A zone is being drawn. */
	let zoning = $state(false);
	const Open = $derived(PANELS[station]);

	function known<T extends string>(text: string | null, all: readonly T[]): T | null {
		return all.find((one) => one === text) ?? null;
	}

	function zone(on: boolean) {
		zoning = on;
		if (on) go({ view: 'front' });
	}

	function ask(path: string) {
		const pressed = document.activeElement as HTMLElement | null;
		if (!pressed?.closest('.why')) asker = pressed === document.body ? null : pressed;
		why = path;
	}

	function closeWhy() {
		why = null;
		asker?.focus();
		asker = null;
	}

	function go(next: { station?: StationId; view?: ViewName }) {
		// Some stations are looked at in a view of their own; elsewhere that gives way to the window again.
		if (next.station && next.station !== station && !next.view) {
			const own = OWN_VIEW[next.station];
			if (own) view = own;
			else if (view === OWN_VIEW[station]) view = 'front';
		}
		station = next.station ?? station;
		view = next.view ?? view;
		replaceState(`?at=${station}&view=${view}`, {});
	}

	const cheapest = new CheapestDesk(editor);
	$effect(() => cheapest.look(editor.file, editor.settled.plan.grade, editor.unit));
	const photograph = new PhotographDesk();
	provideWorkspace({ editor, photograph, cheapest, ask, look: (next) => go({ view: next }) });
	onMount(() => {
		const stop = editor.start();
		return () => {
			photograph.close();
			cheapest.close();
			stop();
		};
	});

	function onkeydown(event: KeyboardEvent) {
		const command = event.ctrlKey || event.metaKey;
		if (command && event.key.toLowerCase() === 'z') {
			event.preventDefault();
			if (event.shiftKey) redo(editor);
			else undo(editor);
			return;
		}
		if (command && event.key.toLowerCase() === 'p') {
			event.preventDefault();
			location.href = `/jobs/${number}/sheet`;
			return;
		}
		if (event.key === 'Escape' && zoning) return zone(false);
		if (event.key === 'Escape' && why) return closeWhy();
		const inField = (event.target as HTMLElement).closest('input:not([type=radio]):not([type=checkbox]), select, textarea');
		if (command || event.altKey || inField) return;
		const index = '1234567890'.indexOf(event.key);
		if (index >= 0) go({ station: nth(STATIONS, index).id });
		else if (event.key === '[' || event.key === ']')
			go({
				view: there(
					VIEW_NAMES[(VIEW_NAMES.indexOf(view) + (event.key === ']' ? 1 : VIEW_NAMES.length - 1)) % VIEW_NAMES.length],
					'value'
				)
			});
		else if (event.key.toLowerCase() === 'u') editor.read(editor.unit === 'mm' ? 'in' : 'mm');
		else if (event.key.toLowerCase() === 'z' && editor.plan.window) {
			event.preventDefault();
			zone(!zoning);
		} else if (event.key.toLowerCase() === 'l') go({ view: view === 'corner' ? 'front' : 'corner' });
		else if (event.key === '?') showKeys = !showKeys;
	}
</script>

<svelte:window {onkeydown} />
<svelte:head><title>{number} {editor.file.title ?? ''} · Rare Keep</title></svelte:head>

<div class="workspace">
	<Bar>
		<span class="which"><span class="number figures">{number}</span> <strong>{editor.file.title || 'New piece'}</strong></span>
		<State onkeys={() => (showKeys = !showKeys)} />
	</Bar>
	<Strip open={station} onopen={(id) => go({ station: id })} />
	<!-- A long panel is scrolled with the keys too. -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<main id="main" class="panel" tabindex="0"><Open /></main>
	<div class="right">
		{#if editor.keeping.conflict}
			<ConflictView />
		{:else}
			<section class="stage" aria-label="Drawing">
				{#if photograph.preview}<PullCorners />{:else}<Views
						{view}
						{zoning}
						onview={(next) => go({ view: next })}
						onzoning={zone}
					/>{/if}
				{#if why}{#key asker}<Why path={why} beside={asker} onclose={closeWhy} onask={ask} />{/key}{/if}
			</section>
			<Findings onopen={(id) => go({ station: id })} />
		{/if}
	</div>
</div>
{#if showKeys}<Keys onclose={() => (showKeys = false)} />{/if}

<style>
	.workspace {
		display: grid;
		grid-template: 46px minmax(0, 1fr) / 196px 300px minmax(0, 1fr);
		height: 100dvh;
	}
	.workspace > :global(.bar) {
		grid-column: 1 / -1;
	}
	.panel {
		background: var(--panel);
		border-right: 1px solid var(--line-strong);
		overflow-y: auto;
		padding: 14px 16px 24px;
	}
	.panel:focus-visible {
		outline: 2px solid var(--accent);
		outline-offset: -2px;
	}
	.right {
		display: grid;
		grid-template-rows: minmax(0, 1fr) 212px;
		min-width: 0;
	}
	.stage {
		position: relative;
		min-height: 0;
	}
	.which {
		flex: 1;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
		padding-left: 4px;
	}
	.number {
		color: #b9c6cd;
		margin-right: 6px;
	}
	@media (max-width: 1023px) {
		.workspace {
			grid-template: auto / minmax(0, 1fr);
			height: auto;
		}
		.right {
			grid-template-rows: 70vh auto;
		}
	}
</style>
