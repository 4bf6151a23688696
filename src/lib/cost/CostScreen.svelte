<script lang="ts">
	/** What a job costs, line by line; the same job at the other grades; the best of it under a price. */
	import { onDestroy, onMount } from 'svelte';
	import { goto } from '$app/navigation';
	import type { JobFile } from '$core/job/definition.ts';
	import { patched, type Operation } from '$core/job/patch.ts';
	import { gradeSaid } from '$core/shop/grades.ts';
	import type { WrittenShop } from '$core/shop/written.ts';
	import type { Unit } from '$core/units/length.ts';
	import { showMoney, showSize } from '$core/units/show.ts';
	import { costOf } from '$core/views/cost/cost.ts';
	import { plannedForPaper } from '$lib/papers/planned.ts';
	import Bar from '$lib/ui/Bar.svelte';
	import { keepNext } from '$lib/ui/keep-job.ts';
	import Sign from '$lib/ui/Sign.svelte';
	import { CostDesk } from './cost-desk.svelte.ts';
	import CostLines from './CostLines.svelte';
	import OtherGrade from './OtherGrade.svelte';
	import UnderPrice from './UnderPrice.svelte';

	type Props = {
		number: string;
		rev: number;
		job: JobFile;
		shop: WrittenShop;
		reads: Unit | null;
		waste: Readonly<Record<string, number>>;
	};
	const { number, rev, job: file, shop: written, reads, waste }: Props = $props();
	const { job, plan, shop } = $derived(plannedForPaper({ job: file, shop: written, reads }));
	const cost = $derived(costOf({ file, job, plan, shop }, waste));
	const money = (cents: number): string => showMoney(cents, shop.currency);
	const title = $derived((file.title ?? file.piece?.title) || 'New piece');
	const facts = $derived(
		[
			plan.frame ? `${showSize(plan.frame.outer, job.reader)} ${job.reader.unit} outside` : '',
			plan.grade.known ? gradeSaid(plan.grade) : '',
			job.copies > 1 ? `${job.copies} the same` : ''
		].filter(Boolean)
	);

	// svelte-ignore state_referenced_locally
	const desk = new CostDesk({
		file: $state.snapshot(file) as JobFile,
		shop: $state.snapshot(written) as WrittenShop,
		reads,
		waste
	});
	onMount(() => {
		if (cost.known) desk.look();
	});
	onDestroy(() => desk.close());

	let refused = $state('');
	let busy = $state(false);

	/** Keeps the job as it was offered, as its next revision. */
	async function take(patch: Operation[]) {
		busy = true;
		refused = '';
		const kept = await keepNext(number, rev, patched(file, patch));
		if (kept.ok) return await goto(`/jobs/${number}?at=guard`);
		refused = kept.says;
		busy = false;
	}
</script>

<svelte:head><title>Cost {number} · Rare Keep</title></svelte:head>
<div class="screen">
	<Bar>
		<a class="which" href="/jobs/{number}"><span class="figures">{number}</span> {title}</a>
		<a class="btn preset-filled-brand" href="/jobs/{number}/quote">Quote</a>
	</Bar>
	<main id="main">
		<section class="lines" aria-label="What it costs">
			<header>
				<div>
					<h1>{title}</h1>
					<p class="quiet figures">{facts.join(' · ')}</p>
				</div>
				{#if cost.known}<p class="price figures"><span>price</span> {money(cost.sums.total)}</p>{/if}
			</header>
			{#if cost.known}
				<CostLines {cost} {money} reader={job.reader} house={shop.house} />
			{:else}
				<p class="empty">To see the cost: {plan.open.map(({ needs }) => needs).join(', ') || 'a frame'}.</p>
			{/if}
		</section>
		<section class="others" aria-label="Other grades and prices">
			{#if refused}<p class="refused" role="alert"><Sign of="stop" /> {refused}</p>{/if}
			{#if cost.known && plan.grade.known}
				<h2>The same piece at other grades</h2>
				{#if desk.broken}<p class="refused">Other grades could not be planned. Reload the page.</p>
				{:else if desk.others}
					{#each desk.others as offer (offer.grade)}<OtherGrade
							{offer}
							than={cost.sums.total}
							{money}
							{busy}
							ontake={take}
						/>{/each}
				{:else}<p class="quiet">Looking…</p>{/if}
			{:else if cost.known}<p class="quiet">Decide layers and hold to compare grades.</p>{/if}
			{#if cost.known}<UnderPrice
					{desk}
					reached={plan.grade.reached}
					reader={job.reader}
					than={cost.sums.total}
					{money}
					{busy}
					ontake={take}
				/>{/if}
		</section>
	</main>
</div>

<style>
	.screen {
		display: flex;
		flex-direction: column;
		height: 100%;
	}
	.which {
		flex: 1;
		min-width: 0;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
		text-decoration: underline;
		text-underline-offset: 3px;
	}
	main {
		flex: 1;
		min-height: 0;
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(380px, 32%);
	}
	section {
		position: relative;
		overflow-y: auto;
		padding: 20px 28px 32px;
	}
	.others {
		background: var(--panel);
		border-left: 1px solid var(--line);
	}
	header {
		display: flex;
		align-items: end;
		justify-content: space-between;
		gap: 24px;
		max-width: 760px;
		margin-bottom: 10px;
	}
	h1 {
		font-size: 24px;
	}
	h2 {
		font-size: 17px;
		margin-bottom: 6px;
	}
	.price {
		font-size: 34px;
		font-weight: 600;
		white-space: nowrap;
		line-height: 1.1;
	}
	.price span {
		font-size: 16px;
		font-weight: 400;
		color: var(--soft);
	}
	.refused {
		color: var(--stop);
		margin-bottom: 10px;
	}
	@media (max-width: 1100px) {
		.screen {
			height: auto;
			min-height: 100%;
		}
		main {
			grid-template-columns: 1fr;
		}
		section {
			overflow: visible;
			padding: 16px 18px 24px;
		}
		.others {
			border-left: 0;
			border-top: 1px solid var(--line);
		}
	}
	@media (max-width: 767px) {
		header {
			flex-direction: column;
			align-items: start;
			gap: 6px;
		}
	}
	@media print {
		.screen,
		main {
			display: block;
			height: auto;
		}
		.screen > :global(.bar),
		.others {
			display: none;
		}
	}
</style>
