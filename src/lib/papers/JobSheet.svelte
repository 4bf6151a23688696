<script lang="ts">
	/** The job sheet for the bench: print pages in mm, A4 or Letter, everything that is cut, placed and driven, as the hand meets it. */
	import { partName } from '$core/stations/cut/part-name.ts';
	import { onMount } from 'svelte';
	import { centreFromBack, fromBack, laidOn } from '$core/stations/hold/as-laid.ts';
	import { madeOf } from '$core/views/bench/label-words.ts';
	import { planSteps } from '$core/views/bench/steps.ts';
	import { lineDetail, lineName, lineSize, materialName } from '$core/stations/cut/material-name.ts';
	import { backScene } from '$core/views/drawing/back.ts';
	import { hingingScene, matBackScene, placingScene } from '$core/views/drawing/board.ts';
	import { frontScene } from '$core/views/drawing/front.ts';
	import { sectionScene } from '$core/views/drawing/section.ts';
	import { draftBecause } from '$core/judge/draft.ts';
	import type { Scene } from '$core/figures/scene.ts';
	import type { Size } from '$core/geometry/shapes.ts';
	import { sightsOf, which, type Sight } from '$core/rule/sights.ts';
	import { covers, SCOPE_OF } from '$core/job/scopes.ts';
	import { GRADE_NAMES, gradeSaid } from '$core/shop/grades.ts';
	import { ROUNDED, showMinutes } from '$core/units/show.ts';
	import type { JobFile } from '$core/job/definition.ts';
	import type { WrittenShop } from '$core/shop/written.ts';
	import type { Unit } from '$core/units/length.ts';
	import Drawing from '$lib/drawing/Drawing.svelte';
	import BackRows from '$lib/papers/BackRows.svelte';
	import FrameRows from '$lib/papers/FrameRows.svelte';
	import HoldRows from '$lib/papers/HoldRows.svelte';
	import { pagesOf } from '$lib/papers/pages.ts';
	import Paper from '$lib/papers/Paper.svelte';
	import type { PaperSize } from '$core/shop/about.ts';
	import { plannedForPaper } from '$lib/papers/planned.ts';
	import { showDate } from '$lib/ui/days.ts';
	import { unbroken } from '$lib/ui/words.ts';
	import { layerName } from '$core/stations/guard/layers/all.ts';
	import { nth, there } from '$core/units/there.ts';

	type Props = {
		number: string;
		rev: number;
		job: JobFile;
		shop: WrittenShop;
		/** The unit that is read; null: as the job is cut. */ reads: Unit | null;
		paper: PaperSize;
	};
	const { number, rev, job: file, shop: written, reads, paper }: Props = $props();
	const printed = $derived(plannedForPaper({ job: file, shop: written, reads }));
	const { job, plan, shop, text } = $derived(printed);
	const unit = $derived(job.reader.unit);
	const shared = $derived({ reader: job.reader });
	const front = $derived(frontScene(plan, job));
	const section = $derived(sectionScene(plan, job, shop));
	const back = $derived(backScene(plan, job, shop));
	const sights = $derived(sightsOf(job, plan));
	const steps = $derived(planSteps(job, plan, shop));
	const shopLine = $derived([written.about.name, written.about.address?.replaceAll('\n', ', ')].filter(Boolean).join(', '));
	const draft = $derived(draftBecause(plan, job.scope));
	const scope = $derived(SCOPE_OF[job.scope]);
	/** The window's drawings are there, or the job has none. */
	const isDrawn = $derived(
		!scope.window || Boolean(front && section && plan.measure && plan.pack && (plan.hold || !covers(job.scope, 'hold')))
	);
	/** What its place asks is the customer’s: it stands on label and care sheet. */
	const concerns = $derived(plan.findings.filter(({ severity, of }) => severity !== 'note' && of !== 'place'));
	/** Boards as they lie: the window mats back up, the piece where it is laid, its tabs. */
	const boards = $derived([
		...(plan.window?.mats ?? []).flatMap((_, index) => matBackScene(plan, job, index) ?? []),
		...sights.flatMap(({ index }) => [placingScene(plan, job, index) ?? [], hingingScene(plan, job, index) ?? []].flat())
	]);
	const size = ({ width, height }: Size, path: string) => `${text(width, `${path}.width`)} × ${text(height, `${path}.height`)}`;
	const mark = (mm: number) => text(mm, 'window.placement');
	/** Nobody lays a sheet nearer than this by eye. */
	const EXACTLY = 1;
	const within = ({ width, height }: Size) =>
		Math.min(width, height) < EXACTLY
			? 'place exactly'
			: `± ${text(width, 'window.tolerance')} and ± ${text(height, 'window.tolerance')}`;

	let now = $state('');
	onMount(() => (now = showDate(new Date(), 'moment', written.about.dates ?? 'en-GB')));

	/** What is not split: a part of the sheet by what it is of. */
	type Block =
		| { of: 'front' | 'stops' | 'frame' | 'back' | 'steps' }
		| { of: 'boards'; scenes: Scene[] }
		| { of: 'lies'; sight: Sight };
	const ROW = 4;
	const blocks = $derived.by((): Block[] => {
		const measured = plan.window && plan.measure && isDrawn;
		const isCut = job.mats.some(({ have }) => !have);
		const backed = back && (plan.hang || plan.back) ? [{ of: 'back' } as const] : [];
		const rows = Array.from({ length: Math.ceil(boards.length / ROW) }, (_, row) => boards.slice(row * ROW, (row + 1) * ROW));
		return [
			{ of: 'front' },
			...(measured
				? [
						...rows.map((scenes): Block => ({ of: 'boards', scenes })),
						...(isCut ? [{ of: 'stops' } as const] : []),
						...(plan.frame ? [{ of: 'frame' } as const] : []),
						...sights.map((sight): Block => ({ of: 'lies', sight })),
						...backed
					]
				: scope.window
					? []
					: backed),
			...(steps.length > 0 ? [{ of: 'steps' } as const] : [])
		];
	});
	/** Until they are measured: the front, the bench's figures, the steps, each on pages of its own. */
	const unmeasured = $derived.by(() => {
		const places = blocks.map((_, index) => index);
		const middle = places.filter((index) => !['front', 'steps'].includes(nth(blocks, index).of));
		const last = places.filter((index) => nth(blocks, index).of === 'steps');
		return [[0], middle, last].filter((page) => page.length > 0);
	});
	let sheets = $state<HTMLElement>();
	let heights = $state<number[]>([]);
	const MM_PER_PIXEL = 25.4 / 96;
	/** What a page takes beside its edges and the line that runs along its top, mm. */
	const ROOM = { a4: 297 - 28, letter: 279.4 - 28 };
	const pages = $derived(heights.length === blocks.length ? pagesOf(heights, ROOM[paper]) : unmeasured);
	$effect(() => {
		// Measured anew with what stands in them, and once the paper is wider or narrower.
		void [blocks, paper];
		const found = [...(sheets?.querySelectorAll<HTMLElement>('[data-block]') ?? [])]
			.sort((one, other) => Number(one.dataset.block) - Number(other.dataset.block))
			.map((block) => block.offsetHeight * MM_PER_PIXEL);
		if (found.length === blocks.length && found.every((height) => height > 0)) heights = found;
	});
