<script lang="ts">
	/** The job sheet for the bench: print pages in mm, A4 or Letter, everything that is cut, placed and driven. */
	import { format } from 'date-fns';
	import { onMount } from 'svelte';
	import type { PageProps } from './$types';
	import { planSteps } from '$core/bench/steps.ts';
	import { backScene } from '$core/drawing/back.ts';
	import { layerName } from '$core/drawing/layer-name.ts';
	import { frontScene } from '$core/drawing/front.ts';
	import { sectionScene } from '$core/drawing/section.ts';
	import { SIDES } from '$core/geometry/shapes.ts';
	import { decide } from '$core/job/decide.ts';
	import { readJob } from '$core/job/read.ts';
	import { planDecided } from '$core/plan.ts';
	import { materialName } from '$core/cutting/material-name.ts';
	import { sightsOf, which } from '$core/sights.ts';
	import { shopFrom } from '$core/shop/written.ts';
	import { showLength, showNumber, showSize } from '$core/units/show.ts';
	import Drawing from '$lib/drawing/Drawing.svelte';
	import FrameRows from '$lib/papers/FrameRows.svelte';
	import HoldRows from '$lib/papers/HoldRows.svelte';
	import Paper from '$lib/papers/Paper.svelte';
	import PaperBar from '$lib/papers/PaperBar.svelte';

	const { data }: PageProps = $props();
	const shop = $derived(shopFrom(data.shop));
	const job = $derived(decide(readJob(data.job), shop));
	const plan = $derived(planDecided(data.job, job, shop));
	const unit = $derived(job.unit);
	const front = $derived(frontScene(plan, job));
	const section = $derived(sectionScene(plan, job, shop));
	const back = $derived(backScene(plan, job));
	const sights = $derived(sightsOf(job, plan));
	const steps = $derived(planSteps(job, plan, shop));
	const length = (mm: number, fine = false) => showLength(mm, unit, fine).text;
	const GRADES = { rare: 'Rare', keep: 'Keep', show: 'Show' };
	const stops = $derived(plan.findings.filter((finding) => finding.severity !== 'note'));

	let size = $state<'a4' | 'letter'>('a4');
	let printed = $state('');
	onMount(() => (printed = format(new Date(), 'd MMM yyyy, HH:mm')));
</script>

