<script lang="ts">
	/** Cutting: open jobs’ blanks on sheets and offcuts, the cuts in their order, each with its fence. */
	import { blankName } from '$core/stations/cut/part-name.ts';
	import { onDestroy, onMount, untrack } from 'svelte';
	import type { CuttingJob, CuttingPlan } from '$core/nesting/figures.ts';
	import { cuttingJobOf, lotsOf, type InStock } from '$core/nesting/offer.ts';
	import { aroundPins, type Pin } from '$core/nesting/pinned.ts';
	import { stockOf } from '$core/nesting/sources.ts';
	import { groupsOf } from '$core/nesting/parts.ts';
	import { shopFrom, type WrittenShop } from '$core/shop/written.ts';
	import type { Unit } from '$core/units/length.ts';
	import { showShare } from '$core/units/show.ts';
	import { cutSheetScene, timesOf } from '$core/views/drawing/cut-sheet.ts';
	import { goto, invalidateAll } from '$app/navigation';
	import type { ListedPlan } from '$lib/server/db/cutting.ts';
	import type { JobParts } from '$lib/server/job-parts.ts';
	import { hearStock } from '$lib/stock/hear-stock.ts';
	import { askServer } from '$lib/ui/ask-server.ts';
	import Bar from '$lib/ui/Bar.svelte';
	import Sign from '$lib/ui/Sign.svelte';
	import Working from '$lib/ui/Working.svelte';
	import CutMaterials from './CutMaterials.svelte';
	import CutsOfSheet from './CutsOfSheet.svelte';
	import CutSheet from './CutSheet.svelte';
	import JobsToCut from './JobsToCut.svelte';
	import CutPapers from './CutPapers.svelte';
	import WhilePrinted from '$lib/papers/WhilePrinted.svelte';
	import { CuttingRun, type Asked } from './run.svelte.ts';
	import SheetBlanks from './SheetBlanks.svelte';
	import { alikeSheets, blankWords, countSaid, groupName, offcutWords, sharesOf, sheetName } from './words.ts';

	type Pinned = { job: CuttingJob; plan: CuttingPlan; pins: Pin[] };
	type Props = {
		jobs: JobParts[];
		more: boolean;
		left: JobParts[];
		stock: InStock[];
		plans: ListedPlan[];
		shop: WrittenShop;
		reads: Unit | null;
	};
	const { jobs, more, left, stock, plans, shop: written, reads }: Props = $props();
	const shop = $derived(shopFrom(written));
	const unit = $derived(reads ?? written.about.unit ?? 'mm');

	// What is stopped may still change its sizes: it is not cut before somebody says so.
	// svelte-ignore state_referenced_locally
	let chosen = $state<string[]>(jobs.filter(({ stopped }) => !stopped).map(({ number }) => number));
	/** Blanks that are left out of this plan, and how many of each; those whose grain runs along the sheet's long side. */
	let leftOut = $state<Record<string, number>>({});
	let grained = $state<string[]>([]);
	const parts = $derived(
		jobs
			.filter(({ number }) => chosen.includes(number))
			.flatMap((job) => job.parts)
			.map((part) => ({
				...part,
				count: part.count - (leftOut[part.id] ?? 0),
				turn: part.turn && !grained.includes(part.id)
			}))
			.filter(({ count }) => count > 0)
	);
	const groups = $derived(groupsOf(parts));
	const run = new CuttingRun();
	/** What stays where it lies, by group: in the plan in which it was pinned. */
	let pinned = $state.raw<Record<string, Pinned>>({});
	const asked = $derived(
		groups.map((group): Asked => {
			const job = cuttingJobOf(group, stock, shop, unit);
			const held = pinned[group.key];
			const stays = held && JSON.stringify(held.job) === JSON.stringify(job) && held.pins.length > 0;
			return {
				key: group.key,
				job,
				lots: lotsOf(group, stock, shop),
				around: stays ? aroundPins(held.job, held.plan, held.pins) : null
			};
		})
	);
	$effect(() => {
		const wanted = asked;
		untrack(() => run.run(wanted));
	});
	onDestroy(() => run.stop());
	// What another reserves or cuts is no longer planned with. What is kept here leads to its own page: nothing may come between.
	onMount(() =>
		hearStock(() => {
			if (!keeping) void invalidateAll();
		})
	);

	let openKey = $state<string | null>(null);
	const open = $derived(groups.find(({ key }) => key === openKey) ?? groups[0] ?? null);
	const found = $derived(open ? run.found.get(open.key) : undefined);
	const sheets = $derived(found ? alikeSheets(found.plan, found.job) : []);
	let openSheet = $state(0);
	const sheet = $derived(sheets[Math.min(openSheet, sheets.length - 1)]);
	let openCut = $state<number | null>(null);
	const nameOf = $derived(blankWords(open?.parts ?? [], unit));
	const scenes = $derived(
		sheets.map(({ plan, stock: { width, height } }, index) =>
			cutSheetScene(
				{
					plan,
					width,
					height,
					kerf: found?.job.kerf ?? 0,
					title: `Sheet ${index + 1}`,
					times: open?.from === 'stick' ? timesOf(height) : 1
				},
				nameOf,
				offcutWords(unit)
			)
		)
	);
	const shown = $derived(sheet ? scenes[sheets.indexOf(sheet)] : undefined);
	const shares = $derived(found ? sharesOf(found.plan) : null);

	/** Px beside a sheet: the page's own margins, the numbers of cuts at its edge, the border of what is chosen. */
	const BESIDE = 84;
	let room = $state(0);
	/** The number of a cut at the edge, and the border of what is chosen, take the rest. */
	const scale = $derived(
		Math.max(0.08, ((room || 600) - BESIDE) / Math.max(1000, ...sheets.map(({ stock: { width } }) => width)))
	);

	const nameOfGroup = (group: { material: string; colour: string }): string => groupName(group, shop, unit);
	const placeOf = (id: string): string => stock.find((one) => one.id === stockOf(id))?.place ?? '';

	/** Where the pins of a group are in its plan as it stands now. */
	function pinsNow(key: string): Pin[] {
		return asked.find((one) => one.key === key)?.around?.pins ?? [];
	}
	const staying = $derived(open ? pinsNow(open.key) : []);
	const placesOfSheet = $derived(sheet?.at ?? []);

	/** A blank of the chosen sheet stays where it lies, or is free again; the others are cut anew round it. */
	function stay(placed: number, on: boolean) {
		const at = placesOfSheet[0];
		if (!open || !found || at === undefined) return;
		const others = pinsNow(open.key).filter((pin) => pin.sheet !== at || pin.placed !== placed);
		const pins = on ? [...others, { sheet: at, placed }] : others;
		pinned = { ...pinned, [open.key]: { job: found.job, plan: found.plan, pins } };
		// What stays comes first in the plan that is made round it.
		openSheet = 0;
		openCut = null;
	}
	const out = $derived(Object.entries(leftOut).filter(([, count]) => count > 0));

	let keeping = $state(false);
	let refused = $state('');

	/** Reserves the sheets of the plan that is looked at; from then on it is cut sheet by sheet. */
	async function keep() {
		if (!open || !found) return;
		keeping = true;
		refused = '';
		const sent = { material: open.material, colour: open.colour, job: found.job, plan: found.plan };
		const kept = await askServer<{ id: number }>('POST', '/api/cutting', sent);
		if (kept.ok) return await goto(`/cutting/${kept.answer.id}`);
		refused = kept.says;
		keeping = false;
	}

	function show(key: string) {
		refused = '';
		openKey = key;
		openSheet = 0;
		openCut = null;
	}
