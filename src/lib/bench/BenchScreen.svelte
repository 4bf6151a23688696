<script lang="ts">
	/** The run of a job at the bench: one step at a time, read from where the hands are. */
	import { onDestroy, onMount, tick } from 'svelte';
	import { isInField } from '$lib/ui/keys.ts';
	import { showMinutes } from '$core/units/show.ts';
	import { asAway, keepAwake, say } from './awake.ts';
	import { BenchDesk, type BenchStart } from './bench-desk.svelte.ts';
	import Begin from './Begin.svelte';
	import BenchKeys from './BenchKeys.svelte';
	import Changed from './Changed.svelte';
	import Ended from './Ended.svelte';
	import Hands from './Hands.svelte';
	import StepFace from './StepFace.svelte';
	import StepList from './StepList.svelte';
	import Judge from '$lib/trainer/Judge.svelte';
	import Sign from '$lib/ui/Sign.svelte';
	import Timers from './Timers.svelte';
	import Wrong from './Wrong.svelte';

	const start: BenchStart = $props();
	// svelte-ignore state_referenced_locally
	const desk = new BenchDesk(start);
	onMount(() => {
		desk.open();
		return keepAwake();
	});
	onDestroy(() => desk.close());

	const begun = $derived(desk.run.rev > 0);
	const ended = $derived(desk.run.endedAt !== null);
	const place = $derived(desk.steps.findIndex(({ id }) => id === desk.step?.id) + 1);
	const minutesIn = $derived(begun ? Math.max(0, Math.floor((desk.now - desk.run.begunAt) / 60_000)) : 0);

	/** What a step has a key of its own for. */
	const keyed = (key: string) => document.querySelector<HTMLElement>(`main [data-key="${CSS.escape(key)}"]`);

	/** R: said once more, by the step that has a better use for it otherwise. */
	function again() {
		const own = keyed('r');
		if (own) own.click();
		else if (desk.step) say([desk.step.title, ...desk.step.does].join('. '));
	}

	const KEYS: Record<string, () => void> = {
		' ': () => (begun && !ended ? desk.goOn() : begun ? undefined : desk.begin()),
		ArrowRight: () => begun && !ended && desk.goOn(),
		ArrowLeft: () => desk.back(),
		x: () => begun && (desk.aside = desk.aside === 'wrong' ? null : 'wrong'),
		r: again,
		i: () => (desk.initials.known.length > 1 ? desk.initials.turn() : document.getElementById('initials')?.focus())
	};

	/** What was pressed with a finger gives the keys back: Space, and a pedal with it, goes on instead of pressing it once more. */
	async function onclick(event: MouseEvent) {
		const pressed = event.detail > 0 && event.target instanceof Element ? event.target.closest('button, summary') : null;
		await tick();
		const { activeElement: at } = document;
		if (pressed && (at === pressed || at === document.body)) document.getElementById('main')?.focus({ preventScroll: true });
	}

	function onkeydown(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || event.altKey || isInField(event)) return;
		if (event.key === 'Escape') desk.aside = null;
		// What has the focus is pressed by Space as anywhere.
		if (event.key === ' ' && event.target instanceof Element && event.target.closest('button, a, summary')) return;
		const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
		const own = key === ' ' ? null : keyed(key);
		const does = own ? () => own.click() : KEYS[key];
		if (!does) return;
		event.preventDefault();
		does();
	}
</script>

<svelte:head><title>Bench {desk.number} · Rare Keep</title></svelte:head>
<svelte:window {onkeydown} {onclick} />

<div class="by-bench screen fixed-panes" data-unit={desk.planned.job.reader.unit}>
	<header>
		<h1>Bench</h1>
		<a class="job" href="/jobs/{desk.number}?at=bench"><span class="no">{desk.number}</span> {desk.title}</a>
		<Timers {desk} />
		{#if begun}<p class="far">
				Step {place} of {desk.steps.length}{minutesIn > 0 ? ` · ${showMinutes(minutesIn)} in` : ''}
			</p>{/if}
		<Hands initials={desk.initials} />
	</header>
	<StepList {desk} />
	<!-- It scrolls, by the keys too. -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<main id="main" tabindex="0">
		{#if desk.practice}<Judge number={desk.number} practice={desk.practice} keep={() => desk.bench.sendNow()} />{/if}
		{#if desk.bench.away}<p class="away" role="status">{asAway(desk.bench.pending.length)}</p>{/if}
		{#if desk.bench.refused}<p class="away" role="alert">{desk.bench.refused}</p>{/if}
		{#if desk.run.despite}{@const { stops, because } = desk.run.despite}
			<details class="despite">
				<summary
					><Sign of="stop" size={14} /> Begun with {stops.length === 1 ? 'a stop' : `${stops.length} stops`}: “{because}”</summary
				>
				<ul>
					{#each stops as says (says)}<li>{says}</li>{/each}
				</ul>
			</details>{/if}
		{#if desk.steps.length === 0}
			<h2>Nothing to do yet</h2>
			<p class="does">
				Measure the sheet and choose a frame first. <a class="anchor" href="/jobs/{desk.number}">Open the job</a>.
			</p>
		{:else if !begun || desk.aside === 'door'}
			<Begin {desk} />
		{:else if desk.hasChanged}
			<Changed {desk} />
		{:else if ended && desk.aside === null}
			<Ended {desk} />
		{:else if desk.aside === 'wrong'}
			<Wrong {desk} />
		{:else if desk.step}
			{#key desk.step.id}<StepFace {desk} step={desk.step} />{/key}
		{/if}
	</main>
	<BenchKeys {desk} {begun} {ended} {again} />
</div>

<style>
	.despite {
		margin-bottom: 12px;
		padding: 6px 12px;
		border-left: 3px solid var(--stop);
		font-size: var(--text-base);
	}
	.despite summary :global(svg) {
		display: inline;
	}
	.despite li {
		margin: 4px 0 4px 18px;
	}
	.screen {
		display: grid;
		grid-template: auto minmax(0, 1fr) auto / 300px minmax(0, 1fr);
		grid-template-areas: 'head head' 'list main' 'keys keys';

		background: var(--table);
		font-size: 18px;
	}
	header {
		grid-area: head;
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 4px 22px;
		padding: 10px 20px;
		background: #000;
	}
	@media (min-width: 1101px) {
		header {
			flex-wrap: nowrap;
		}
	}
	h1 {
		font-size: 22px;
	}
	.job {
		flex: 1 1 140px;
		min-width: 0;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
		color: var(--ink);
		text-decoration: none;
	}
	.job:hover {
		text-decoration: underline;
	}
	.no {
		white-space: nowrap;
	}
	.far {
		color: var(--quiet);
		white-space: nowrap;
	}
	main {
		grid-area: main;
		padding: 20px 28px 28px;
		position: relative;
		overflow-y: auto;
	}
	main > :global(.judge) {
		margin-bottom: 20px;
		border: 1px solid var(--line);
	}
	.away {
		margin-bottom: 14px;
		padding: 8px 12px;
		border: 1px solid var(--caution);
		color: var(--caution-ink);
	}
	@media (max-width: 900px) {
		.screen {
			grid-template: auto auto minmax(0, 1fr) auto / minmax(0, 1fr);
			grid-template-areas: 'head' 'list' 'main' 'keys';
		}
		main {
			padding: 14px 18px 20px;
		}
	}
	@media (max-width: 600px) {
		header {
			padding: 8px 14px;
			gap: 2px 14px;
		}
	}
</style>
