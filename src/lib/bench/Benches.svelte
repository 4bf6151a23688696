<script lang="ts">
	/** What is at the bench now, what dries and until when, and what cost minutes that nothing was made in. */
	import { onMount } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import { page } from '$app/state';
	import type { DateLanguage } from '$core/shop/about.ts';
	import { showMinutes } from '$core/units/show.ts';
	import { REOPENS } from '$core/views/bench/causes.ts';
	import type { LostRow } from '$lib/server/db/bench.ts';
	import type { OpenRun } from '$lib/server/bench.ts';
	import Bar from '$lib/ui/Bar.svelte';
	import Chart from '$lib/ui/chart/Chart.svelte';
	import { showMoment } from '$lib/ui/days.ts';
	import { hearWhileSeen } from '$lib/ui/hear.ts';
	import { lostByCause, lostChart } from './lost-chart.ts';

	type Props = { runs: OpenRun[]; lost: LostRow[]; now: number };
	const { runs, lost: rows, now: started }: Props = $props();
	const lost = $derived(lostByCause(rows));
	const total = $derived(lost.reduce((sum, { minutes }) => sum + minutes, 0));
	let passed = $state(0);
	const now = $derived(started + passed);
	const dates = $derived(page.data.dates as DateLanguage);

	onMount(() => {
		const since = performance.now();
		const beat = setInterval(() => (passed = performance.now() - since), 1000);
		const leave = hearWhileSeen('/api/events', { bench: () => void invalidateAll() });
		return () => {
			clearInterval(beat);
			leave();
		};
	});

	const drying = (until: number): string =>
		until <= now
			? `dry since ${showMoment(until, dates)}`
			: `until ${showMoment(until, dates)}, ${showMinutes(Math.ceil((until - now) / 60_000))} left`;
</script>

{#snippet marks()}<span class="quiet"
		><span class="swatch full" aria-hidden="true"></span> found on inspection
		<span class="swatch" aria-hidden="true"></span> reopened</span
	>{/snippet}

<svelte:head><title>Bench · Rare Keep</title></svelte:head>
<div class="screen">
	<Bar here="Bench" />
	<main id="main">
		<header>
			<h1>At the bench</h1>
			<a class="btn preset-outlined-brand" href="/trainer">Trainer: twelve pieces to practise on</a>
		</header>
		{#if runs.length === 0}
			<p>
				Nothing at the bench. Start a ready job from its Bench station; <a class="anchor" href="/?shown=ready">which are ready</a
				>.
			</p>
		{:else}
			<ul class="runs">
				{#each runs as { number, title, done, waits, by } (number)}
					<li>
						<a class="anchor" href="/jobs/{number}/bench">{number} {title}</a>
						<span class="quiet">{done} {done === 1 ? 'step' : 'steps'} done{by ? `, last by ${by}` : ''}</span>
						<div>
							{#each waits as wait (wait.step)}
								<p class:over={wait.until <= now}>{wait.what}: {drying(wait.until)}</p>
							{/each}
						</div>
					</li>
				{/each}
			</ul>
		{/if}
		{#if lost.length > 0}
			<div class="lost">
				<Chart
					question="Where is bench time lost, all jobs?"
					name="minutes-lost"
					drawn={lostChart(lost)}
					height={60 + 34 * lost.length}
					beside={marks}
					says="Minutes lost by cause: {lost
						.map(({ cause, minutes }) => `${REOPENS[cause].name} ${showMinutes(minutes)}`)
						.join(', ')}."
				/>
			</div>
			<h2>What would have prevented it</h2>
			<p class="quiet">{showMinutes(total)} in all at that day’s shop times: an estimate.</p>
			<dl>
				{#each lost as { cause, minutes, times } (cause)}
					<dt>{REOPENS[cause].name} <span class="quiet">{times} ×, {showMinutes(minutes)}</span></dt>
					<dd>{REOPENS[cause].instead}</dd>
				{/each}
			</dl>
		{:else}<p class="quiet">Faults found on inspection and reopened packs are counted here, with minutes lost.</p>{/if}
	</main>
</div>

<style>
	main {
		max-width: 1100px;
		margin: 0 auto;
		padding: 20px 24px 40px;
	}
	header {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: baseline;
		gap: 4px 20px;
	}
	h1 {
		font-size: 26px;
		margin-bottom: 12px;
	}
	h2 {
		font-size: 18px;
		margin: 20px 0 4px;
	}
	.runs li {
		display: grid;
		grid-template-columns: minmax(220px, 1.4fr) minmax(130px, 0.8fr) minmax(200px, 1.4fr);
		gap: 2px 20px;
		align-items: baseline;
		padding: 8px 0;
		border-bottom: 1px solid var(--line);
	}
	.runs .anchor {
		min-height: var(--word);
	}
	.over {
		color: var(--accent);
		font-weight: 600;
	}
	.lost {
		margin-top: 24px;
		background: var(--panel);
	}
	.swatch {
		display: inline-block;
		width: 18px;
		height: 11px;
		margin-left: 10px;
		border: 1.5px solid #1f2a30;
	}
	.full {
		background: #1f6b5e;
		border-color: #1f6b5e;
	}
	dl {
		display: grid;
		grid-template-columns: minmax(180px, 260px) 1fr;
		gap: 6px 20px;
		margin-top: 10px;
	}
	dt::first-letter {
		text-transform: uppercase;
	}
	@media (max-width: 767px) {
		.runs li {
			grid-template-columns: minmax(0, 1fr);
		}
		dl {
			grid-template-columns: minmax(0, 1fr);
		}
		dd {
			margin-bottom: 8px;
		}
	}
</style>
