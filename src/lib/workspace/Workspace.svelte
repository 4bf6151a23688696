<script lang="ts">
	/** One job: stations, the open one's panel, the drawing to scale, grade and findings. */
	import { onMount, tick, type Component } from 'svelte';
	import { browser } from '$app/environment';
	import { beforeNavigate, goto, pushState } from '$app/navigation';
	import { page } from '$app/state';
	import type { JobFile } from '$core/job/definition.ts';
	import { isEmptyJob } from '$core/job/is-empty.ts';
	import { covers } from '$core/job/scopes.ts';
	import { PhotographDesk } from '$lib/photograph/desk.svelte.ts';
	import PullCorners from '$lib/photograph/PullCorners.svelte';
	import type { JobState } from '$core/job/state.ts';
	import type { PracticePage } from '$lib/server/job-page.ts';
	import Judge from '$lib/trainer/Judge.svelte';
	import type { WrittenShop } from '$core/shop/written.ts';
	import { CheapestDesk } from './cheapest.svelte.ts';
	import Bar from '$lib/ui/Bar.svelte';
	import Sign from '$lib/ui/Sign.svelte';
	import { lowered } from '$lib/ui/words.ts';
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
	import { filesOf } from './files.ts';
	import { isInField } from '$lib/ui/keys.ts';
	import WhilePrinted from '$lib/papers/WhilePrinted.svelte';
	import { STATIONS, stationsOf, viewOf, type StationId } from './stations.ts';
	import Strip from './Strip.svelte';
	import { stationOfPlace } from './station-of-place.ts';
	import { viewsOf, type ViewName } from './view-names.ts';
	import Views from './Views.svelte';
	import Why from './Why.svelte';
	import { nth } from '$core/units/there.ts';
	import { keysOfPath, pointer } from '$core/job/patch.ts';

	type Props = {
		number: string;
		rev: number;
		/** When that revision was kept, milliseconds since 1970. */ at: number;
		file: JobFile;
		/** Whether it is worked on. */ ended: JobState;
		/** What the shop set for itself. */ shop: WrittenShop;
		/** Which case of the trainer it is. */ practice: PracticePage | null;
	};
	const { number, rev, at, file, ended, shop, practice }: Props = $props();

	// The page is keyed by the job's number: the editor lives as long as the job is open.
	// svelte-ignore state_referenced_locally
	const editor = new JobEditor({ number, rev, at, file, ended, shop, reads: page.data.reads ?? null, blind: practice !== null });
	/** Its state takes room on the bar once it is no longer worked on. */
	const ENDED_LETTERS: Record<JobState, number> = { open: 0, 'handed-over': 13, archived: 10 };
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

	/** Where a job without an address in it opens. */
	const atFault = editor.faults[0] && pointer(keysOfPath(editor.faults[0].path));
	// svelte-ignore state_referenced_locally
	const FIRST: StationId =
		(atFault ? stationOfPlace(atFault) : null) ?? (isEmptyJob(file) ? 'intake' : editor.plan.measure ? 'window' : 'measure');
	/** A job that is a part may not have it. */
	const first = $derived(covers(editor.settled.job.scope, FIRST) ? FIRST : 'intake');
	// Every view has an address and is a step of the history: a reload comes back to the same place, and so does the browser's Back.
	const address = $derived.by(() => {
		// A step of the history moves the address; loading anew forgets its state.
		void page.state;
		return browser ? new URL(location.href).searchParams : page.url.searchParams;
	});
	const station = $derived(
		known(
			address.get('at'),
			stationsOf(editor.settled.job).map((one) => one.id)
		) ?? first
	);
	const views = $derived(viewsOf(editor.settled.job.scope));
	const view = $derived(known(address.get('view'), views) ?? known(viewOf(station), views) ?? views[0] ?? 'front');
	/** The bench has no drawing beside it: its steps bring their own. */
	const isWide = $derived(STATIONS.find((one) => one.id === station)?.view === null);
	let why = $state<string | null>(null);
	/** The figure that was pressed, outside of what explains it. */
	let asker = $state.raw<HTMLElement | null>(null);
	/** A zone is being drawn. */
	let zoning = $state(false);
	/** On a phone the drawing makes room for the form. */
	let folded = $state(false);
	const Open = $derived(PANELS[station]);
	const stationOfFault = $derived.by(() => {
		const [fault] = editor.faults;
		const id = fault && stationOfPlace(pointer(keysOfPath(fault.path)));
		return stationsOf(editor.settled.job).find((one) => one.id === id) ?? null;
	});

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
		const opened = next.station ?? station;
		const to = { at: opened, view: next.view ?? (opened === station ? view : viewOf(opened)) };
		if (to.at === station && to.view === view) return;
		pushState(`?at=${to.at}&view=${to.view}`, to);
	}

	let panel: HTMLElement;
	/** What is written in, before what is chosen. */
	const FIELDS = ['input:not([type=radio], [type=checkbox], [type=file], [tabindex="-1"]), textarea', 'select, input, button'];

	/** By its key: whoever has the hands on the keys goes on in its first field. */
	async function walkTo(id: StationId) {
		go({ station: id });
		await tick();
		const first = FIELDS.map((fields) => panel.querySelector<HTMLElement>(fields)).find((field) => field !== null);
		(first ?? panel).focus();
	}

	const cheapest = new CheapestDesk(editor);
	$effect(() => {
		if (!editor.blind) cheapest.look(editor.file, editor.settled.plan.grade, editor.unit);
	});
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
		if (command && event.key.toLowerCase() === 'y') {
			event.preventDefault();
			return redo(editor);
		}
		if (event.key === 'Escape' && zoning) return zone(false);
		if (event.key === 'Escape' && why) return closeWhy();
		if (command || event.altKey || isInField(event)) return;
		const key = event.key.toLowerCase();
		const pressed = stationsOf(editor.settled.job).find((one) => one.key === key);
		const paper = filesOf(number, editor.settled.plan).papers.find((one) => one.key === key);
		if (pressed || paper || key === 'z') event.preventDefault();
		if (pressed) void walkTo(pressed.id);
		else if (paper) void goto(paper.href);
		else if (key === 'u') editor.read(editor.unit === 'mm' ? 'in' : 'mm');
		else if (isWide) return;
		else if (key === '[' || key === ']') go({ view: nextView(key === ']' ? 1 : -1) });
		else if (key === 'z' && editor.plan.window) zone(!zoning);
		else if (key === 'l') go({ view: view === 'corner' ? 'front' : 'corner' });
	}

	function nextView(step: 1 | -1): ViewName {
		if (views.length === 0) return view;
		return nth(views, (views.indexOf(view) + step + views.length) % views.length);
	}

	// A piece of which nothing is known yet is asked for: title, owner, wanted, width, Enter through them.
	// svelte-ignore state_referenced_locally
	const isNew = isEmptyJob(file);
	onMount(() => {
		if (isNew) void walkTo(station);
		else if (atFault) panel.querySelector<HTMLElement>(`[data-place^="${atFault}"]`)?.focus();
	});

	/** The judge looks at what is kept. */
	async function keep(): Promise<boolean> {
		await editor.keeping.sendNow();
		return !editor.keeping.isUnsent;
	}

	let isLeaving = false;
	// Its papers are made of what is kept: what was just typed is sent before they are opened.
	beforeNavigate(({ to, type, cancel }) => {
		if (!to || type === 'popstate' || isLeaving || !editor.keeping.isUnsent || !to.url.pathname.startsWith(`/jobs/${number}/`))
			return;
		cancel();
		void editor.keeping.sendNow().then(() => leaveFor(to.url));
	});
	async function leaveFor(url: URL) {
		isLeaving = true;
		await goto(url);
		isLeaving = false;
	}

	/** Printed from here it is the job sheet, of the job as it stands on the screen. */
	let Sheet = $state.raw<typeof import('$lib/papers/JobSheet.svelte').default | null>(null);
	onMount(() => void import('$lib/papers/JobSheet.svelte').then((loaded) => (Sheet = loaded.default)));
