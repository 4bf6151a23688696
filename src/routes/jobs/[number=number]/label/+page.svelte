<script lang="ts">
	/** The back label, 100 × 70 mm: what it is, what is in it, how it opens, when to look again. */
	import { addYears, format } from 'date-fns';
	import { onMount } from 'svelte';
	import type { PageProps } from './$types';
	import { heldBy, madeOf, toOpen } from '$core/views/bench/label-words.ts';
	import { draftBecause } from '$core/judge/draft.ts';
	import { gradeSaid } from '$core/shop/grades.ts';
	import Paper from '$lib/papers/Paper.svelte';
	import PaperBar from '$lib/papers/PaperBar.svelte';
	import { plannedForPaper } from '$lib/papers/planned.ts';

	const { data }: PageProps = $props();
	const { job, plan, shop } = $derived(plannedForPaper(data));
	const draft = $derived(draftBecause(plan));
	const piece = $derived(data.job.piece ?? {});
	/** Years after which a package is looked at again, by the grade reached; sooner where a tape creeps. */
	const LOOK = { rare: 5, keep: 10 } as const;

	let today = $state<Date | null>(null);
	onMount(() => (today = new Date()));

	const years = $derived(
		job.hold.adhesive.family === 'self-adhesive'
			? 3
			: plan.grade.known && (plan.grade.reached === 'rare' || plan.grade.reached === 'keep')
				? LOOK[plan.grade.reached]
				: null
	);
	const rows = $derived(
		[
			['made of', madeOf(job)],
			['grade', gradeSaid(plan.grade)],
			['glazing', job.guard.glazing.family === 'none' ? 'none' : job.guard.glazing.name],
			['held by', heldBy(job, plan)],
			['to open', toOpen(job, plan, shop.house)],
			[
				'framed',
				[data.shop.about.name ? `by ${data.shop.about.name}` : '', today ? format(today, 'MMMM yyyy') : '']
					.filter(Boolean)
					.join(', ')
			],
			['inspect next', today ? (years === null ? 'when it changes hands' : format(addYears(today, years), 'MMMM yyyy')) : '']
		].filter(([, text]) => text !== '')
	);
</script>

<svelte:head><title>Back label {data.number} · Rare Keep</title></svelte:head>
<PaperBar number={data.number} title={data.job.title ?? ''} />
<main id="main">
	<Paper size="back-label">
		{#if draft}<p class="draft">DRAFT</p>{/if}
		<h1>{piece.title ?? data.job.title ?? ''}</h1>
		<p class="who">{[piece.maker, piece.year].filter(Boolean).join(', ')}</p>
		<div class="body">
			<dl>
				{#each rows as [name, text] (name)}<dt>{name}</dt>
					<dd>{text}</dd>{/each}
			</dl>
			<div class="to-record">
				<svg
					viewBox="-1 -1 {data.code.size + 2} {data.code.size + 2}"
					role="img"
					aria-label="Code that leads to the record of {data.number}"><path d={data.code.path} /></svg
				>
				<p class="figures">{data.number}</p>
			</div>
		</div>
	</Paper>
</main>

<style>
	main {
		padding-top: 14mm;
	}
	.draft {
		float: right;
		border: 0.4mm solid var(--ink);
		padding: 0 1.5mm;
		font-weight: 600;
		letter-spacing: 0.15em;
	}
	h1 {
		font-size: 13pt;
		line-height: 1.15;
	}
	.who {
		font-size: 8.5pt;
		color: #474f53;
		border-bottom: 0.3mm solid var(--ink);
		padding-bottom: 1mm;
		margin-bottom: 1.5mm;
	}
	.body {
		display: grid;
		grid-template-columns: 1fr 21mm;
		gap: 3mm;
	}
	dl {
		display: grid;
		grid-template-columns: 17mm 1fr;
		gap: 0.6mm 1mm;
		font-size: 8pt;
		line-height: 1.2;
		align-content: start;
	}
	dt {
		color: #474f53;
	}
	.to-record p {
		text-align: center;
		font-weight: 600;
	}
	@media print {
		main {
			padding: 0;
		}
	}
</style>
