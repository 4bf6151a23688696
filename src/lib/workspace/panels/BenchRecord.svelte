<script lang="ts">
	/** What was done at the bench, for the record: when, by whom, what it took, how it looked when it left. */
	import { onMount } from 'svelte';
	import { page } from '$app/state';
	import type { DateLanguage } from '$core/shop/about.ts';
	import { REOPENS } from '$core/views/bench/causes.ts';
	import { folded, type Run } from '$core/views/bench/run.ts';
	import { showMinutes } from '$core/units/show.ts';
	import type { BenchAnswer } from '$lib/server/bench.ts';
	import { askServer } from '$lib/ui/ask-server.ts';
	import { showDate } from '$lib/ui/days.ts';
	import { useWorkspace } from '../context.ts';

	const { editor } = useWorkspace();
	let run = $state.raw<Run | null>(null);
	onMount(async () => {
		const asked = await askServer<BenchAnswer>('GET', `/api/jobs/${editor.number}/bench`);
		if (asked.ok && asked.answer.run > 0) run = folded(asked.answer.events);
	});
	const moment = (at: number): string => showDate(at, 'moment', page.data.dates as DateLanguage);
	const hands = $derived([...new Set([...(run?.done.values() ?? [])].map(({ by }) => by).filter(Boolean))]);
	const rounds = $derived([...(run?.looked.values() ?? [])].flat().length);
	const SIDES = ['front', 'back'] as const;
</script>

{#if run}
	<div class="group">
		<h2>At the bench</h2>
		<dl>
			<dt>Begun</dt>
			<dd>{moment(run.begunAt)}{hands.length > 0 ? `, ${hands.join(', ')}` : ''}</dd>
			{#if run.despite}<dt>Begun with</dt>
				<dd>{run.despite.stops.join(' ')} “{run.despite.because}”{run.despite.by ? `, ${run.despite.by}` : ''}</dd>{/if}
			<dt>Ended</dt>
			<dd>{run.endedAt === null ? `not yet, ${run.done.size} steps done` : moment(run.endedAt)}</dd>
			<dt>Dust checks</dt>
			<dd>{rounds}</dd>
			{#if run.reopened.length > 0}<dt>Reopened</dt>
				<dd>{run.reopened.map(({ cause }) => REOPENS[cause].name).join(', ')}</dd>{/if}
			{#if run.minutesLost > 0}<dt>Lost time</dt>
				<dd>{showMinutes(run.minutesLost)}, an estimate</dd>{/if}
			{#each run.wrong as { at, says } (at)}<dt>Noted</dt>
				<dd>{says}</dd>{/each}
		</dl>
		{#if run.photographs.size > 0}<div class="photographs">
				{#each SIDES as side (side)}{@const sum = run.photographs.get(side)}{#if sum}<figure>
							<img src="/api/pictures/{sum}" alt="The {side}, when it left the bench" />
							<figcaption class="quiet">{side}, when it left the bench</figcaption>
						</figure>{/if}{/each}
			</div>{/if}
		<p><a class="anchor" href="/jobs/{editor.number}/bench">The run, step by step</a></p>
	</div>
{/if}

<style>
	dl {
		display: grid;
		grid-template-columns: 120px 1fr;
		gap: 3px 12px;
		margin-bottom: 8px;
	}
	dt {
		color: var(--quiet);
	}
	.photographs {
		display: flex;
		flex-wrap: wrap;
		gap: 12px;
	}
	img {
		max-width: 100%;
		max-height: 200px;
	}
	.anchor {
		display: inline-flex;
		align-items: center;
		min-height: var(--word);
	}
</style>
