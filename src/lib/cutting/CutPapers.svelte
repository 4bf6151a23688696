<script lang="ts">
	/** The cut lists on paper: a page a sheet, drawn to scale, its cuts beside it. Seen in print alone. */
	import { cutSheetScene, timesOf } from '$core/views/drawing/cut-sheet.ts';
	import type { PartGroup } from '$core/nesting/parts.ts';
	import type { PaperSize } from '$core/shop/about.ts';
	import type { Unit } from '$core/units/length.ts';
	import { showLength } from '$core/units/show.ts';
	import Paper from '$lib/papers/Paper.svelte';
	import CutSheet from './CutSheet.svelte';
	import type { CuttingRun } from './run.svelte.ts';
	import { alikeSheets, blankWords, cutRows, offcutWords, sheetName } from './words.ts';

	type Props = {
		groups: PartGroup[];
		run: CuttingRun;
		unit: Unit;
		groupName: (group: PartGroup) => string;
		placeOf: (id: string) => string;
		paper: PaperSize;
	};
	const { groups, run, unit, groupName, placeOf, paper }: Props = $props();
	/** Px that the drawing may take of the page. */
	const WIDE = 640;
	const HIGH = 440;
	/** Rows of cuts that one column holds beside the other. */
	const COLUMN = 18;
</script>

<div class="papers">
	{#each groups as group (group.key)}
		{@const found = run.found.get(group.key)}
		{#each found ? alikeSheets(found.plan, found.job) : [] as one (one.at[0])}
			{@const { width, height } = one.stock}
			{@const rows = cutRows({ plan: one.plan, width, height, kerf: found?.job.kerf ?? 0 }, unit)}
			{@const scene = cutSheetScene(
				{
					plan: one.plan,
					width,
					height,
					kerf: found?.job.kerf ?? 0,
					title: groupName(group),
					times: group.from === 'stick' ? timesOf(height) : 1
				},
				blankWords(group.parts, unit),
				offcutWords(unit)
			)}
			<Paper size={paper}>
				<h1>{groupName(group)}</h1>
				<p class="sheet">
					{sheetName(one.stock, placeOf(one.stock.id), unit)}{one.count > 1 ? `: ${one.count} sheets, cut alike` : ''}
				</p>
				<CutSheet {scene} scale={Math.min(WIDE / width, HIGH / height)} />
				<table class:two={rows.length > COLUMN}>
					<thead><tr><th>Cut</th><th>Fence, {unit}</th><th>Runs</th><th>Gives</th></tr></thead>
					<tbody>
						{#each rows as { cut, runs, gives } (cut.order)}
							<tr
								><td>{cut.order}</td><td class="figures"><strong>{showLength(cut.fence, unit).text}</strong></td><td>{runs}</td
								><td>{gives[0]} · {gives[1]}</td></tr
							>
						{/each}
					</tbody>
				</table>
			</Paper>
		{/each}
	{/each}
</div>

<style>
	.papers {
		display: none;
	}
	h1 {
		font-size: 15pt;
	}
	.sheet {
		margin-bottom: 3mm;
	}
	table {
		width: 100%;
		margin-top: 4mm;
		border-collapse: collapse;
	}
	th {
		text-align: left;
		font-weight: 400;
		color: #50585c;
	}
	td {
		border-top: 0.2mm solid #aeada8;
		padding: 0.9mm 2mm 0.9mm 0;
		vertical-align: top;
	}
	.two td {
		padding-block: 0.3mm;
	}
	@media print {
		.papers {
			display: block;
		}
	}
</style>
