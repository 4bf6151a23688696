<script lang="ts">
	/** A kept plan at the cutter: one sheet, its next cut large, then where its offcuts are put. */
	import { onMount } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import { stockOf } from '$core/nesting/sources.ts';
	import { shopFrom, type WrittenShop } from '$core/shop/written.ts';
	import type { Unit } from '$core/units/length.ts';
	import { showLength } from '$core/units/show.ts';
	import { there } from '$core/units/there.ts';
	import { cutSheetScene, timesOf } from '$core/views/drawing/cut-sheet.ts';
	import type { KeptPlan } from '$lib/server/db/cutting.ts';
	import { hearStock } from '$lib/stock/hear-stock.ts';
	import Bar from '$lib/ui/Bar.svelte';
	import { isInField } from '$lib/ui/keys.ts';
	import Sign from '$lib/ui/Sign.svelte';
	import CutSheet from './CutSheet.svelte';
	import DropOuts from './DropOuts.svelte';
	import { KeptRun } from './kept-plan.svelte.ts';
	import NextCut from './NextCut.svelte';
	import SheetLeft from './SheetLeft.svelte';
	import { blankWords, cutRows, groupName, offcutWords, sheetName } from './words.ts';

	type Props = {
		kept: KeptPlan;
		places: Record<number, string>;
		shop: WrittenShop;
		reads: Unit | null;
		cutter: { simulated: boolean } | null;
	};
	const { kept, places, shop: written, reads, cutter }: Props = $props();
	const unit = $derived(reads ?? written.about.unit ?? 'mm');
	const shop = $derived(shopFrom(written));
	const name = $derived(groupName(kept, shop, unit));
	const nameOf = $derived(blankWords(kept.asked.parts, unit));
	const isStick = $derived(kept.asked.parts.some(({ from }) => from === 'stick'));
	const placeOf = (id: string): string => places[stockOf(id) ?? -1] ?? '';

	const run = new KeptRun(() => kept);
	$effect(() => run.settle());
	onMount(() => {
		run.resume();
		return hearStock(() => void invalidateAll());
	});

	const firstOpen = $derived(kept.plan.sheets.findIndex((_, index) => !kept.cut.includes(index)));
	let chosen = $state<number | null>(null);
	const at = $derived(chosen ?? Math.max(0, firstOpen));
	const sheet = $derived(there(kept.plan.sheets[at], 'sheet'));
	const stock = $derived(
		there(
			kept.asked.job.sheets.find(({ id }) => id === sheet.sheet),
			'sheet'
		)
	);
	const isCut = $derived(kept.cut.includes(at));
	const rows = $derived(cutRows({ plan: sheet, width: stock.width, height: stock.height, kerf: kept.asked.job.kerf }, unit));
	const made = $derived(run.made(at));
	const next = $derived(rows[made]);
	const progress = $derived(kept.progress[at]);
	const scene = $derived(
		cutSheetScene(
			{
				plan: sheet,
				width: stock.width,
				height: stock.height,
				kerf: kept.asked.job.kerf,
				title: `${isStick ? 'Stick' : 'Sheet'} ${at + 1}`,
				times: isStick ? timesOf(stock.height) : 1
			},
			nameOf,
			offcutWords(unit),
			made
		)
	);

	const room = $state({ width: 0, height: 0 });
	/** Px round the sheet: the numbers of cuts, the margin. */
	const ROUND = 60;
	const scale = $derived(
		Math.max(0.08, Math.min((room.width - ROUND) / stock.width, (Math.max(360, room.height) - ROUND) / stock.height))
	);

	function onkeydown(event: KeyboardEvent) {
		if (isInField(event) || event.ctrlKey || event.metaKey || event.altKey) return;
		const by = event.key === ' ' || event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
		if (by === 0 || (event.key === ' ' && event.target instanceof HTMLButtonElement)) return;
		event.preventDefault();
		run.step(at, by);
	}

	/** Offcuts that were put away since the page is open, for their labels. */
	let putAway = $state<number[]>([]);

	async function sheetIsCut(offcuts: { width: number; height: number; place: string }[]) {
		const answer = await run.send<{ offcuts: string[] }>('POST', `/sheets/${at}`, { offcuts });
		if (!answer) return;
		putAway = [...putAway, ...answer.offcuts.map(stockOf).filter((id) => id !== null)];
		chosen = null;
		await invalidateAll();
	}

	async function toCutter(fail: boolean) {
		if (await run.send('POST', `/sheets/${at}/cutter`, { fail })) await invalidateAll();
	}
</script>

