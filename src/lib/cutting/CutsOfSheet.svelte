<script lang="ts">
	/** The cuts of a sheet in their order, each with its fence and what it gives. */
	import type { Snippet } from 'svelte';
	import type { Scene } from '$core/figures/scene.ts';
	import type { Unit } from '$core/units/length.ts';
	import { showLength } from '$core/units/show.ts';
	import { saveCuts, saveDrawing } from './files.ts';
	import { cutRows, sheetName, type Alike } from './words.ts';

	type Props = {
		sheet: Alike;
		scene: Scene | undefined;
		isStick: boolean;
		place: string;
		kerf: number;
		/** Some sheet of the plan lies in the rack. */
		isInShop: boolean;
		unit: Unit;
		/** The cut that is pointed out. */
		cut: number | null;
		onpoint: (cut: number | null) => void;
		children: Snippet;
	};
	const { sheet, scene, isStick, place, kerf, isInShop, unit, cut, onpoint, children }: Props = $props();
	const rows = $derived(cutRows({ plan: sheet.plan, width: sheet.stock.width, height: sheet.stock.height, kerf }, unit));
</script>

<div class="head">
	<h2>
		Cuts{#if sheet.count > 1}, the same on {sheet.count} sheets{/if}
	</h2>
</div>
{#if rows.length === 0}<p>No cuts: used as it is.</p>{/if}
<ol>
	{#each rows as { cut: row, runs, gives } (row.order)}
		<li class:here={cut === row.order}>
			<button type="button" aria-pressed={cut === row.order} onclick={() => onpoint(cut === row.order ? null : row.order)}>
				<span class="number figures">{row.order}</span>
				<span class="fence figures">{showLength(row.fence, unit).text}</span>
				<span class="runs">{isStick ? 'mitre' : runs}</span>
				<span class="gives">{gives[0]}<span class="quiet">{` · ${gives[1]}`}</span></span>
			</button>
		</li>
	{/each}
</ol>
<div class="keep">
	{@render children()}
	<p class="quiet">
		{isInShop ? 'Its sheets are reserved for this plan.' : 'Not in the shop yet; this plan’s parts are assigned.'}
	</p>
</div>
<p class="quiet">
	{isStick
		? 'Set the stop to the long points, from the last cut end.'
		: 'Set the fence to the part left of the blade, or above it. Every cut goes right through its part.'}
</p>
<div class="files">
	{#if scene}
		<button type="button" class="btn preset-quiet" onclick={() => saveDrawing(scene, 'svg', unit)}>SVG</button>
		<button type="button" class="btn preset-quiet" onclick={() => saveDrawing(scene, 'dxf', unit)}>DXF</button>
		<button type="button" class="btn preset-quiet" onclick={() => saveCuts(rows, sheetName(sheet.stock, place, unit))}>CSV</button
		>
	{/if}
</div>

<style>
	h2 {
		font-size: 17px;
	}
	.keep {
		margin-top: 14px;
	}
	li button {
		display: grid;
		grid-template-columns: 30px auto 1fr;
		gap: 0 10px;
		width: calc(100% + 16px);
		margin-inline: -8px;
		padding: 6px 8px;
		text-align: left;
		border-bottom: 1px solid var(--line);
	}
	li.here button {
		background: var(--accent-soft);
	}
	.number {
		grid-row: span 2;
		font-weight: 600;
		color: var(--accent);
	}
	.fence {
		font-size: 20px;
		font-weight: 600;
		line-height: 1.2;
	}
	.runs {
		color: var(--soft);
		align-self: center;
	}
	.gives {
		grid-column: 2 / -1;
		font-size: var(--text-sm);
	}
	.keep + .quiet {
		margin-top: 10px;
	}
	.files {
		display: flex;
		gap: 14px;
		margin-top: 8px;
	}
</style>
