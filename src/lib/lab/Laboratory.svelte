<script lang="ts">
	/** Light and climate: what a place does to a piece, and what its pack does about it. Estimates for comparing choices. */
	import { mouldSays } from '$core/stations/climate/mould.ts';
	import { onMount } from 'svelte';
	import { SEAL_NAMES, worthDrawing, type Combination } from '$core/advice/combinations.ts';
	import type { Reading } from '$core/stations/climate/rooms.ts';
	import { doseOverLife, lifeFor, rotationsBeside, yearsByGlazing } from '$core/stations/light/curves.ts';
	import { yearlyBudget } from '$core/shop/fade.ts';
	import { UNGLAZED, uvShare, yearsToFade } from '$core/stations/light/years.ts';
	import type { WrittenShop } from '$core/shop/written.ts';
	import type { Unit } from '$core/units/length.ts';
	import { showNumber } from '$core/units/show.ts';
	import Bar from '$lib/ui/Bar.svelte';
	import Working from '$lib/ui/Working.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import { lowered } from '$lib/ui/words.ts';
	import { stable } from '$lib/ui/stable.svelte.ts';
	import { sayDays, sayYears } from '$core/units/spans.ts';
	import type { ListedRoom } from '$lib/server/db/rooms.ts';
	import Chart from '$lib/ui/chart/Chart.svelte';
	import Combinations from './Combinations.svelte';
	import { doseChart } from './dose-chart.ts';
	import { halfTimeChart } from './half-time-chart.ts';
	import Inputs from './Inputs.svelte';
	import { LabKeep } from './keep.svelte.ts';
	import { Lab, type LabJob } from './lab.svelte.ts';
	import LoggerFile from './LoggerFile.svelte';
	import { ROOM_HEIGHT, roomChart } from './room-chart.ts';
	import { yearsChart } from './years-chart.ts';
	import { known, there } from '$core/units/there.ts';

	type Props = {
		shop: WrittenShop;
		rooms: ListedRoom[];
		jobs: { number: string; title: string }[];
		job: LabJob | null;
		reads: Unit | null;
	};
	const { shop, rooms, jobs, job, reads }: Props = $props();
	// The page is keyed by the job: the laboratory lives as long as it is looked at.
	// svelte-ignore state_referenced_locally
	const lab = new Lab(shop, job, reads);
	const { run, reading } = lab;
	// svelte-ignore state_referenced_locally
	const keep = new LabKeep(lab, rooms);
	let file = $state.raw<File | null>(null);
	const MOST_DRAWN = 4;

	const glazing = $derived(known(lab.shop.glazings, lab.glazing));
	const now = $derived(yearsToFade(lab.exposure, lab.fade, glazing));
	const years = $derived(
		yearsByGlazing(lab.exposure, [
			{ ...UNGLAZED, id: 'none', name: 'Unglazed' },
			...lab.glazings.filter(({ id }) => id !== 'none')
		])
	);
	const life = $derived(lifeFor(now.years ?? 10));
	const rotations = $derived(doseOverLife(lab.exposure, lab.fade, glazing, rotationsBeside(lab.exposure.monthsPerYear), life));
	const share = $derived(uvShare(lab.exposure, lab.fade));
	const hardly = $derived(share <= lab.shop.house.uvHardlyHelps);

	const readings = $derived<string | Reading[]>(lab.ownRoom ? lab.ownRoom.readings : lab.room);
	const combinations = $derived(run.year?.combinations ?? []);
	const results = $derived(new Map((run.year?.results ?? []).map((result) => [result.id, result])));
	/** Its own, the tightest and the loosest, until somebody chooses. */
	const pick = stable(() => lab.picked ?? worthDrawing(combinations));
	const shown = $derived(pick());

	function nameOf({ backName, seal, own }: Combination): string {
		return own ? `this pack, ${SEAL_NAMES[seal]}` : `${lowered(backName.replace(/ (sheet|board)\b/, ''))}, ${SEAL_NAMES[seal]}`;
	}

	$effect(() => {
		if (!lab.buffer) return;
		run.run({
			kind: 'year',
			buffer: lab.buffer,
			file: job?.file ?? null,
			shop,
			room: readings,
			wallCelsius: lab.wallCelsius,
			// The first run does not know the combinations yet: the next one brings the hours of those that are drawn.
			shown
		});
	});

	const lines = $derived(
		combinations
			.filter(({ id }) => shown.includes(id) && run.year?.inside[id])
			.sort((one, other) => Number(other.own) - Number(one.own))
			.map((one) => ({
				name: nameOf(one),
				rh: known(there(run.year, 'year').inside, one.id),
				hoursAbove65: there(results.get(one.id), 'value').hoursAbove65,
				mould: mouldSays(there(results.get(one.id), 'value').hoursAbove)
			}))
	);
	const room = $derived(run.year?.room ?? []);
	const span = $derived.by(() => {
		const last = room.at(-1)?.[0] ?? 8760;
		if (lab.quarter === 0) return { from: 0, to: last + 1 };
		return { from: ((lab.quarter - 1) * last) / 4, to: (lab.quarter * last) / 4 };
	});
	const begins = $derived(lab.ownRoom ? new Date(`${lab.ownRoom.begins.replace(' ', 'T')}Z`) : null);
	const own = $derived(combinations.find((one) => one.own));

	function choose(id: string, on: boolean) {
		lab.picked = on ? [...shown, id].slice(-MOST_DRAWN) : shown.filter((one) => one !== id);
	}

	onMount(() => {
		void keep.loadResults();
		return () => {
			run.stop();
			reading.stop();
		};
	});

	function take(next: File) {
		file = next;
		reading.refusal = '';
	}

	const QUARTERS = ['the whole year', 'its first quarter', 'its second quarter', 'its third quarter', 'its last quarter'];
