<script lang="ts">
	/** The back label, 100 × 70 mm: what it is, what is in it, how it opens, when to look again. */
	import { addYears, format } from 'date-fns';
	import { onMount } from 'svelte';
	import type { PageProps } from './$types';
	import { decide } from '$core/job/decide.ts';
	import { readJob } from '$core/job/read.ts';
	import { planDecided } from '$core/plan.ts';
	import { shopFrom } from '$core/shop/written.ts';
	import Paper from '$lib/papers/Paper.svelte';
	import PaperBar from '$lib/papers/PaperBar.svelte';

	const { data }: PageProps = $props();
	const shop = $derived(shopFrom(data.shop));
	const job = $derived(decide(readJob(data.job), shop));
	const plan = $derived(planDecided(data.job, job, shop));
	const piece = $derived(data.job.piece ?? {});
	const GRADES = { rare: 'Rare', keep: 'Keep', show: 'Show' };
	/** Years after which a package is looked at again, by the grade reached; sooner where a tape creeps. */
	const LOOK = { rare: 5, keep: 10 } as const;

	let today = $state<Date | null>(null);
	onMount(() => (today = new Date()));

	const years = $derived(
		job.hold.adhesive.family === 'self-adhesive'
			? 3
			: plan.grade.reached === 'rare' || plan.grade.reached === 'keep'
				? LOOK[plan.grade.reached]
				: null
	);
	const opensBy = $derived(
		[
			job.back.seal === 'gummed'
				? 'damp the tape, rest, peel'
				: job.back.seal === 'self-adhesive'
					? 'cut the tape along the joint'
					: '',
			plan.frame
				? plan.frame.points.kind === 'rigid'
					? `lift ${plan.frame.points.total} pins with a tool`
					: `turn back ${plan.frame.points.total} points`
				: ''
		]
			.filter(Boolean)
			.join('; ')
	);
	const rows = $derived(
		[
			['medium', job.piece.media.map((medium) => medium.name).join(', ')],
			['grade', plan.grade.reached ? GRADES[plan.grade.reached] : 'none'],
			['glazing', job.guard.glazing.name],
			['held by', job.hold.adhesive.name],
			['opens by', opensBy],
			['framed', today ? format(today, 'MMMM yyyy') : ''],
			['next look', today ? (years === null ? 'when it changes hands' : format(addYears(today, years), 'MMMM yyyy')) : '']
		].filter(([, text]) => text !== '')
	);
</script>

<svelte:head><title>Back label {data.number} · Rare Keep</title></svelte:head>
<PaperBar number={data.number} title={data.job.title ?? ''} />
<main id="main">
	<Paper size="back-label">
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
		grid-template-columns: 15mm 1fr;
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