<svelte:head><title>Job sheet {data.number} · Rare Keep</title></svelte:head>
<PaperBar number={data.number} title={data.job.title ?? ''} {size} onsize={(next) => (size = next)} />
<main id="main" class="sheets">
	<Paper {size}>
		<header>
			<div>
				<h1>{data.job.title || 'New piece'}</h1>
				<p>
					{[data.job.piece?.maker, data.job.piece?.year, job.piece.media.map((medium) => medium.name).join(', ')]
						.filter(Boolean)
						.join(' · ')}
				</p>
			</div>
			<p class="number figures">
				<strong>{data.number}</strong> rev {data.rev}<br />aimed at {GRADES[plan.grade.aimed]}, reaches {plan.grade.reached
					? GRADES[plan.grade.reached]
					: 'none'}<br />{printed}
			</p>
		</header>
		{#each stops as finding, index (index)}
			<p class="finding">
				<strong>{finding.severity === 'stop' ? '■ Stop' : finding.accepted ? '✓ Accepted' : '◣ Caution'}</strong>
				{finding.says}
				{#if finding.accepted}By {finding.accepted.initials}: {finding.accepted.reason}{/if}
			</p>
		{/each}
		{#if !front || !section || !plan.window || !plan.measure || !plan.pack || !plan.hold}
			<p>The sheet is not measured yet: this paper comes with its readings.</p>
		{:else}
			<div class="two">
				<div>
					<Drawing scene={front} {unit} paperWidth={88} paperHeight={100} label={10} />
					<table>
						<caption>Cut list, {unit}</caption>
						<thead><tr><th scope="col">part</th><th scope="col">no.</th><th scope="col">size</th></tr></thead>
						<tbody>
							{#each plan.cut as cut, index (index)}
								<tr
									><th scope="row">{cut.role}<span class="of">{materialName(cut, shop)}</span></th><td>{cut.count}</td><td
										>{cut.height === 0 ? length(cut.width) : showSize(cut, unit)}</td
									></tr
								>
							{/each}
						</tbody>
					</table>
				</div>
				<div>
					<Drawing scene={section} {unit} paperWidth={94} paperHeight={52} label={9.5} callouts={false} />
					<table>
						<caption>Layers from the front, {unit}</caption>
						<tbody>
							{#each plan.pack.layers as layer, index (index)}<tr
									><th scope="row">{layerName(layer, job, shop)}</th><td>{length(layer.thickness, true)}</td></tr
								>{/each}
							<tr><th scope="row">the pack</th><td><strong>{length(plan.pack.thickness, true)}</strong></td></tr>
						</tbody>
					</table>
					{#each sights as sight (sight.index)}
						{@const { placement, free, overlap, support } = sight.opening}
						<table>
							<caption>{which(sight)}Where it lies on the {job.guard.underMat ? 'under-mat' : 'pack'}, {unit}</caption>
							<tbody>
								<tr><th scope="row">its corner from the left edge</th><td>{length(placement.left, true)}</td></tr>
								<tr><th scope="row">from the top edge</th><td>{length(placement.top, true)}</td></tr>
								{#if free}<tr
										><th scope="row">may be off, across and down</th><td
											>± {length(free.width, true)} and ± {length(free.height, true)}</td
										></tr
									>{/if}
								<tr><th scope="row">the piece, usable</th><td>{showSize(sight.measure.usable, unit, true)}</td></tr>
								{#if overlap}<tr
										><th scope="row">overlap left, top, right, bottom</th><td
											>{[overlap.left, overlap.top, overlap.right, overlap.bottom].map((one) => length(one, true)).join(', ')}</td
										></tr
									>{/if}
								{#if support}<tr><th scope="row">support, set back</th><td>{showSize(support, unit)}</td></tr>{/if}
							</tbody>
						</table>
					{/each}
					{#if plan.window.mats.length > 0}<table>
							<caption>Guide stops, from the back of each mat, {unit}</caption>
							<thead
								><tr
									><th scope="col">mat</th>{#each SIDES as side (side)}<th scope="col">{side}</th>{/each}<th scope="col"
										>window</th
									></tr
								></thead
							>
							<tbody>
								{#each plan.window.mats as mat, index (index)}
									{#each mat.holes ?? [mat] as hole, at (at)}
										<tr
											><th scope="row">{index + 1}{mat.holes ? `, window ${at + 1}` : ''}, {job.mats[index]!.bevel}</th
											>{#each SIDES as side (side)}<td>{length(hole.stop[side], true)}</td>{/each}<td
												>{showSize(hole.opening, unit)}</td
											></tr
										>
										{#if hole.curve}<tr
												><th scope="row">{job.windows[at]!.shape}, its centre</th><td colspan="5"
													>{length(hole.curve.centre.left, true)} from the left, {length(hole.curve.centre.top, true)} from the top;
													{hole.curve.radius === undefined
														? `diameters ${showSize(hole.curve.diameters!, unit)}`
														: `radius ${length(hole.curve.radius, true)}`}</td
												></tr
											>{/if}
									{/each}
									{#if mat.print}<tr
											><th scope="row">printed, blank to cut</th><td colspan="5"
												>{showSize(mat.print.board, unit)}; the print at least {showSize(mat.print.needs, unit)}; the clamp’s
												strip comes off last</td
											></tr
										>{/if}
								{/each}
							</tbody>
						</table>{/if}
					{#if plan.frame}<FrameRows {plan} {job} />{/if}
					{#each sights as sight (sight.index)}<HoldRows hold={sight.hold!} {job} which={which(sight)} />{/each}
				</div>
			</div>
		{/if}
	</Paper>
	{#if plan.frame && back && plan.hang && plan.back}
		<Paper {size}>
			<div class="two">
				<Drawing scene={back} {unit} paperWidth={88} paperHeight={74} label={9.5} />
				<div>
					<table>
						<caption>Back and hanging, {unit}</caption>
						<tbody>
							{#if plan.back.edgeSeal}<tr
									><th scope="row">edge seal, width, length</th><td
										>{length(plan.back.edgeSeal.stock)}, {length(plan.back.edgeSeal.length)}</td
									></tr
								>{/if}
							{#if plan.back.tape}
								<tr
									><th scope="row">back tape, {job.back.seal}</th><td
										>{length(plan.back.tape.stock)}{plan.back.tape.passes > 1 ? `, ${plan.back.tape.passes} passes` : ''}</td
									></tr
								>
								<tr
									><th scope="row">its strips</th><td
										>2 × {length(plan.back.tape.strips[0])}, 2 × {length(plan.back.tape.strips[1])}</td
									></tr
								>
							{/if}
							{#if plan.back.dustCover}<tr
									><th scope="row">dust cover, finished</th><td>{showSize(plan.back.dustCover, unit)}</td></tr
								>{/if}
							<tr
								><th scope="row">rings from the top, the sides</th><td
									>{length(plan.hang.drop, true)}, {length(plan.hang.inset, true)}</td
								></tr
							>
							{#if plan.hang.wire}
								<tr
									><th scope="row">wire breaking at, cut to</th><td
										>{showNumber(plan.hang.wire.breakingKg, 1)} kg, {length(plan.hang.wire.length)}</td
									></tr
								>
								<tr
									><th scope="row">rise, angle, pull</th><td
										>{length(plan.hang.rise, true)}, {showNumber(plan.hang.angle, 1)}°, {showNumber(plan.hang.pullN, 1)} N</td
									></tr
								>
							{/if}
							<tr><th scope="row">nails above the floor</th><td>{length(plan.hang.hooks[0]!.height, true)}</td></tr>
							<tr
								><th scope="row">nails from the centre line</th><td
									>{plan.hang.hooks.map((hook) => length(hook.x, true)).join(', ')}</td
								></tr
							>
							<tr><th scope="row">bumpers</th><td>{plan.back.bumpers}</td></tr>
						</tbody>
					</table>
				</div>
			</div>
			<ol class="steps">
				{#each steps as step, index (step.id)}
					<li>
						<h2><span class="tick" aria-hidden="true"></span>{index + 1} {step.title}</h2>
						<p>
							{step.does.join(' ')}{step.waitMinutes
								? ` Wait ${step.waitMinutes >= 60 ? `${showNumber(step.waitMinutes / 60, 1)} h` : `${step.waitMinutes} min`}.`
								: ''}
						</p>
						{#if step.caution}<p class="caution"><strong>Take care.</strong> {step.caution}</p>{/if}
					</li>
				{/each}
			</ol>
		</Paper>
	{/if}
</main>

<style>
	.sheets {
		padding: 8mm 0;
	}
	@media print {
		.sheets {
			padding: 0;
		}
	}
	header {
		display: flex;
		justify-content: space-between;
		border-bottom: 0.4mm solid var(--ink);
		padding-bottom: 2mm;
		margin-bottom: 3mm;
	}
	h1 {
		font-size: 17pt;
		line-height: 1.1;
	}
	.number {
		text-align: right;
	}
	.finding {
		margin-bottom: 1mm;
	}
	.two {
		display: grid;
		grid-template-columns: 88mm minmax(0, 1fr);
		align-items: start;
		gap: 6mm;
		margin-bottom: 3mm;
	}
	.sheets :global(table) {
		width: 100%;
		margin-top: 2mm;
		border-collapse: collapse;
		margin-bottom: 3mm;
		font-variant-numeric: tabular-nums;
	}
	.sheets :global(caption) {
		text-align: left;
		font-weight: 600;
		border-bottom: 0.3mm solid var(--ink);
	}
	.sheets :global(th) {
		font-weight: 400;
		text-align: left;
	}
	.sheets :global(thead th) {
		color: #474f53;
		font-size: 8pt;
	}
	.sheets :global(td),
	.sheets :global(thead th:not(:first-child)) {
		text-align: right;
	}
	.sheets :global(tr) {
		border-bottom: 0.15mm solid #bbb9b2;
	}
	.of {
		margin-left: 1.5mm;
		font-size: 7.5pt;
		color: #474f53;
	}
	.sheets :global(tbody th) {
		line-height: 1.15;
		padding: 0.35mm 0;
	}
	.steps {
		columns: 2;
		column-gap: 6mm;
		border-top: 0.4mm solid var(--ink);
		padding-top: 1.5mm;
	}
	.steps li {
		break-inside: avoid;
		margin-bottom: 0.9mm;
	}
	.steps h2 {
		font-size: 9pt;
		line-height: 1.2;
	}
	.steps p {
		font-size: 7.8pt;
		line-height: 1.18;
	}
	.tick {
		display: inline-block;
		width: 2.6mm;
		height: 2.6mm;
		border: 0.25mm solid var(--ink);
		margin-right: 1.5mm;
	}
	.caution {
		border-left: 0.6mm solid var(--caution);
		padding-left: 1.5mm;
	}
</style>
