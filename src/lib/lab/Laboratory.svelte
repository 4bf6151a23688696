<script lang="ts">
	/** Light and climate: what a place does to a piece, and what its pack does about it. Estimates for comparing choices. */
	import { onMount } from 'svelte';
	import { goto } from '$app/navigation';
	import { SEAL_NAMES, type Combination, type YearResult } from '$core/climate/combinations.ts';
	import type { LoggerYear } from '$core/climate/logger.ts';
	import { TYPICAL_ROOMS, type Reading } from '$core/climate/rooms.ts';
	import { patched, put } from '$core/job/patch.ts';
	import { doseOverLife, lifeFor, yearsByGlazing } from '$core/light/curves.ts';
	import { DOSES, yearlyBudget } from '$core/light/fade.ts';
	import { ROOMS } from '$core/light/places.ts';
	import { UNGLAZED, uvShare, yearsToFade } from '$core/light/years.ts';
	import type { WrittenShop } from '$core/shop/written.ts';
	import { readLength } from '$core/units/length.ts';
	import { showNumber, showSize } from '$core/units/show.ts';
	import { readLightMeter } from '$lib/light/meter.ts';
	import Bar from '$lib/ui/Bar.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import { lowered } from '$lib/ui/words.ts';
	import { stable } from '$lib/workspace/stable.svelte.ts';
	import { sayDays, sayYears } from '$lib/workspace/years.ts';
	import type { ListedRoom } from '$lib/server/db/rooms.ts';
	import Chart from './Chart.svelte';
	import { doseChart } from './dose-chart.ts';
	import { halfTimeChart } from './half-time-chart.ts';
	import { Lab, type LabJob } from './lab.svelte.ts';
	import LoggerFile from './LoggerFile.svelte';
	import NumberField from './NumberField.svelte';
	import { ROOM_HEIGHT, roomChart } from './room-chart.ts';
	import { yearsChart } from './years-chart.ts';

	type Props = { shop: WrittenShop; rooms: ListedRoom[]; jobs: { number: string; title: string }[]; job: LabJob | null };
	const { shop, rooms, jobs, job }: Props = $props();
	// The page is keyed by the job: the laboratory lives as long as it is looked at.
	// svelte-ignore state_referenced_locally
	const lab = new Lab(shop, job);
	const { run, reading } = lab;
	// svelte-ignore state_referenced_locally
	let keptRooms = $state(rooms);
	let file = $state.raw<File | null>(null);
	let said = $state('');
	let refused = $state('');
	let kept = $state.raw<{ rev: number; at: string; result: { room: string; results: (YearResult & Combination)[] } }[]>([]);
	const MOST_DRAWN = 4;

	const glazing = $derived(lab.shop.glazings[lab.glazing]!);
	const now = $derived(yearsToFade(lab.exposure, lab.fade, glazing));
	const years = $derived(
		yearsByGlazing(lab.exposure, [
			{ ...UNGLAZED, id: 'none', name: 'Unglazed' },
			...lab.glazings.filter(({ id }) => id !== 'none')
		])
	);
	const life = $derived(lifeFor(now.years ?? 10));
	const rotations = $derived(doseOverLife(lab.exposure, lab.fade, glazing, monthsBeside(lab.exposure.monthsPerYear), life));
	const share = $derived(uvShare(lab.exposure, lab.fade));
	const hardly = $derived(share <= lab.shop.house.uvHardlyHelps);

	/** What it is shown now, and fewer months beside it. */
	function monthsBeside(shown: number): number[] {
		return [...new Set([shown, 6, 4, 3, 12])]
			.filter((months) => months <= 12)
			.slice(0, 4)
			.sort((one, other) => other - one);
	}

	const readings = $derived<string | Reading[]>(lab.ownRoom ? lab.ownRoom.readings : lab.room);
	const combinations = $derived(run.year?.combinations ?? []);
	const results = $derived(new Map((run.year?.results ?? []).map((result) => [result.id, result])));
	/** Its own, the tightest and the loosest, until somebody chooses. */
	const pick = stable(() => lab.picked ?? ownPick(combinations));
	const shown = $derived(pick());

	function ownPick(all: Combination[]): string[] {
		if (all.length === 0) return [];
		const sorted = [...all].sort((one, other) => one.tauDays - other.tauDays);
		const own = all.find((one) => one.own)?.id ?? all.find(({ id }) => id === 'foam-free tape')?.id;
		return [...new Set([own ?? sorted[Math.floor(sorted.length / 2)]!.id, sorted.at(-1)!.id, sorted[0]!.id])];
	}

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
			.map((one) => ({ name: nameOf(one), rh: run.year!.inside[one.id]!, hoursAbove65: results.get(one.id)!.hoursAbove65 }))
	);
	const tightestFirst = $derived(
		[...combinations].sort((one, other) => Number(other.own) - Number(one.own) || other.tauDays - one.tauDays)
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
		void loadKept();
		return () => {
			run.stop();
			reading.stop();
		};
	});

	async function loadKept() {
		if (!job) return;
		try {
			const response = await fetch(`/api/jobs/${job.number}/climate`);
			if (response.ok) kept = ((await response.json()) as { kept: typeof kept }).kept;
		} catch {
			// What was kept is shown when the server answers again.
		}
	}

	async function chooseRoom(value: string) {
		refused = '';
		lab.picked = null;
		if (!value.startsWith('kept ')) {
			lab.ownRoom = null;
			lab.room = value;
			return;
		}
		try {
			const response = await fetch(`/api/rooms/${value.slice(5)}`);
			if (!response.ok) throw new Error(String(response.status));
			const {
				name,
				begins: from,
				readings: hours,
				gaps
			} = (await response.json()) as { name: string; begins: string; readings: Reading[]; gaps: [] };
			lab.room = value;
			lab.ownRoom = { name, begins: from, readings: hours, gaps, kept: true };
		} catch {
			refused = 'This room cannot be loaded: the server does not answer.';
		}
	}

	function take(year: LoggerYear, name: string) {
		file = null;
		lab.picked = null;
		lab.room = 'file';
		lab.ownRoom = { name, begins: year.from, readings: year.readings, gaps: year.gaps, kept: false };
		said = [
			`${showNumber(year.rows, 0)} rows from ${year.from} to ${year.to}.`,
			...year.notes,
			year.gaps.length === 0
				? 'No gaps.'
				: `${year.gaps.length === 1 ? 'One gap' : `${year.gaps.length} gaps`}, filled on a straight line:`
		].join(' ');
	}

	async function send(
		path: string,
		method: string,
		body: unknown,
		headers: Record<string, string> = {}
	): Promise<{ ok: boolean; body: { faults?: { says: string }[]; id?: string } }> {
		refused = '';
		try {
			const response = await fetch(path, {
				method,
				headers: { 'content-type': 'application/json', ...headers },
				body: JSON.stringify(body)
			});
			const answered = (await response.json()) as { faults?: { says: string }[]; id?: string };
			if (!response.ok) refused = answered.faults?.[0]?.says ?? 'The server did not take it.';
			return { ok: response.ok, body: answered };
		} catch {
			refused = 'The server cannot be reached. What you set stands here until it answers.';
			return { ok: false, body: {} };
		}
	}

	async function keepRoom() {
		if (!lab.ownRoom) return;
		const { name, begins: from, readings: hours, gaps } = lab.ownRoom;
		const rounded = hours.map(([hour, rh, celsius]) => [hour, Number(rh.toFixed(2)), Number(celsius.toFixed(2))]);
		const answer = await send('/api/rooms', 'POST', { name, begins: from, readings: rounded, gaps });
		if (!answer.ok) return;
		lab.ownRoom = { ...lab.ownRoom, kept: true };
		lab.room = `kept ${answer.body.id}`;
		keptRooms = [...keptRooms, { id: answer.body.id!, name, begins: from, hours: hours.length, gaps }];
		said = `“${name}” is kept.`;
	}

	async function keepResult() {
		if (!job) return;
		const all = combinations.map(({ id, own: mine, backName, seal, tauDays, halfDays }) => {
			const { min, max, steepestWeek, hoursAbove65, coldHours } = results.get(id)!;
			return { id, own: mine, backName, seal, tauDays, halfDays, min, max, steepestWeek, hoursAbove65, coldHours };
		});
		if (
			!(await send(`/api/jobs/${job.number}/climate`, 'POST', { rev: job.rev, room: lab.roomName.slice(0, 80), results: all })).ok
		)
			return;
		said = `Kept with ${job.number}.`;
		await loadKept();
	}

	/** The light as it stands here, put into the job. */
	async function usePlace() {
		if (!job) return;
		const { wall, wallColour, outside, wallCelsius, children, overBed } = job.file.place ?? {};
		const around = Object.fromEntries(
			Object.entries({ wall, wallColour, outside, wallCelsius, children, overBed }).filter(([, value]) => value !== undefined)
		);
		const [first, ...others] = lab.exposure.sources;
		const light = others.length > 0 ? { sources: lab.exposure.sources } : { ...first };
		const place = {
			...around,
			room: 'other',
			name: lab.placeName || 'its place',
			...light,
			monthsPerYear: lab.exposure.monthsPerYear
		};
		const next = patched(job.file, put(job.file, ['place'], place));
		const answer = await send(`/api/jobs/${job.number}?reason=place`, 'PUT', next, { 'if-match': `"${job.rev}"` });
		if (answer.ok) await goto(`/jobs/${job.number}?at=guard&view=layers`);
	}

	async function keepPlace() {
		const [source] = lab.exposure.sources;
		const place = { name: lab.placeName.trim(), ...source!, monthsPerYear: lab.exposure.monthsPerYear };
		const response = await fetch('/api/shop/places').catch(() => null);
		if (!response?.ok) return void (refused = 'The server cannot be reached. The place stands here until it answers.');
		const { rev, places } = (await response.json()) as { rev: number; places: (typeof place)[] };
		const next = [...places.filter(({ name }) => name !== place.name), place];
		if (!(await send('/api/shop/places', 'PUT', { places: next }, { 'if-match': `"${rev}"` })).ok) return;
		lab.places = next;
		said = `“${place.name}” is kept among the shop’s places.`;
	}

	async function meter() {
		const at = lab.chosenPlace in ROOMS ? lab.chosenPlace : 'living-room';
		const read = await readLightMeter(at);
		if (!read.ok) return void (refused = read.says);
		const [first] = lab.exposure.sources;
		lab.placeName = `${lab.placeName.replace(/, read$/, '')}, read`;
		lab.exposure = { ...lab.exposure, sources: [{ ...first!, lux: read.lux, uv: read.uv }] };
		said = `Read: ${read.lux} lx, ${read.uv} µW/lm (simulated meter).`;
	}

	const roomOptions = $derived([
		...TYPICAL_ROOMS.map(({ id, name }) => ({ value: id, label: name })),
		...keptRooms.map(({ id, name }) => ({ value: `kept ${id}`, label: `Logger: ${name}` })),
		...(lab.room === 'file' && lab.ownRoom ? [{ value: 'file', label: `File: ${lab.ownRoom.name}` }] : [])
	]);
	const placeOptions = $derived([
		...(lab.chosenPlace === '' ? [{ value: '', label: lab.placeName || 'its own light' }] : []),
		...Object.entries(ROOMS).map(([value, { name }]) => ({ value, label: name })),
		...lab.places.map(({ name }) => ({ value: `own ${name}`, label: name }))
	]);
	const QUARTERS = ['the whole year', 'its first quarter', 'its second quarter', 'its third quarter', 'its last quarter'];
	const number = (name: string, least: number, most: number) => (text: string) => {
		const value = Number(text.trim().replace('−', '-'));
		if (text.trim() === '' || !Number.isFinite(value)) return { ok: false as const, says: 'Write a number, such as 0.7.' };
		return value < least || value > most
			? { ok: false as const, says: `${name} is between ${least} and ${most}.` }
			: { ok: true as const, value };
	};
	const length = (text: string) => {
		const read = readLength(text, lab.unit);
		return read.ok ? { ok: true as const, value: read.mm } : { ok: false as const, says: read.says };
	};
