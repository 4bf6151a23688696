<script lang="ts">
	/** One chart: the question that it answers, the drawing, its table, and both as files. */
	import { onMount, type Snippet } from 'svelte';
	import { csvOf } from '$core/views/formats/csv.ts';
	import Fold from '$lib/ui/Fold.svelte';
	import { saveFile } from '$lib/files.ts';
	import type { EChartsType } from './echarts.ts';
	import type { Drawn } from './look.ts';

	type Props = {
		question: string;
		/** Name of its files. */
		name: string;
		drawn: Drawn;
		height: number;
		/** In a sentence, for who cannot see it. */
		says: string;
		/** Stands beside the question. */
		beside?: Snippet;
		/** In place of the plain table. */
		table?: Snippet;
	};
	const { question, name, drawn, height, says, beside, table }: Props = $props();
	let place = $state<HTMLElement>();
	let chart = $state.raw<EChartsType | null>(null);

	onMount(() => {
		let gone = false;
		let resized: ResizeObserver | undefined;
		// The library comes when a chart is looked at, not with the page.
		void import('./echarts.ts').then(({ init }) => {
			if (gone || !place) return;
			chart = init(place, null, { renderer: 'svg' });
			resized = new ResizeObserver(() => chart?.resize());
			resized.observe(place);
		});
		return () => {
			gone = true;
			resized?.disconnect();
			chart?.dispose();
		};
	});

	$effect(() => {
		chart?.setOption({ animation: false, ...drawn.option }, { notMerge: true });
	});

	function saveSvg() {
		const data = chart?.getDataURL({ type: 'svg' });
		if (data) saveFile(`${name}.svg`, 'image/svg+xml', decodeURIComponent(data.slice(data.indexOf(',') + 1)));
	}

	function saveCsv() {
		saveFile(`${name}.csv`, 'text/csv', csvOf({ fields: drawn.head, data: drawn.rows }));
	}
</script>

<section aria-label={question}>
	<header>
		<h2>{question}</h2>
		{#if beside}<div class="beside">{@render beside()}</div>{/if}
	</header>
	<div
		bind:this={place}
		class="chart"
		style:height="{height}px"
		role="img"
		aria-label={says || question}
		data-drawn={chart ? 'yes' : undefined}
	></div>
	<div class="presses">
		<Fold title="As a table">
			{#if table}{@render table()}{:else}
				<table class="table">
					<thead
						><tr
							>{#each drawn.head as head (head)}<th scope="col">{head}</th>{/each}</tr
						></thead
					>
					<tbody>
						{#each drawn.brief ?? drawn.rows as row, index (index)}<tr>
								{#each row as cell, at (at)}{#if at === 0}<th scope="row">{cell}</th>{:else}<td>{cell}</td>{/if}{/each}
							</tr>{/each}
					</tbody>
				</table>
			{/if}
		</Fold>
		<button type="button" class="btn btn-sm preset-quiet" disabled={!chart} aria-label="{question} As SVG" onclick={saveSvg}
			>SVG</button
		>
		<button type="button" class="btn btn-sm preset-quiet" aria-label="{question} As CSV" onclick={saveCsv}>CSV</button>
	</div>
</section>

<style>
	.chart {
		background: var(--ground);
	}
	section {
		padding: 16px 24px 10px;
		border-bottom: 1px solid var(--line);
	}
	header {
		display: flex;
		justify-content: space-between;
		align-items: baseline;
		gap: 16px;
	}
	h2 {
		font-family: inherit;
		font-size: 15px;
	}
	.presses {
		display: flex;
		gap: 16px;
		align-items: flex-start;
	}
	.presses > :global([data-part='root']) {
		flex: 1;
		min-width: 0;
	}
	section :global(table) {
		margin: 4px 0 10px;
	}
	section :global(th),
	section :global(td) {
		padding: 3px 14px 3px 0;
		text-align: right;
		font-size: var(--text-sm);
		white-space: nowrap;
		border-bottom: 1px solid var(--line);
	}
	section :global(th) {
		font-weight: 600;
		color: var(--quiet);
	}
	section :global(th[scope='row']),
	section :global(th:first-child) {
		text-align: left;
		font-weight: 400;
		color: var(--ink);
	}
</style>
