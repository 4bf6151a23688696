<script lang="ts">
	/** Every back with every seal: what the room's year does inside, which are drawn, and what was kept with the job. */
	import { SEAL_NAMES } from '$core/advice/combinations.ts';
	import { mouldIn, mouldSays } from '$core/stations/climate/mould.ts';
	import { showNumber } from '$core/units/show.ts';
	import { sayDays } from '$core/units/spans.ts';
	import type { LabKeep } from './keep.svelte.ts';
	import type { Lab } from './lab.svelte.ts';
	import { there } from '$core/units/there.ts';

	type Props = { lab: Lab; keep: LabKeep; shown: string[]; onchoose: (id: string, on: boolean) => void };
	const { lab, keep, shown, onchoose }: Props = $props();
	const { job, run } = $derived(lab);
	const results = $derived(new Map((run.year?.results ?? []).map((result) => [result.id, result])));
	const tightestFirst = $derived(
		[...(run.year?.combinations ?? [])].sort((one, other) => Number(other.own) - Number(one.own) || other.tauDays - one.tauDays)
	);
</script>

<section class="all" aria-label="Every back with every seal">
	<header>
		<h2>Which back and seal keep humidity steady?</h2>
		{#if job}<button
				type="button"
				class="btn preset-outlined-brand"
				disabled={!run.year || run.progress !== null}
				onclick={() => keep.keepResult()}>Save with {job.number}</button
			>{/if}
	</header>
	<p class="quiet">{lab.roomName}. Inside, % relative humidity; an estimate.</p>
	<!-- On a narrow screen it is scrolled, with the keys too. -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div class="wide" role="group" aria-label="Scrolling table" tabindex="0">
		<table class="table">
			<thead>
				<tr>
					<th scope="col">Back and seal</th><th scope="col">halfway in</th><th scope="col">lowest</th><th scope="col">highest</th>
					<th scope="col">steepest week</th><th scope="col">hours above 65 %</th>
					{#if lab.wallCelsius !== null}<th scope="col">hours of condensation on the wall</th>{/if}
					<th scope="col">drawn</th>
				</tr>
			</thead>
			<tbody>
				{#each tightestFirst as one (one.id)}
					{@const result = results.get(one.id)}
					<tr class:mine={one.own}>
						<th scope="row">{one.backName}, {SEAL_NAMES[one.seal]}{one.own ? ' · this pack' : ''}</th>
						<td>{sayDays(one.halfDays)}</td>
						{#if result}
							<td>{result.min.toFixed(1)}</td><td>{result.max.toFixed(1)}</td><td>{result.steepestWeek.toFixed(1)}</td>
							{@const mould = mouldIn(result.hoursAbove)}
							<td class:much={mould !== null} title={mouldSays(result.hoursAbove)}
								>{showNumber(result.hoursAbove65, 0)}{mould ? ` ◣ mould: above ${mould.rh} %` : ''}</td
							>
							{#if lab.wallCelsius !== null}<td class:much={(result.coldHours ?? 0) > 0}
									>{showNumber(result.coldHours ?? 0, 0)}</td
								>{/if}
						{/if}
						<td
							><input
								type="checkbox"
								class="checkbox"
								aria-label="Draw {one.backName}, {SEAL_NAMES[one.seal]}"
								checked={shown.includes(one.id)}
								onchange={(event) => onchoose(one.id, event.currentTarget.checked)}
							/></td
						>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
	{#if keep.results.length > 0}
		<h3>Saved with {there(job, 'job').number}</h3>
		<ul>
			{#each keep.results as one (one.at)}
				{@const mine = one.result.results.find((result) => result.own)}
				<li>
					{new Date(one.at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })}, rev {one.rev},
					{one.result.room}:
					{mine
						? `${mine.min.toFixed(0)} to ${mine.max.toFixed(0)} % inside, ${showNumber(mine.hoursAbove65, 0)} h above 65 %`
						: `${one.result.results.length} combinations`}
				</li>
			{/each}
		</ul>
	{/if}
</section>

<style>
	.all {
		padding: 16px 24px 40px;
	}
	header {
		display: flex;
		justify-content: space-between;
		align-items: baseline;
	}
	h2 {
		font-family: inherit;
		font-size: 15px;
	}
	h3 {
		font-family: inherit;
		font-size: 13.5px;
		margin-top: 14px;
	}
	.wide {
		overflow-x: auto;
	}
	table {
		width: 100%;
		margin-top: 6px;
	}
	th,
	td {
		padding: 3px 10px 3px 0;
		text-align: right;
		white-space: nowrap;
		border-bottom: 1px solid var(--line);
		font-weight: 400;
	}
	th:first-child {
		text-align: left;
	}
	.mine th,
	.mine td {
		font-weight: 600;
		background: var(--sheet);
	}
	.much {
		color: var(--caution-ink);
		font-weight: 600;
	}
</style>