<svelte:window {onkeydown} />
<svelte:head><title>Plan {kept.id}, {name} · Rare Keep</title></svelte:head>
<div class="screen">
	<Bar here="Cutting">
		<div class="actions">
			<button type="button" class="btn preset-on-bar" onclick={() => print()}>Print this sheet</button>
			{#if kept.state === 'open'}<button type="button" class="btn preset-on-bar" disabled={run.busy} onclick={() => run.giveUp()}
					>Cancel the rest</button
				>{/if}
		</div>
	</Bar>
	<main id="main" class="page">
		<section class="sheet" aria-label="The sheet" bind:clientWidth={room.width} bind:clientHeight={room.height}>
			<div class="by-day"><CutSheet {scene} {scale} cut={next?.cut.order ?? null} /></div>
		</section>
		<section class="now" aria-label="Cutting now">
			<h1>{name}</h1>
			<nav aria-label="Sheets in the plan">
				{#each kept.plan.sheets as one, index (index)}
					<button
						type="button"
						aria-pressed={index === at}
						aria-label="Sheet {index + 1}{kept.cut.includes(index) ? ', cut' : ''}"
						onclick={() => (chosen = index)}
						><span class="figures">{index + 1}</span>{#if kept.cut.includes(index)}<Sign of="settled" size={10} />{/if}<span
							class="seen-by-readers">{one.sheet}</span
						></button
					>
				{/each}
			</nav>
			<p>{at + 1} of {kept.plan.sheets.length}: {sheetName(stock, placeOf(stock.id), unit, isStick)}</p>
			{#if isCut}
				<p class="done"><Sign of="settled" /> This {isStick ? 'stick' : 'sheet'} is cut.</p>
			{:else if kept.state !== 'open'}
				<p>This plan was cancelled; the {isStick ? 'stick' : 'sheet'} was not cut.</p>
			{:else if next}
				<NextCut
					{next}
					of={rows.length}
					{made}
					{progress}
					{cutter}
					busy={run.busy}
					{unit}
					onstep={(by) => run.step(at, by)}
					oncutter={toCutter}
				/>
			{:else}
				{#key at}<SheetLeft
						offcuts={sheet.offcuts}
						number={at + 1}
						{isStick}
						restLeast={shop.house.stickRestLeast}
						busy={run.busy}
						{unit}
						onback={() => run.step(at, -1)}
						ondone={sheetIsCut}
					/>{/key}
			{/if}
			{#if run.refused}<p class="unread" role="alert"><Sign of="stop" /> {run.refused}</p>{/if}
			{#if putAway.length > 0}<p>
					<a class="anchor" href="/stock/labels?of={putAway.join(',')}"
						>Labels for {putAway.length === 1 ? 'its offcut' : `${putAway.length} offcuts`}</a
					>
				</p>{/if}
			{#if kept.state === 'cut'}<p>All its sheets are cut. <a class="anchor" href="/cutting">Back to Cutting</a></p>{/if}
			<DropOuts {kept} {run} {unit} least={shop.house.offcutLeast} />
			<ol class="cuts" aria-label="Cuts">
				{#each rows as { cut, runs, gives } (cut.order)}
					<li class:made={cut.order <= made} class:here={cut === next?.cut}>
						<span class="number figures">{cut.order}</span>
						<strong class="figures">{showLength(cut.fence, unit).text}</strong>
						<span>{runs}</span><span class="quiet">{gives.join(' · ')}</span>
					</li>
				{/each}
			</ol>
		</section>
	</main>
</div>

<style>
	.screen {
		display: flex;
		flex-direction: column;
		height: 100%;
	}
	.actions {
		display: flex;
		gap: 12px;
		margin-left: auto;
	}
	.page {
		flex: 1;
		min-height: 0;
		display: grid;
		grid-template-columns: minmax(0, 1fr) 400px;
	}
	.sheet {
		display: grid;
		place-content: center;
		overflow: hidden;
		background: var(--strip);
	}
	.now {
		position: relative;
		overflow-y: auto;
		padding: 16px 22px 24px;
		background: var(--panel);
		border-left: 1px solid var(--line);
	}
	h1 {
		font-size: 20px;
	}
	nav {
		display: flex;
		flex-wrap: wrap;
		gap: 4px;
		margin: 8px 0;
	}
	nav button {
		display: flex;
		align-items: center;
		justify-content: center;
		gap: 4px;
		min-width: 40px;
		min-height: var(--control);
		border: 1px solid var(--line-strong);
		border-radius: 4px;
	}
	nav button[aria-pressed='true'] {
		background: var(--chosen);
		color: var(--on-chosen);
	}
	.unread {
		color: var(--stop);
	}
	.done {
		font-size: 18px;
		margin: 10px 0;
	}
	.cuts {
		margin-top: 16px;
		border-top: 1px solid var(--line-strong);
	}
	.cuts li {
		display: grid;
		grid-template-columns: 26px 64px 1fr;
		gap: 0 8px;
		padding: 4px 0;
		border-bottom: 1px solid var(--line);
		font-size: var(--text-sm);
	}
	.cuts .quiet {
		grid-column: 2 / -1;
	}
	.cuts .made {
		color: var(--quiet);
		text-decoration: line-through;
	}
	.cuts .made strong {
		font-weight: 400;
	}
	.cuts .here {
		background: var(--accent-soft);
	}
	.number {
		color: var(--accent);
		font-weight: 600;
	}
	@media (max-width: 1100px) {
		.screen {
			height: auto;
			min-height: 100%;
		}
		.page {
			grid-template-columns: 1fr;
			grid-template-rows: 46vh auto;
		}
		.now {
			overflow: visible;
			border-left: 0;
		}
	}
	@media print {
		.screen,
		.page {
			display: block;
			height: auto;
		}
		.screen > :global(.bar),
		nav {
			display: none;
		}
		.now {
			border: 0;
			overflow: visible;
		}
	}
</style>
