<script lang="ts">
	/** The back label, 100 × 70 mm: what it is and how it looks, what is in it, how it opens, when to look again; and whose work it is. */
	import { addYears } from 'date-fns';
	import { onMount } from 'svelte';
	import type { PageProps } from './$types';
	import { fixedBy, heldBy, lightOn, madeOf, seenBy, toOpen, warnings } from '$core/views/bench/label-words.ts';
	import { lookAgain } from '$core/views/care/look-again.ts';
	import { draftBecause } from '$core/judge/draft.ts';
	import { covers, SCOPE_OF } from '$core/job/scopes.ts';
	import { gradeSaid } from '$core/shop/grades.ts';
	import { asItHangs } from '$core/views/drawing/as-it-hangs.ts';
	import { frontScene } from '$core/views/drawing/front.ts';
	import Shapes from '$lib/drawing/Shapes.svelte';
	import { fillCard } from '$lib/papers/fill-card.ts';
	import Paper from '$lib/papers/Paper.svelte';
	import PaperBar from '$lib/papers/PaperBar.svelte';
	import { showDate } from '$lib/ui/days.ts';
	import { plannedForPaper } from '$lib/papers/planned.ts';

	const { data }: PageProps = $props();
	const id = $props.id();
	const { job, plan, shop } = $derived(plannedForPaper(data));
	const draft = $derived(draftBecause(plan, job.scope));
	const scope = $derived(SCOPE_OF[job.scope]);
	const piece = $derived(data.job.piece ?? {});

	const scene = $derived.by(() => {
		const front = frontScene(plan, job);
		return front && asItHangs(front);
	});
	/** Millimetres that the drawing may take. */
	const TILE = { width: 24, height: 22 };
	const tile = $derived.by(() => {
		if (!scene) return null;
		const scale = Math.min(TILE.width / scene.box.width, TILE.height / scene.box.height);
		return { width: scene.box.width * scale, height: scene.box.height * scale };
	});
	const title = $derived(piece.title ?? data.job.title ?? '');
	/** Of several alike each has its own. */
	const cards = $derived(
		Array.from({ length: job.copies }, (_, index) => {
			const own = data.job.alike?.[index] ?? {};
			const which = [own.edition, job.copies > 1 ? `${index + 1} of ${job.copies}` : ''].filter(Boolean).join(' · ');
			return { title: own.title?.trim() || title, owner: own.owner?.trim() ?? '', which };
		})
	);
	/** Letters from which a title stands in the card's own type. */
	const LONG = 50;
	const address = $derived((data.shop.about.address ?? '').split('\n').filter(Boolean).join(', '));

	let today = $state<Date | null>(null);
	onMount(() => (today = new Date()));

	const again = $derived(lookAgain(job, plan, shop.house));
	const rows = $derived(
		[
			['made of', scope.window ? madeOf(job) : ''],
			[
				'grade',
				scope.window
					? `${gradeSaid(plan.grade)}${job.scope === 'whole' || !plan.grade.known ? '' : ', of what is done here'}`
					: ''
			],
			['inside', scope.window || job.scope === 'unframe' ? '' : (job.given.holds ?? 'not opened')],
			['new board', plan.back?.board && job.guard.backing ? job.guard.backing.name : ''],
			['glazing', !scope.pack ? '' : job.guard.glazing.family === 'none' ? 'none' : job.guard.glazing.name],
			['beware', warnings(job)],
			['seen by', seenBy(job)],
			['light', scope.pack ? lightOn(job, plan, shop.house) : ''],
			['fixed', fixedBy(job)],
			['held by', plan.hold ? heldBy(job, plan) : ''],
			['with it', job.belongs.papers.join('; ')],
			['inscription', job.schools['inscription'] === 'label' ? (job.belongs.inscription ?? '') : ''],
			['to open', scope.pack || covers(job.scope, 'back') ? toOpen(job, plan, shop.house) : ''],
			[scope.done, today ? showDate(today, 'month', data.dates) : ''],
			[
				'inspect next',
				today && again
					? again.years === null
						? 'on change of owner'
						: showDate(addYears(today, again.years), 'month', data.dates)
					: ''
			]
		].filter(([, text]) => text !== '')
	);