</script>

<svelte:head><title>Light and climate{job ? `, ${job.number}` : ''} · Rare Keep</title></svelte:head>
<div class="page">
	<Bar here="Light and climate" />
	<aside aria-label="What is looked at">
		<h1>{job ? job.number : 'A place'}</h1>
		<p class="quiet">{job ? job.title : 'without a piece of its own'}</p>
		<Pick
			label="Piece"
			value={job?.number ?? ''}
			options={[
				{ value: '', label: 'none: figures of your own' },
				...jobs.map(({ number: of, title }) => ({ value: of, label: `${of} ${title}` }))
			]}
			onchange={(value) => goto(value ? `/light?job=${value}` : '/light')}
		/>
		<div class="group">
			<h2>Light</h2>
			<Pick label="Place" value={lab.chosenPlace} options={placeOptions} onchange={(value) => lab.choosePlace(value)} />
			{#each lab.exposure.sources as source, index (index)}
				{@const which = lab.exposure.sources.length > 1 ? ` ${index + 1}` : ''}
				<NumberField
					label="Light at the picture{which}"
					unit="lx"
					value={source.lux}
					of="lux"
					onchange={(value) => (source.lux = value)}
				/>
				<NumberField
					label="Hours a day{which}"
					value={source.hoursPerDay}
					of="hoursPerDay"
					onchange={(value) => (source.hoursPerDay = value)}
				/>
				<NumberField label="UV in it{which}" unit="µW/lm" value={source.uv} of="uv" onchange={(value) => (source.uv = value)} />
			{/each}
			<NumberField
				label="Months a year"
				value={lab.exposure.monthsPerYear}
				of="monthsPerYear"
				onchange={(value) => (lab.exposure.monthsPerYear = value)}
			/>
			<div class="presses">
				<button type="button" class="text-press" onclick={meter}>read the light meter</button>
			</div>
			<label class="named">Its name<input class="field" autocomplete="off" maxlength="80" bind:value={lab.placeName} /></label>
			<div class="presses">
				<button
					type="button"
					class="text-press"
					disabled={!lab.placeName.trim() || lab.exposure.sources.length > 1}
					onclick={keepPlace}>keep this place</button
				>
				{#if job}<button type="button" class="text-press" onclick={usePlace}>use it for {job.number}</button>{/if}
			</div>
		</div>
		<div class="group">
			<h2>Piece</h2>
			<Pick
				label="Fade class of the most fugitive part"
				value={String(lab.fade)}
				options={DOSES.map(({ examples }, index) => ({ value: String(index + 1), label: `${index + 1}: ${examples}` }))}
				onchange={(value) => (lab.fade = Number(value))}
			/>
			<Pick
				label="Glazing"
				value={lab.glazing}
				options={lab.glazings.map(({ id, name }) => ({ value: id, label: name }))}
				onchange={(value) => (lab.glazing = value)}
			/>
		</div>
		<div class="group">
			<h2>Pack</h2>
			{#if job && lab.buffer}
				<dl>
					<dt>Size, {lab.unit}</dt>
					<dd>{showSize(lab.buffer.size, lab.unit)}</dd>
					<dt>Paper and board before the back</dt>
					<dd>{showNumber(lab.buffer.kg, 2)} kg</dd>
				</dl>
			{:else if job}
				<p class="quiet">The pack has no size yet: measure the sheet first.</p>
			{:else}
				<NumberField
					label="Boards and sheet"
					unit="kg"
					value={lab.kg}
					of={number('Their mass', 0.01, 100)}
					onchange={(value) => (lab.kg = value)}
				/>
				<NumberField label="Width" unit="mm" value={lab.width} of={length} onchange={(value) => (lab.width = value)} />
				<NumberField label="Height" unit="mm" value={lab.height} of={length} onchange={(value) => (lab.height = value)} />
			{/if}
			<NumberField
				label="Outside wall at its coldest"
				unit="°C"
				value={lab.wallCelsius}
				of={number('A wall', -30, 60)}
				empty={() => (lab.wallCelsius = null)}
				onchange={(value) => (lab.wallCelsius = value)}
			/>
			<Pick label="Room" value={lab.room} options={roomOptions} onchange={chooseRoom} />
			<label class="text-press import"
				>import a logger’s file<input
					type="file"
					accept=".csv,.txt,text/csv,text/plain"
					class="seen-by-readers"
					onchange={(event) => {
						file = event.currentTarget.files?.[0] ?? null;
						reading.refusal = '';
						event.currentTarget.value = '';
					}}
				/></label
			>
		</div>
		<p class="quiet">Estimates for comparing choices, not a promise of years.</p>
	</aside>
	<main id="main">
		{#if file}<LoggerFile {file} run={reading} onread={take} onclose={() => (file = null)} />{/if}
		{#if said || refused}
			<div class="said">
				{#if refused}<p class="fault" role="alert">{refused}</p>{/if}
				{#if said}<p role="status">
						{said}
						{#if lab.ownRoom && !lab.ownRoom.kept}{#each lab.ownRoom.gaps.slice(0, 5) as gap (gap.from)}<span class="gap"
									>{gap.from} to {gap.to} ({gap.hours} h)</span
								>{/each}{/if}
					</p>{/if}
				{#if lab.ownRoom && !lab.ownRoom.kept}<button type="button" class="press" onclick={keepRoom}>Keep this room</button>{/if}
			</div>
		{/if}
		{#if now.years === null}
			<p class="dark">No light falls at this place: nothing fades here.</p>
		{:else}
			<Chart
				question="How long until a fade can just be seen, behind each glazing?"
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
					? 'UV glazing hardly helps here: it is the light itself.'
					: `With the UV of this place it fades ${showNumber(share, 1)} times faster than without.`}
			</p>
			<Chart
				question="How much of what it can bear is spent, if it is shown part of the year?"
				name="dose-over-a-life"
				height={250}
				drawn={doseChart(rotations, life)}
				says={rotations.map(({ months, years: until }) => `${months} months a year: ${sayYears(until)}`).join('; ')}
			/>
		{/if}
		{#if lab.buffer}
			<Chart
				question="What does a year of this room do inside, behind each back?"
				name="room-year"
				height={ROOM_HEIGHT}
				drawn={roomChart(room, lines, span, begins)}
				says={lines.map(({ name, hoursAbove65 }) => `${name}: ${hoursAbove65} hours above 65 %`).join('; ')}
			>
				{#snippet beside()}
					<div class="beside">
						{#if run.progress !== null}
							<progress value={run.progress} max="1" aria-label="Simulating the year"></progress>
							<button type="button" class="text-press" onclick={() => run.stop()}>stop</button>
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
				question="How slowly does damp come in, by back and seal?"
				name="half-time"
				height={50 + new Set(combinations.map(({ back }) => back)).size * 27}
				drawn={halfTimeChart(combinations)}
				says={own
					? `This pack: half of a change comes in within ${sayDays(own.halfDays)}.`
					: 'Half-times by back and seal; the table has every figure.'}
			/>
			<section class="all" aria-label="Every back with every seal">
				<header>
					<h2>Which back and seal keep it out of the damp?</h2>
					{#if job}<button type="button" class="press" disabled={!run.year || run.progress !== null} onclick={keepResult}
							>Keep with {job.number}</button
						>{/if}
				</header>
				<p class="quiet">{lab.roomName}. Inside, % relative humidity; an estimate.</p>
				<div class="wide">
					<table>
						<thead>
							<tr>
								<th scope="col">Back and seal</th><th scope="col">half-time</th><th scope="col">lowest</th><th scope="col"
									>highest</th
								>
								<th scope="col">steepest week</th><th scope="col">hours above 65 %</th>
								{#if lab.wallCelsius !== null}<th scope="col">hours the wall is wetted</th>{/if}
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
										<td class:much={result.hoursAbove65 > 720}
											>{showNumber(result.hoursAbove65, 0)}{result.hoursAbove65 > 720 ? ' ◣' : ''}</td
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
											onchange={(event) => choose(one.id, event.currentTarget.checked)}
										/></td
									>
								</tr>
							{/each}
						</tbody>
					</table>
				</div>
				{#if kept.length > 0}
					<h3>Kept with {job!.number}</h3>
					<ul>
						{#each kept as one (one.at)}
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
		{/if}
	</main>
</div>

<style>
	.page {
		display: grid;
		grid-template: 46px minmax(0, 1fr) / 272px minmax(0, 1fr);
		height: 100dvh;
	}
	.page > :global(.bar) {
		grid-column: 1 / -1;
	}
	aside {
		background: var(--panel);
		border-right: 1px solid var(--line-strong);
		overflow-y: auto;
		padding: 14px 18px;
		display: grid;
		align-content: start;
		gap: 8px;
	}
	h1 {
		font-size: 23px;
	}
	h1 + p {
		margin-top: -8px;
	}
	aside h2 {
		font-family: inherit;
		font-size: 14px;
		border-bottom: 1px solid var(--line);
		padding-bottom: 2px;
	}
	.group {
		display: grid;
		gap: 3px;
		margin-top: 6px;
	}
	.named {
		display: grid;
		gap: 3px;
	}
	.presses {
		display: flex;
		gap: 14px;
	}
	.text-press {
		color: var(--accent);
		font-weight: 600;
		font-size: 13px;
		cursor: pointer;
		min-height: 26px;
		line-height: 26px;
	}
	.text-press:disabled {
		color: var(--quiet);
		cursor: default;
	}
	.import:focus-within {
		outline: 2px solid var(--accent);
	}
	dl {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 4px 8px;
	}
	main {
		overflow-y: auto;
	}
	.said,
	.reading,
	.dark {
		padding: 8px 24px;
		font-size: 13.5px;
	}
	.said {
		background: #fff;
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
	progress {
		width: 120px;
		accent-color: var(--accent);
	}
	.all {
		padding: 16px 24px 40px;
	}
	.all header {
		display: flex;
		justify-content: space-between;
		align-items: baseline;
	}
	.all h2 {
		font-family: inherit;
		font-size: 15px;
	}
	.all h3 {
		font-family: inherit;
		font-size: 13.5px;
		margin-top: 14px;
	}
	.wide {
		overflow-x: auto;
	}
	.all table {
		border-collapse: collapse;
		width: 100%;
		margin-top: 6px;
	}
	.all th,
	.all td {
		padding: 3px 10px 3px 0;
		text-align: right;
		white-space: nowrap;
		border-bottom: 1px solid var(--line);
		font-weight: 400;
	}
	.all thead th {
		font-size: 12.5px;
		font-weight: 600;
		color: var(--quiet);
	}
	.all th:first-child {
		text-align: left;
	}
	.mine th,
	.mine td {
		font-weight: 600;
		background: #fff;
	}
	.much {
		color: #8a550c;
		font-weight: 600;
	}
	@media (max-width: 1023px) {
		.page {
			grid-template: auto / minmax(0, 1fr);
			height: auto;
		}
	}
</style>
