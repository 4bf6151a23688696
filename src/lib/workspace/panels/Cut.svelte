<script lang="ts">
	import { materialName } from '$core/cutting/material-name.ts';
	import { builtInShop } from '$core/shop/shop.ts';
	import { showLength, showSize } from '$core/units/show.ts';
	import { SIDES } from '$core/geometry/shapes.ts';
	import Figure from '$lib/ui/Figure.svelte';
	import { useWorkspace } from '../context.ts';
	import Panel from './Panel.svelte';

	const { editor } = useWorkspace();
	const plan = $derived(editor.settled.plan);
</script>

<Panel name="Cut" about="Everything that is cut for it, and the settings of the guide stops.">
	{#if plan.cut.length === 0}
		<p>The cut list comes with the sheet’s readings.</p>
	{:else}
		<div class="group">
			<h2>Cut list, {editor.unit}</h2>
			<table>
				<tbody>
					{#each plan.cut as cut, index (index)}
						<tr
							><th scope="row">{cut.role}<span class="of">{materialName(cut, builtInShop)}</span></th><td class="figures"
								>{cut.count} ×</td
							><td class="figures">{cut.height === 0 ? showLength(cut.width, editor.unit).text : showSize(cut, editor.unit)}</td
							></tr
						>
					{/each}
				</tbody>
			</table>
			<a class="plain-link" href="/api/jobs/{editor.number}/cut.csv" download>Cut list as a file</a>
		</div>
		{#each plan.window!.mats as mat, index (index)}
			<div class="group">
				<h2>Mat {index + 1}, stops from the back</h2>
				<dl class="rows">
					{#each SIDES as side (side)}
						<dt>{side}</dt>
						<dd>
							<Figure path="window.mats[{index}].stop.{side}" name="Stop of mat {index + 1} {side}" value={mat.stop[side]} fine />
						</dd>
					{/each}
					<dt>The window then measures</dt>
					<dd>
						<Figure path="window.mats[{index}].opening.width" name="Opening width" value={mat.opening.width} /> × <Figure
							path="window.mats[{index}].opening.height"
							name="Opening height"
							value={mat.opening.height}
						/>
					</dd>
				</dl>
			</div>
		{/each}
	{/if}
</Panel>

<style>
	table {
		width: 100%;
		border-collapse: collapse;
	}
	th {
		font-weight: 400;
		text-align: left;
		padding: 3px 0;
	}
	.of {
		display: block;
		font-size: 12.5px;
		color: var(--quiet);
	}
	td {
		vertical-align: top;
		padding-top: 3px;
		text-align: right;
		white-space: nowrap;
		padding-left: 8px;
	}
	tr {
		border-bottom: 1px solid var(--line);
	}
</style>