</script>

<svelte:head><title>Back label {data.number} · Rare Keep</title></svelte:head>
<PaperBar number={data.number} title={data.job.title ?? ''} />
<main id="main">
	<div class="larger">
		{#each cards as card, index (index)}<Paper size="back-label">
				{#key rows}
					<div class="card" {@attach fillCard({ least: 7, most: 11 })}>
						<div class="head">
							{#if draft}<p class="draft">DRAFT</p>{/if}
							<h1 class:long={card.title.length > LONG}>{card.title}</h1>
							<p class="who">{[piece.maker, piece.year, card.owner].filter(Boolean).join(', ')}</p>
						</div>
						<dl>
							{#each rows as [name, text] (name)}<dt>{name}</dt>
								<dd>{text}</dd>{/each}
						</dl>
						<div class="seen">
							{#if scene && tile}<svg
									viewBox="{scene.box.left} {scene.box.top} {scene.box.width} {scene.box.height}"
									style:width="{tile.width}mm"
									style:height="{tile.height}mm"
									role="img"
									aria-label="The piece as it hangs"><Shapes {scene} {id} /></svg
								>{/if}
							<svg
								class="code"
								viewBox="-1 -1 {data.code.size + 2} {data.code.size + 2}"
								role="img"
								aria-label="Code for the record of {data.number}"><path d={data.code.path} /></svg
							>
							<p class="figures">
								{data.number}{#if card.which}<br /><span class="which">{card.which}</span>{/if}
							</p>
						</div>
						{#if data.shop.about.name}<p class="shop"><strong>{data.shop.about.name}</strong> {address}</p>{/if}
					</div>
				{/key}
			</Paper>{/each}
	</div>
	<p class="size quiet">100 × 70 mm, shown larger than printed.</p>
</main>

<style>
	main {
		padding-top: 8mm;
	}
	.larger {
		zoom: 1.7;
	}
	.size {
		text-align: center;
	}
	.card {
		display: grid;
		grid-template: auto 1fr auto / minmax(0, 1fr) 24mm;
		column-gap: 3mm;
		height: 100%;
		overflow: hidden;
	}
	.head {
		grid-column: 1 / -1;
		border-bottom: 0.3mm solid var(--ink);
		padding-bottom: 1mm;
		margin-bottom: 1.5mm;
	}
	.draft {
		float: right;
		border: 0.4mm solid var(--ink);
		padding: 0 1.5mm;
		font-weight: 600;
		letter-spacing: 0.15em;
	}
	h1 {
		font-size: calc(var(--type) + 4pt);
		line-height: 1.15;
	}
	/* The whole of it is in the record, where the code leads. */
	.long {
		display: -webkit-box;
		overflow: hidden;
		font-size: calc(var(--type) + 1pt);
		-webkit-box-orient: vertical;
		-webkit-line-clamp: 2;
		line-clamp: 2;
	}
	.who {
		font-size: var(--type);
		color: #474f53;
	}
	dl {
		display: grid;
		grid-template-columns: auto minmax(0, 1fr);
		gap: 0.7mm 2mm;
		font-size: var(--type);
		line-height: 1.2;
		align-content: start;
	}
	dt {
		color: #474f53;
	}
	.seen {
		grid-row: 2 / 4;
		grid-column: 2;
		display: grid;
		justify-items: center;
		align-content: space-between;
	}
	.code {
		width: 19mm;
	}
	.seen p {
		font-size: 9pt;
		font-weight: 600;
	}
	.which {
		font-weight: 400;
		font-size: 8pt;
	}
	.shop {
		align-self: end;
		padding-top: 1.6mm;
		font-size: max(8pt, calc(var(--type) - 0.5pt));
		line-height: 1.2;
	}
	@media (max-width: 767px) {
		.larger {
			zoom: 1;
		}
		.size {
			display: none;
		}
	}
	@media print {
		main {
			padding: 0;
		}
		.larger {
			zoom: 1;
		}
		.size {
			display: none;
		}
	}
</style>
