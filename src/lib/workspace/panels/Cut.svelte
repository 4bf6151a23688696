<script lang="ts">
	import { materialName } from '$core/cutting/material-name.ts';
	import { currentShop } from '../editor.svelte.ts';
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
							><th scope="row">{cut.role}<span class="of">{materialName(cut, currentShop())}</span></th><td class="figures"
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
			{#each mat.holes ?? [mat] as hole, at (at)}
				{@const path = `window.mats[${index}]${mat.holes ? `.holes[${at}]` : ''}`}
				{@const name = `mat ${index + 1}${mat.holes ? `, window ${at + 1}` : ''}`}
				<div class="group">
					<h2>{name.replace('m', 'M')}, stops from the back</h2>
					<dl class="rows">
						{#each SIDES as side (side)}
							<dt>{side}</dt>
							<dd><Figure path="{path}.stop.{side}" name="Stop of {name} {side}" value={hole.stop[side]} fine /></dd>
						{/each}
						<dt>The window then measures</dt>
						<dd>
							<Figure path="{path}.opening.width" name="Opening width" value={hole.opening.width} /> × <Figure
								path="{path}.opening.height"
								name="Opening height"
								value={hole.opening.height}
							/>
						</dd>
						{#if hole.curve}
							<dt>Centre from the left, from the top</dt>
							<dd>
								<Figure
									path="{path}.curve.centre.left"
									name="Centre of {name} from the left"
									value={hole.curve.centre.left}
									fine
								/>,
								<Figure path="{path}.curve.centre.top" name="Centre of {name} from the top" value={hole.curve.centre.top} fine />
							</dd>
							{#if hole.curve.radius !== undefined}
								<dt>Radius of the arch</dt>
								<dd><Figure path="{path}.curve.radius" name="Radius of {name}" value={hole.curve.radius} fine /></dd>
							{/if}
						{/if}
					</dl>
				</div>
			{/each}
			{#if mat.print}
				<div class="group">
					<h2>Mat {index + 1} is printed</h2>
					<dl class="rows">
						<dt>Blank, with the clamp’s strip that comes off last</dt>
						<dd>
							<Figure path="window.mats[{index}].print.board.width" name="Blank width" value={mat.print.board.width} /> × <Figure
								path="window.mats[{index}].print.board.height"
								name="Blank height"
								value={mat.print.board.height}
							/>
						</dd>
						<dt>The print measures at least</dt>
						<dd>
							<Figure path="window.mats[{index}].print.needs.width" name="Print width" value={mat.print.needs.width} /> × <Figure
								path="window.mats[{index}].print.needs.height"
								name="Print height"
								value={mat.print.needs.height}
							/>
						</dd>
					</dl>
				</div>
			{/if}
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
