<script lang="ts">
	/** Everything is done: what it took. */
	import { page } from '$app/state';
	import type { DateLanguage } from '$core/shop/about.ts';
	import { showMinutes } from '$core/units/show.ts';
	import { REOPENS } from '$core/views/bench/causes.ts';
	import { showDate } from '$lib/ui/days.ts';
	import type { BenchDesk } from './bench-desk.svelte.ts';

	const { desk }: { desk: BenchDesk } = $props();
	const rounds = $derived([...desk.run.looked.values()].flat().length);
	const ended = $derived(desk.run.endedAt ?? 0);
	const forced = $derived(
		desk.steps.flatMap(({ id, title }) => {
			const why = desk.run.done.get(id)?.forced;
			return why ? [{ title, why }] : [];
		})
	);
</script>

<h2>Done</h2>
<dl>
	<div>
		<dt>Ended</dt>
		<dd>{showDate(ended, 'moment', page.data.dates as DateLanguage)}</dd>
	</div>
	<div>
		<dt>Total time</dt>
		<dd>{showMinutes((ended - desk.run.begunAt) / 60_000)}</dd>
	</div>
	<div>
		<dt>Dust checks</dt>
		<dd>{rounds}</dd>
	</div>
	<div>
		<dt>Reopened</dt>
		<dd>{desk.run.reopened.length === 0 ? 'never' : desk.run.reopened.map(({ cause }) => REOPENS[cause].name).join(', ')}</dd>
	</div>
	{#if desk.run.minutesLost > 0}<div>
			<dt>Time lost</dt>
			<dd>{showMinutes(desk.run.minutesLost)}, at shop times</dd>
		</div>{/if}
	{#each forced as { title, why } (title)}<div>
			<dt>{title}</dt>
			<dd>lock overridden: {why}</dd>
		</div>{/each}
</dl>
<p class="ways">
	<a class="anchor" href="/jobs/{desk.number}?at=record">Record of {desk.number}</a>
	<a class="anchor" href="/bench">Where bench time is lost</a>
	<button type="button" class="btn preset-outlined-brand" onclick={() => desk.begin()}>Start again</button>
</p>

<style>
	div {
		display: grid;
		grid-template-columns: minmax(120px, 240px) 1fr;
		gap: 12px;
		padding: 6px 0;
		font-size: 20px;
	}
	dt {
		color: var(--quiet);
	}
</style>