</script>

<svelte:window {onkeydown} />
<svelte:head><title>{number} {editor.file.title ?? ''} · Rare Keep</title></svelte:head>

<!-- Its papers are loaded when they are opened, not when a pointer comes near: by then more may be kept. -->
<div
	class="workspace fixed-panes"
	data-sveltekit-preload-data="off"
	class:wide={isWide && !editor.keeping.conflict}
	class:folded
	data-unit={editor.unit}
>
	<Bar letters={(editor.file.title || 'New piece').length + ENDED_LETTERS[editor.keeping.ended]}>
		<span class="which" title={editor.file.title}
			><span class="number figures">{number}</span> <strong>{editor.file.title || 'New piece'}</strong></span
		>
		<State />
	</Bar>
	<Strip open={station} onopen={(id) => go({ station: id })} />
	<!-- A long panel is scrolled with the keys too. -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<main id="main" class="panel" tabindex="0" bind:this={panel}>
		{#if editor.faults[0]}{@const fault = editor.faults[0]}
			<p class="cannot" role="alert">
				<Sign of="stop" size={13} /> This job can’t be planned: {lowered(fault.says)} The view leaves that out.
				{#if stationOfFault && stationOfFault.id !== station}<button
						type="button"
						class="btn preset-quiet"
						onclick={() => void walkTo(stationOfFault.id)}>Open {stationOfFault.name}</button
					>{/if}
			</p>{/if}
		<!-- What throws here says so here, and the rest of the job goes on. -->
		<svelte:boundary onerror={(error) => console.error(error)}>
			<Open />
			{#snippet failed(_error, reset)}
				<div class="cannot" role="alert">
					<Sign of="stop" size={13} /> This panel can’t be shown because of an error. What you typed is saved. Undo the last change,
					or open another station.
					<button type="button" class="btn preset-outlined-brand" onclick={reset}>Try again</button>
				</div>
			{/snippet}
		</svelte:boundary>
	</main>
	{#if editor.keeping.conflict}
		<div class="conflict"><ConflictView /></div>
	{:else if !isWide}
		<section class="stage" aria-label="Drawing">
			{#if photograph.preview}<PullCorners />{:else}<Views
					{view}
					{zoning}
					{folded}
					onfold={() => (folded = !folded)}
					onview={(next) => go({ view: next })}
					onzoning={zone}
				/>{/if}
			{#if why}{#key asker}<Why path={why} beside={asker} onclose={closeWhy} onask={ask} />{/key}{/if}
		</section>
		{#if practice}<Judge {number} {practice} {keep} />{:else}<Findings onopen={(id) => go({ station: id })} />{/if}
	{/if}
</div>
{#if Sheet}<WhilePrinted
		><div class="for-paper">
			<Sheet
				{number}
				rev={editor.keeping.rev}
				job={editor.file}
				shop={editor.written}
				reads={editor.unit}
				paper={shop.about.paper ?? (editor.unit === 'in' ? 'letter' : 'a4')}
			/>
		</div></WhilePrinted
	>{/if}

<style>
	.workspace {
		display: grid;
		grid-template:
			'bar bar bar' auto
			'strip panel stage' minmax(0, 1fr)
			'strip panel findings' 212px / 208px 308px minmax(0, 1fr);
	}
	.workspace > :global(.bar) {
		grid-area: bar;
		min-width: 0;
	}
	.workspace > :global(.strip) {
		grid-area: strip;
	}
	.workspace > :global(.outcome),
	.workspace > :global(.judge) {
		grid-area: findings;
	}
	.panel {
		grid-area: panel;
		background: var(--panel);
		border-right: 1px solid var(--line-strong);
		position: relative;
		overflow-y: auto;
		padding: 14px 16px 24px;
	}
	.cannot {
		margin-bottom: 12px;
		padding: 8px 10px;
		border: 1px solid var(--stop);
		background: var(--sheet);
	}
	.cannot :global(svg) {
		display: inline;
	}
	.panel:focus-visible {
		outline: 2px solid var(--accent);
		outline-offset: -2px;
	}
	.wide .panel {
		grid-column: panel / -1;
		grid-row: panel / span 2;
	}
	.stage {
		grid-area: stage;
		position: relative;
		min-height: 0;
		min-width: 0;
	}
	.conflict {
		grid-column: stage;
		grid-row: stage / span 2;
		display: grid;
		min-height: 0;
	}
	.which {
		flex: 1;
		min-width: 0;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
		padding-left: 4px;
	}
	.number {
		color: var(--bar-quiet);
		margin-right: 6px;
	}
	/* Measured before it is printed, and not seen. */
	.for-paper {
		position: absolute;
		left: -10000px;
		visibility: hidden;
	}
	@media (min-width: 1600px) {
		.workspace {
			grid-template-columns: 228px 380px minmax(0, 1fr);
			grid-template-rows: auto minmax(0, 1fr) 248px;
		}
	}
	/* On a tablet drawing and form stand above each other, and both are seen. */
	@media (max-width: 1100px) {
		.workspace {
			grid-template:
				'bar' auto
				'strip' auto
				'stage' minmax(0, 1fr)
				'panel' minmax(0, 1fr)
				'findings' auto / minmax(0, 1fr);
		}
		.panel {
			border-right: 0;
			border-top: 1px solid var(--line-strong);
		}
		.wide .panel {
			grid-row: stage / span 2;
			grid-column: panel;
		}
		.conflict {
			grid-column: panel;
			grid-row: stage / span 3;
			z-index: 1;
			position: relative;
			overflow-y: auto;
		}
	}
	@media (max-width: 767px) {
		.workspace {
			grid-template-rows: auto auto minmax(150px, 1fr) minmax(0, 1fr) auto;
		}
		.workspace.folded {
			grid-template-rows: auto auto auto minmax(0, 1fr) auto;
		}
		.panel {
			padding-inline: 12px;
		}
	}
	@media print {
		.workspace {
			display: none;
		}
		.for-paper {
			position: static;
			visibility: visible;
		}
	}
</style>
