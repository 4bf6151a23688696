<script lang="ts">
	/** What the customer is offered: the piece as it will hang, what it gets in words, the price with its tax. */
	import { onMount } from 'svelte';
	import type { PaperSize } from '$core/shop/about.ts';
	import type { DateLanguage } from '$core/shop/about.ts';
	import type { JobFile } from '$core/job/definition.ts';
	import { draftBecause } from '$core/judge/draft.ts';
	import type { WrittenShop } from '$core/shop/written.ts';
	import type { Unit } from '$core/units/length.ts';
	import { showMoney, showNumber } from '$core/units/show.ts';
	import { wholeCents } from '$core/units/round.ts';
	import { costOf } from '$core/views/cost/cost.ts';
	import { quoteRows } from '$core/views/cost/quote-words.ts';
	import { asItHangs } from '$core/views/drawing/as-it-hangs.ts';
	import { frontScene } from '$core/views/drawing/front.ts';
	import Shapes from '$lib/drawing/Shapes.svelte';
	import Paper from '$lib/papers/Paper.svelte';
	import ShopHead from '$lib/papers/ShopHead.svelte';
	import { plannedForPaper } from '$lib/papers/planned.ts';
	import { showDate } from '$lib/ui/days.ts';
	import { unbroken } from '$lib/ui/words.ts';

	type Props = {
		number: string;
		rev: number;
		job: JobFile;
		shop: WrittenShop;
		reads: Unit | null;
		dates: DateLanguage;
		waste: Readonly<Record<string, number>>;
		paper: PaperSize;
	};
	const { number, rev, job: file, shop: written, reads, dates, waste, paper }: Props = $props();
	const id = $props.id();
	const { job, plan, shop } = $derived(plannedForPaper({ job: file, shop: written, reads }));
	const cost = $derived(costOf({ file, job, plan, shop }, waste));
	const rows = $derived(quoteRows({ file, job, plan, shop }));
	const money = (cents: number): string => showMoney(cents, shop.currency);
	const title = $derived((file.piece?.title ?? file.title) || 'New piece');
	const by = $derived([file.piece?.maker, file.piece?.year].filter(Boolean).join(', '));
	/** A price that leaves something out is no offer. */
	const draft = $derived(
		[draftBecause(plan, job.scope), cost.unpriced.length > 0 ? `without a price: ${cost.unpriced.join('; ')}` : '']
			.filter(Boolean)
			.join('; ')
	);
	const scene = $derived.by(() => {
		const front = frontScene(plan, job);
		return front && asItHangs(front);
	});
	/** Millimetres of paper that the drawing may take. */
	const ROOM = { width: 72, height: 84 };
	const drawn = $derived.by(() => {
		if (!scene) return null;
		const scale = Math.min(ROOM.width / scene.box.width, ROOM.height / scene.box.height);
		return { width: scene.box.width * scale, height: scene.box.height * scale, one: 1 / scale };
	});
	const tax = $derived(shop.house.taxPercent);
	let today = $state<Date | null>(null);
	onMount(() => (today = new Date()));
</script>

<Paper size={paper}>
	<div class="offer">
		<ShopHead about={written.about}
			>Quote {number}{rev > 1 ? `, version ${rev}` : ''}<br />{today ? showDate(today, 'day', dates) : ''}</ShopHead
		>
		{#if draft}<p class="draft"><strong>DRAFT</strong> {draft}</p>{/if}
		{#if file.piece?.owner}<p>For {file.piece.owner}</p>{/if}
		<h1>{title}</h1>
		{#if by}<p class="by">{by}</p>{/if}
		<div class="what">
			{#if scene && drawn}<figure>
					<svg
						viewBox="{scene.box.left} {scene.box.top} {scene.box.width} {scene.box.height}"
						style:width="{drawn.width}mm"
						style:height="{drawn.height}mm"
						role="img"
						aria-label="The piece as it will hang"><Shapes {scene} {id} /></svg
					>
					<figcaption class="figures">1 : {showNumber(drawn.one, 1)}</figcaption>
				</figure>{/if}
			<dl>
				{#each rows as { name, says } (name)}<dt>{name}</dt>
					<dd>{unbroken(says).replaceAll(' × ', '\u00a0×\u00a0')}</dd>{/each}
			</dl>
		</div>
		{#if cost.known}
			<table>
				<tbody>
					<tr
						><th scope="row">Materials and work{job.copies > 1 ? `, ${job.copies} alike` : ''}</th><td>{money(cost.sums.net)}</td
						></tr
					>
					{#if tax > 0}<tr><th scope="row">{showNumber(tax, 1)} % tax</th><td>{money(cost.sums.tax)}</td></tr>{/if}
					<tr class="total"><th scope="row">Price</th><td>{money(cost.sums.total)}</td></tr>
					{#if job.copies > 1}<tr><th scope="row">each, rounded</th><td>{money(wholeCents(cost.sums.total / job.copies))}</td></tr
						>{/if}
				</tbody>
			</table>
			{#if tax === 0}<p class="quiet">No tax is added.</p>{/if}
		{:else}<p>The price follows once everything is decided.</p>{/if}
	</div>
</Paper>

<style>
	.offer {
		padding: 6mm 8mm;
		font-size: 11pt;
		line-height: 1.4;
	}
	.draft {
		padding: 1.5mm 3mm;
		margin-bottom: 6mm;
		border: 0.4mm solid var(--ink);
	}
	.draft strong {
		letter-spacing: 0.15em;
	}
	h1 {
		font-size: 21pt;
		line-height: 1.2;
	}
	.by {
		color: #474f53;
	}
	.what {
		display: grid;
		grid-template-columns: auto minmax(0, 1fr);
		gap: 10mm;
		margin: 8mm 0 10mm;
	}
	figcaption {
		font-size: 8pt;
		color: #474f53;
	}
	dl {
		display: grid;
		grid-template-columns: auto minmax(0, 1fr);
		gap: 2mm 5mm;
		align-content: start;
	}
	dt {
		color: #474f53;
	}
	table {
		width: 100%;
		font-variant-numeric: tabular-nums;
	}
	th {
		font-weight: 400;
		text-align: left;
		padding: 1.2mm 0;
	}
	td {
		text-align: right;
	}
	.total th,
	.total td {
		font-size: 15pt;
		font-weight: 600;
		border-top: 0.3mm solid var(--ink);
		padding-top: 2mm;
	}
	@media (max-width: 767px) {
		.what {
			grid-template-columns: 1fr;
			gap: 4mm;
		}
	}
</style>
