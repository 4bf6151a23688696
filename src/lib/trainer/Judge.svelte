<script lang="ts">
	/** A case while it is played: what was said, what a second look finds, and the judge. */
	import { caseOf, CASE_IDS } from '$core/views/trainer/cases/all.ts';
	import type { Line } from '$core/views/trainer/judge.ts';
	import type { PracticePage } from '$lib/server/job-page.ts';
	import { isInField } from '$lib/ui/keys.ts';
	import Sign from '$lib/ui/Sign.svelte';
	import { STATIONS } from '$lib/workspace/stations.ts';
	import { JudgeDesk } from './judge-desk.svelte.ts';

	type Props = { number: string; practice: PracticePage; keep: () => Promise<boolean> };
	const { number, practice, keep }: Props = $props();
	// One number, one case, as long as the page is open.
	// svelte-ignore state_referenced_locally
	const desk = new JudgeDesk(number, () => keep());
	const of = $derived(caseOf(practice.id));
	const place = $derived(CASE_IDS.indexOf(practice.id) + 1);
	const verdict = $derived(desk.verdict);
	const station = $derived(STATIONS.find(({ id }) => id === of.station)?.name ?? of.station);
	let hasLooked = $state(false);

	function onkeydown(event: KeyboardEvent) {
		if (event.key.toLowerCase() !== 'v' || event.ctrlKey || event.metaKey || event.altKey || isInField(event)) return;
		event.preventDefault();
		void desk.ask(false);
	}
</script>

<svelte:window {onkeydown} />

{#snippet lines(all: readonly Line[])}
	<ul>
		{#each all as { says, why, rule }, at (at)}
			<li>
				<p>{says}</p>
				{#if why}<p class="reason">{why}</p>{/if}
				{#if rule}<a class="anchor" href="/handbook/findings#{rule}">About this finding</a>{/if}
			</li>
		{/each}
	</ul>
{/snippet}

<section class="judge" aria-label="The case and its judge">
	<div class="case">
		<p class="quiet">Trainer, case {place} of {CASE_IDS.length}</p>
		<h2>{of.title}</h2>
		<p>{of.told}</p>
		{#if hasLooked}{#each of.looked as line, at (at)}<p class="looked">{line}</p>{/each}{:else}<button
				type="button"
				class="btn btn-sm preset-quiet"
				onclick={() => (hasLooked = true)}>Back to the piece</button
			>{/if}
		{#if !verdict}<p class="quiet">One fault is built in. Find it, fix it, then check. Findings are hidden here.</p>{/if}
	</div>
	<div class="verdict">
		<div class="ways">
			<button
				type="button"
				class="btn preset-filled-brand"
				disabled={desk.busy}
				aria-keyshortcuts="v"
				onclick={() => desk.ask(false)}>Check my fix <kbd>V</kbd></button
			>
			{#if verdict && !verdict.solved && verdict.fault.length === 0}<button
					type="button"
					class="btn preset-outlined-brand"
					disabled={desk.busy}
					onclick={() => desk.ask(true)}>Show the fault</button
				>{/if}
			<a class="btn preset-quiet" href="/trainer">All cases</a>
		</div>
		<div role="status">
			{#if desk.refused}<p class="fault">{desk.refused}</p>{/if}
			{#if verdict?.solved}
				<p class="word"><Sign of="settled" size={14} /> Fixed. The fault was:</p>
				{@render lines(verdict.fault)}
			{:else if verdict}
				<p class="word">
					<Sign of="caution" size={14} />
					{verdict.fault.some(({ settled }) => settled)
						? 'The fault is gone, but something else is wrong:'
						: `Not yet. The fault is at ${station}.`}
				</p>
				{#if verdict.fault.length > 0}{@render lines(verdict.fault)}{/if}
				{#if verdict.also.length > 0}
					{#if !verdict.fault.some(({ settled }) => settled)}<p>This is wrong too:</p>{/if}
					{@render lines(verdict.also)}
				{/if}
			{/if}
		</div>
	</div>
</section>

<style>
	.judge {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1.3fr);
		gap: 6px 28px;
		padding: 12px 18px;
		background: var(--panel);
		border-top: 1px solid var(--line-strong);
		position: relative;
		overflow-y: auto;
		min-height: 0;
	}
	.judge h2 {
		font-family: var(--serif);
		font-size: 19px;
		color: var(--ink);
		border: 0;
	}
	.case > * {
		margin-bottom: 4px;
	}
	.case .quiet {
		font-size: 0.9em;
	}
	.looked {
		border-left: 3px solid var(--accent);
		padding-left: 9px;
	}
	.ways {
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
		margin-bottom: 8px;
	}
	.word {
		display: flex;
		gap: 7px;
		align-items: center;
		font-weight: 600;
	}
	li {
		padding: 4px 0 6px;
	}
	.reason {
		color: var(--soft);
	}
	.fault {
		color: var(--stop);
	}
	@media (max-width: 1100px) {
		.judge {
			max-height: 38dvh;
		}
	}
	@media (max-width: 767px) {
		.judge {
			grid-template-columns: minmax(0, 1fr);
			padding: 10px 12px;
		}
	}
</style>