</script>

<svelte:head><title>Cutting · Rare Keep</title></svelte:head>
<div class="screen">
	<Bar here="Cutting">
		<div class="actions">
			{#if run.running}
				<div class="working"><Working label="Searching for better plans" done={run.settled / Math.max(1, run.asked)} bare /></div>
				<!-- Stopped before the first plans are there, materials would be left without any. -->
				{#if run.found.size >= groups.length}
					<button type="button" class="btn preset-on-bar" onclick={() => run.stop()}>Stop searching</button>
				{/if}
			{/if}
			<button type="button" class="btn preset-on-bar" disabled={sheets.length === 0} onclick={() => print()}
				>Print cut lists</button
			>
		</div>
	</Bar>
	<main id="main" class="page">
		<h1 class="seen-by-readers">Cutting</h1>
		<section class="what" aria-label="Parts to cut">
			<JobsToCut {jobs} {stock} {more} {left} {chosen} onchoose={(numbers) => (chosen = numbers)} />
			<CutMaterials {groups} {plans} {run} open={open?.key ?? null} groupName={nameOfGroup} {unit} onshow={show} />
		</section>
		<section class="sheets" aria-label="Sheets" bind:clientWidth={room}>
			{#if open && found}
				<div class="head">
					<h2>{nameOfGroup(open)}</h2>
					<p class="bound">
						{#if found.plan.proven}<Sign of="settled" />{/if}
						{open.from === 'stick'
							? found.plan.bound.says.replace('full sheet', 'stick').replace('of sheets', 'of sticks')
							: found.plan.bound.says}{#if !found.settled && run.running}
							<span class="quiet">Still searching.</span>{/if}
					</p>
					{#if shares && open.from === 'sheet'}<p class="quiet figures">
							{showShare(shares.used, 1)} becomes blanks, {showShare(shares.kept, 1)} saved as offcuts.
						</p>{/if}
				</div>
				{#each found.plan.unplaced as left (left.blank)}
					<p class="unplaced">
						<Sign of="stop" />
						{countSaid(left.count, blankName(left.blank), blankName(left.blank))}: {left.says}
					</p>
				{/each}
				<ol>
					{#each sheets as one, index (index)}
						{@const scene = scenes[index]}
						<li class="by-day" class:chosen={one === sheet}>
							<button
								type="button"
								class="pick"
								aria-pressed={one === sheet}
								onclick={() => ((openSheet = index), (openCut = null))}
							>
								<span class="caption"
									><strong>{sheetName(one.stock, placeOf(one.stock.id), unit, open.from === 'stick')}</strong>
									{#if one.count > 1}<span>{one.count} alike</span>{/if}</span
								>
								{#if scene}<CutSheet {scene} {scale} cut={one === sheet ? openCut : null} />{/if}
							</button>
						</li>
					{/each}
				</ol>
				{#if sheets.length > 0}<p class="quiet">
						All to one scale, 1 : {(96 / 25.4 / scale).toFixed(1)}{#if open.from === 'stick'}; sticks are drawn wider than true.
							Their end trim is already off; each mitre includes its slanting kerf{/if}.
					</p>{/if}
			{:else if run.refusal}
				<p class="unplaced" role="alert"><Sign of="stop" /> {run.refusal}</p>
			{:else if open}
				<p class="quiet">Laying out…</p>
			{:else}
				<p class="empty">Choose jobs to cut together.</p>
			{/if}
		</section>
		<section class="cuts" aria-label="Cuts of the chosen sheet">
			{#if sheet && found && open}
				<CutsOfSheet
					{sheet}
					scene={shown}
					isStick={open.from === 'stick'}
					place={placeOf(sheet.stock.id)}
					kerf={found.job.kerf}
					isInShop={sheets.some(({ stock: { id } }) => stockOf(id) !== null)}
					{unit}
					cut={openCut}
					onpoint={(cut) => (openCut = cut)}
				>
					<button type="button" class="btn preset-filled-brand" disabled={keeping} onclick={keep}>Save plan and cut</button>
					{#if refused}<p class="unplaced" role="alert"><Sign of="stop" /> {refused}</p>{/if}
				</CutsOfSheet>
				<SheetBlanks
					plan={sheet.plan}
					parts={open.parts}
					isStick={open.from === 'stick'}
					stays={staying.filter((pin) => pin.sheet === placesOfSheet[0]).map(({ placed }) => placed)}
					{grained}
					{unit}
					onstay={stay}
					onleave={(id) => (leftOut = { ...leftOut, [id]: (leftOut[id] ?? 0) + 1 })}
					ongrain={(id, on) => (grained = on ? [...grained, id] : grained.filter((one) => one !== id))}
				/>
			{/if}
			{#if out.length > 0}
				<h2 class="left">Left out</h2>
				<ul>
					{#each out as [id, count] (id)}<li>
							{countSaid(count, id, id)}
							<button type="button" class="btn preset-quiet" onclick={() => (leftOut = { ...leftOut, [id]: 0 })}>put back</button>
						</li>{/each}
				</ul>
			{/if}
		</section>
	</main>
	<WhilePrinted>
		<CutPapers {groups} {run} {unit} groupName={nameOfGroup} {placeOf} paper={written.about.paper ?? 'a4'} />
	</WhilePrinted>
</div>

<style>
	.screen {
		display: flex;
		flex-direction: column;
		height: 100%;
	}
	.actions {
		display: flex;
		align-items: center;
		gap: 12px;
		margin-left: auto;
	}
	.working {
		width: 120px;
	}
	.page {
		flex: 1;
		min-height: 0;
		display: grid;
		grid-template-columns: 292px minmax(0, 1fr) 318px;
	}
	.page > section {
		position: relative;
		overflow-y: auto;
		padding: 16px 18px 24px;
	}
	.page > .what {
		display: grid;
		grid-template-rows: minmax(0, 1fr) minmax(0, 1fr);
		padding: 0;
		overflow: hidden;
		background: var(--strip);
	}
	.what > :global(.part) {
		position: relative;
		overflow-y: auto;
		padding: 14px 18px;
	}
	.what > :global(.part + .part) {
		border-top: 1px solid var(--strip-line);
	}
	.cuts {
		background: var(--panel);
		border-left: 1px solid var(--line);
	}
	.head {
		display: flex;
		flex-wrap: wrap;
		align-items: baseline;
		gap: 4px 12px;
	}
	h2 {
		font-size: 17px;
	}
	.bound {
		display: flex;
		align-items: baseline;
		gap: 6px;
	}
	.unplaced {
		color: var(--stop);
	}
	.left {
		margin-top: 16px;
	}
	.sheets ol {
		display: flex;
		flex-direction: column;
		gap: 12px;
		margin-top: 10px;
	}
	.sheets li {
		background: #c8c7c2;
		border: 2px solid transparent;
		width: max-content;
	}
	.sheets li.chosen {
		border-color: #20343f;
	}
	.pick {
		display: block;
		text-align: left;
		padding: 6px 4px 4px;
	}
	.caption {
		display: flex;
		gap: 12px;
		padding: 0 12px;
	}
	@media (max-width: 1100px) {
		.screen {
			height: auto;
			min-height: 100%;
		}
		.page {
			grid-template-columns: 1fr 1fr;
			align-content: start;
		}
		.page > section {
			overflow: visible;
		}
		.page > .what {
			grid-column: 1 / -1;
			grid-template-rows: none;
			grid-template-columns: 1fr 1fr;
			overflow: visible;
		}
		/* The sheets are in sight below the lists. */
		.what > :global(.part) {
			max-height: 36vh;
		}
		.what > :global(.part + .part) {
			border-top: 0;
			border-left: 1px solid var(--strip-line);
		}
		.sheets {
			grid-column: 1 / -1;
			order: 1;
		}
		.cuts {
			grid-column: 1 / -1;
			order: 2;
			border-left: 0;
		}
	}
	@media (max-width: 767px) {
		.page > .what {
			grid-template-columns: 1fr;
		}
		.what > :global(.part) {
			max-height: 28vh;
		}
		.what > :global(.part + .part) {
			border-top: 1px solid var(--strip-line);
			border-left: 0;
		}
		.working {
			display: none;
		}
	}
	@media print {
		.screen {
			display: block;
			height: auto;
		}
		.page,
		.screen > :global(.bar) {
			display: none;
		}
	}
</style>