</script>

{#snippet cutList()}
	<table class="cut">
		<caption>Cut list, {unit}</caption>
		<thead><tr><th scope="col">part</th><th scope="col">no.</th><th scope="col">size</th></tr></thead>
		<tbody>
			{#each plan.cut as cut, index (index)}
				{@const detail = lineDetail(cut, job.reader)}
				<tr
					><th scope="row"
						>{partName(lineName(cut))}{detail ? `, ${unbroken(detail)}` : ''}<span class="of">{materialName(cut, shop)}</span></th
					><td>{cut.count}</td><td class="size">{lineSize(cut, job.reader)}</td></tr
				>
			{/each}
		</tbody>
	</table>
{/snippet}

<!-- Each block of the sheet is one that is not split. -->
{#snippet content(block: Block)}
	{#if block.of === 'front'}
		<header>
			<div>
				<h1>{file.title || 'New piece'}</h1>
				<p>{[file.piece?.maker, file.piece?.year, scope.window ? madeOf(job) : ''].filter(Boolean).join(' · ')}</p>
				{#if shopLine}<p>{shopLine}</p>{/if}
			</div>
			<p class="number figures">
				<strong>{number}</strong> rev {rev}<br />{#if scope.window}target {GRADE_NAMES[plan.grade.aimed]}, reached: {gradeSaid(
						plan.grade
					)}{job.scope === 'whole' ? '' : ', of what is done here'}<br />{/if}{#if job.scope !== 'whole'}{scope.name}<br
					/>{/if}{#if job.copies > 1}{job.copies} the same: cut list covers all<br />{/if}cut in {job.cutIn === 'mm'
					? 'mm'
					: 'inches'}{job.cutIn === unit
					? ''
					: `, shown in ${unit === 'mm' ? 'mm' : `inches (${ROUNDED} rounded to the tape)`}`}<br />{now}
			</p>
		</header>
		{#if draft}<p class="draft"><strong>DRAFT</strong> {draft}</p>{/if}
		{#each concerns as finding, index (index)}
			<p class="finding">
				<strong>{finding.severity === 'stop' ? '■ Stop' : finding.accepted ? '✓ Accepted' : '◣ Caution'}</strong>
				{finding.says}
				{#if finding.accepted}By {finding.accepted.initials}: {finding.accepted.reason}{/if}
			</p>
		{/each}
		{#if !isDrawn}
			<p>The sheet is not measured yet.</p>
		{:else if !scope.window}
			{#if plan.cut.length > 0}{@render cutList()}{/if}
		{:else if front && section && plan.pack}
			<div class="two">
				<div>
					<Drawing scene={front} {...shared} paperWidth={88} paperHeight={100} label={10} />
					<table>
						<caption>Layers from the front, {unit}</caption>
						<tbody>
							{#each plan.pack.layers as layer, index (index)}<tr
									><th scope="row">{layerName(layer, job, shop)}</th><td
										>{text(layer.thickness, `pack.layers[${index}].thickness`)}</td
									></tr
								>{/each}
							<tr><th scope="row">the pack</th><td><strong>{text(plan.pack.thickness, 'pack.thickness')}</strong></td></tr>
						</tbody>
					</table>
				</div>
				<div>
					<Drawing scene={section} {...shared} paperWidth={94} paperHeight={52} label={9.5} callouts={false} />
					{@render cutList()}
				</div>
			</div>
		{/if}
	{:else if block.of === 'boards'}
		<div class="boards">
			{#each block.scenes as scene, index (index)}<Drawing
					{scene}
					{...shared}
					paperWidth={44}
					paperHeight={52}
					label={8.5}
				/>{/each}
		</div>
	{:else if block.of === 'stops'}
		<table>
			<caption>Guide stops, each mat face down, {unit}</caption>
			<thead
				><tr
					><th scope="col">mat</th>{#each ['left', 'right', 'top', 'bottom'] as side (side)}<th scope="col">{side}</th>{/each}<th
						scope="col">window</th
					></tr
				></thead
			>
			<tbody>
				{#each plan.window?.mats ?? [] as mat, index (index)}
					{@const holes = nth(job.mats, index).have ? [] : (mat.holes ?? [mat])}
					{#each holes as hole, at (at)}
						{@const stop = fromBack(hole.stop)}
						<tr
							><th scope="row"
								>{index + 1}{mat.holes ? `, window ${at + 1}` : ''}, {nth(job.mats, index).colour.said}, {nth(job.mats, index)
									.bevel} bevel</th
							>{#if hole.curve}{@const centre = centreFromBack(hole.curve, mat.blank.width)}<td colspan="4"
									>{nth(job.windows, at).shape}, its centre {mark(centre.left)} from the left, {mark(centre.top)} from the top;
									{hole.curve.radius === undefined
										? `diameters ${size(there(hole.curve.diameters, 'diameters'), 'window.opening')}`
										: `radius ${mark(hole.curve.radius)}`}</td
								>{:else}{#each [stop.left, stop.right, stop.top, stop.bottom] as value, place (place)}<td>{mark(value)}</td
									>{/each}{/if}<td>{size(hole.opening, 'window.opening')}</td></tr
						>
					{/each}
					{#if mat.print}<tr
							><th scope="row">{index + 1}, printed: blank to cut</th><td colspan="5"
								>{size(mat.print.board, 'window.mats.print.board')}; the print at least {size(
									mat.print.needs,
									'window.mats.print.needs'
								)}; trim the clamp strip last</td
							></tr
						>{/if}
				{/each}
			</tbody>
		</table>
	{:else if block.of === 'frame'}
		<FrameRows {...printed} />
	{:else if block.of === 'lies'}
		{@const { sight } = block}
		{@const laid = laidOn(plan, job, sight)}
		{@const { tolerance, overlap, support } = sight.opening}
		<div class="halves">
			<table>
				<caption>{which(sight)}Position: {laid.board}, {laid.backUp ? 'both face down' : 'face up'}, {unit}</caption>
				<tbody>
					<tr><th scope="row">its corner from the left edge</th><td>{mark(laid.left)}</td></tr>
					<tr><th scope="row">from the top edge</th><td>{mark(laid.top)}</td></tr>
					{#if tolerance}<tr><th scope="row">tolerance, across and down</th><td>{within(tolerance)}</td></tr>{/if}
					<tr><th scope="row">the piece, usable</th><td>{size(sight.measure.usable, 'measure.usable')}</td></tr>
					{#if overlap}<tr
							><th scope="row">covered, from the front: left, top, right, bottom</th><td
								>{[overlap.left, overlap.top, overlap.right, overlap.bottom].map(mark).join(', ')}</td
							></tr
						>{/if}
					{#if support}<tr><th scope="row">support, set back</th><td>{size(support, 'window.support')}</td></tr>{/if}
				</tbody>
			</table>
			{#if sight.hold}<HoldRows {...printed} {sight} />{/if}
		</div>
	{:else if block.of === 'back'}
		{#if back}
			<div class="two">
				<Drawing scene={back} {...shared} paperWidth={88} paperHeight={62} label={9.5} />
				<BackRows {...printed} />
			</div>
		{/if}
	{:else}
		<ol class="steps">
			{#each steps as step, index (step.id)}
				<li>
					<h2><span class="tick" aria-hidden="true"></span>{index + 1} {step.title}</h2>
					<p>{unbroken(step.does.join(' '))}{step.waitMinutes ? ` Wait ${showMinutes(step.waitMinutes)}.` : ''}</p>
					{#if step.caution}<p class="caution"><strong>Take care.</strong> {step.caution}</p>{/if}
				</li>
			{/each}
		</ol>
	{/if}
{/snippet}

<div class="sheets paper-room" bind:this={sheets}>
	{#each pages as page, at (at)}
		<Paper size={paper}>
			{#if at > 0}<p class="running figures">{number} · {file.title ?? ''}{draft ? ' · DRAFT' : ''}</p>{/if}
			{#each page as index (index)}<div class="block" data-block={index}>{@render content(nth(blocks, index))}</div>{/each}
		</Paper>
	{/each}
</div>

<style>
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
	.draft {
		border: 0.5mm solid var(--ink);
		padding: 1mm 2mm;
		margin-bottom: 2mm;
	}
	.draft strong {
		font-size: 12pt;
		letter-spacing: 0.15em;
		margin-right: 3mm;
	}
	.running {
		border-bottom: 0.2mm solid var(--ink);
		margin-bottom: 3mm;
	}
	.block {
		/* Its own margins count to its height. */
		display: flow-root;
	}
	.boards {
		display: grid;
		grid-template-columns: repeat(4, 44mm);
		gap: 3mm 5mm;
		margin-bottom: 3mm;
	}
	.halves {
		display: grid;
		grid-template-columns: 1fr 1fr;
		align-items: start;
		column-gap: 6mm;
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
	.size {
		white-space: nowrap;
		padding-left: 2.5mm;
	}
	.of {
		display: inline-block;
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