</script>

<svelte:head><title>Light and climate{job ? `, ${job.number}` : ''} · Rare Keep</title></svelte:head>
<div class="page fixed-panes">
	<Bar here="Light" />
	<Inputs {lab} {keep} {jobs} onfile={take} />
	<main id="main">
		{#if file}<LoggerFile
				{file}
				run={reading}
				onread={(year, name) => {
					file = null;
					keep.takeRoom(year, name);
				}}
				onclose={() => (file = null)}
			/>{/if}
		{#if keep.said || keep.refused}
			<div class="said">
				{#if keep.refused}<p class="fault" role="alert">{keep.refused}</p>{/if}
				{#if keep.said}<p role="status">
						{keep.said}
						{#if lab.ownRoom && !lab.ownRoom.kept}{#each lab.ownRoom.gaps.slice(0, 5) as gap (gap.from)}<span class="gap"
									>{gap.from} to {gap.to} ({gap.hours} h)</span
								>{/each}{/if}
					</p>{/if}
				{#if lab.ownRoom && !lab.ownRoom.kept}<button
						type="button"
						class="btn preset-outlined-brand"
						onclick={() => keep.keepRoom()}>Save this room</button
					>{/if}
			</div>
		{/if}
		{#if now.years === null}
			<p class="dark">No light here: nothing fades.</p>
		{:else}
			<Chart
				question="How long until fading is just visible, behind each glazing?"
				name="years-by-glazing"
				height={44 + years.length * 33}
				drawn={yearsChart(years, lab.fade, lab.glazing)}
				says="Behind {glazing.name}: {sayYears(now.years)} for class {lab.fade}. The table names every glazing and class."
			>
				{#snippet beside()}
					<span class="quiet"
						><strong class="own">● class {lab.fade}, {job ? 'this piece’s' : 'chosen'}</strong> · ○ other classes</span
					>
				{/snippet}
			</Chart>
			<p class="reading">
				Behind {lowered(glazing.name)}
				{showNumber(now.yearly / 1000, 0)} klx h a year reach it: {showNumber(now.budget, 1)} times the yearly budget of
				{showNumber(yearlyBudget(lab.fade) / 1000, 0)} klx h.
				{hardly
					? 'UV glazing hardly helps here: visible light does it.'
					: `With the UV of this place it fades ${showNumber(share, 1)} times faster than without.`}
			</p>
			<Chart
				question="How much of its light budget is used, shown part of the year?"
				name="dose-over-a-life"
				height={250}
				drawn={doseChart(rotations, life)}
				says={rotations.map(({ months, years: until }) => `${months} months a year: ${sayYears(until)}`).join('; ')}
			/>
		{/if}
		{#if lab.buffer}
			<Chart
				question="A year in this room: humidity inside, by backing"
				name="room-year"
				height={ROOM_HEIGHT}
				drawn={roomChart(room, lines, span, begins)}
				says={lines.map(({ name, hoursAbove65, mould }) => `${name}: ${hoursAbove65} hours above 65 %, ${mould}`).join('; ')}
			>
				{#snippet beside()}
					<div class="beside">
						{#if run.progress !== null}
							<div class="working"><Working label="Simulating the year" done={run.progress} bare /></div>
							<button type="button" class="btn btn-sm preset-quiet" onclick={() => run.stop()}>stop</button>
						{:else if run.stopped}<span class="quiet">Stopped. Change a figure to run it again.</span>{/if}
						<Pick
							label="Part of the year"
							value={String(lab.quarter)}
							options={QUARTERS.map((label, index) => ({ value: String(index), label }))}
							onchange={(value) => (lab.quarter = Number(value))}
							bare
						/>
					</div>
				{/snippet}
			</Chart>
			<Chart
				question="How slowly does humidity get in, by back and seal?"
				name="halfway after"
				height={50 + new Set(combinations.map(({ back }) => back)).size * 27}
				drawn={halfTimeChart(combinations)}
				says={own
					? `This pack: half of a change gets in within ${sayDays(own.halfDays)}.`
					: 'Halfway to room humidity after, by back and seal; the table has every figure.'}
			/>
			<Combinations {lab} {keep} {shown} onchoose={choose} />
		{/if}
	</main>
</div>

<style>
	.page {
		display: grid;
		grid-template: 46px minmax(0, 1fr) / 272px minmax(0, 1fr);
	}
	.page > :global(.bar) {
		grid-column: 1 / -1;
	}
	main {
		position: relative;
		overflow-y: auto;
	}
	.said,
	.reading,
	.dark {
		padding: 8px 24px;
		font-size: 13.5px;
	}
	.said {
		background: var(--sheet);
		border-bottom: 1px solid var(--line-strong);
		display: flex;
		gap: 16px;
		align-items: center;
	}
	.gap {
		display: inline-block;
		margin-left: 8px;
	}
	.own {
		color: var(--accent);
	}
	.beside {
		display: flex;
		gap: 10px;
		align-items: center;
	}
	.fault {
		color: var(--stop);
	}
	.working {
		width: 160px;
	}
	@media (max-width: 1023px) {
		.page {
			grid-template: auto / minmax(0, 1fr);
			height: auto;
		}
	}
</style>
