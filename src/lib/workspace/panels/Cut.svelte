<script lang="ts">
	import { partName } from '$core/stations/cut/part-name.ts';
	import { centreFromBack } from '$core/stations/hold/as-laid.ts';
	import { lineDetail, lineName, lineSize, materialName } from '$core/stations/cut/material-name.ts';
	import { sizesThatChange } from '$core/stations/cut/recut.ts';
	import { matBackScene } from '$core/views/drawing/board.ts';
	import { UNIT_WORDS } from '$core/units/length.ts';
	import { ROUNDED, showLength } from '$core/units/show.ts';
	import Drawing from '$lib/drawing/Drawing.svelte';
	import Figure from '$lib/ui/Figure.svelte';
	import { unbroken } from '$lib/ui/words.ts';
	import { useWorkspace } from '../context.ts';
	import Panel from './Panel.svelte';
	import { SCOPE_OF } from '$core/job/scopes.ts';

	const { editor } = useWorkspace();
	const plan = $derived(editor.settled.plan);
	const job = $derived(editor.settled.job);
	const shop = $derived(editor.shopIn(job.cutIn));
	/** One that was bought, or is cut already, has no stops to set. */
	const cutHere = $derived((plan.window?.mats ?? []).flatMap((mat, index) => (job.mats[index]?.have ? [] : [{ mat, index }])));
	const hasWindow = $derived(SCOPE_OF[job.scope].window);
	/** Stops are set with the mat's back up: the back's left is the front's right. */
	const STOPS = [
		['left', 'right'],
		['right', 'left'],
		['top', 'top'],
		['bottom', 'bottom']
	] as const;
	const other = $derived(job.cutIn === 'mm' ? 'in' : 'mm');
	const changes = $derived.by(() => {
		const next = editor.ifCutIn(other);
		return next ? sizesThatChange(plan.cut, next.cut) : null;
	});
	const step = $derived(showLength(job.step, { ...editor.reader, unit: job.cutIn }).text);
</script>

<Panel name="Cut" about="Every part to cut, and the guide stop settings.">
	{#if plan.cut.length === 0}
		<p>
			{hasWindow
				? 'Measure the sheet to see the cut list.'
				: plan.frame
					? 'Nothing is cut for this job.'
					: 'Measure the frame to see the cut list.'}
		</p>
	{:else}
		<div class="group">
			<h2>Cut list, {editor.unit}</h2>
			<table class="table">
				<tbody>
					{#each plan.cut as cut, index (index)}
						{@const detail = lineDetail(cut, editor.reader)}
						<tr
							><th scope="row"
								><span class="role">{partName(lineName(cut))}</span>{#if detail}<span class="of">{unbroken(detail)}</span
									>{/if}<span class="of">{materialName(cut, shop)}</span></th
							><td class="figures">{cut.count} ×</td><td class="figures size" class:long={cut.role === 'spacer'}
								>{lineSize(cut, editor.reader)}</td
							></tr
						>
					{/each}
				</tbody>
			</table>
			<p class="ways">
				<a class="anchor" href="/api/jobs/{editor.number}/cut.csv" download>Cut list as a file</a>
				<a class="anchor" href="/stock/orders?of={editor.number}">Not in stock</a>
				<a class="anchor" href="/jobs/{editor.number}/cost">Cost</a>
			</p>
		</div>
	{/if}
	<div class="group">
		<h2>Cut in {UNIT_WORDS[job.cutIn]}</h2>
		<p class="quiet">
			To {step}
			{job.cutIn}, with the shop figures for {UNIT_WORDS[job.cutIn]}. Showing the other unit changes no size; cutting in it does.{job.cutIn ===
				'mm' && editor.unit === 'in'
				? ` ${ROUNDED} marks sizes rounded to the tape; sums are exact in millimetres.`
				: ''}
		</p>
		{#if changes !== null}<div>
				<button type="button" class="btn preset-outlined-brand" onclick={() => editor.recutIn(other)}
					>Recut in {UNIT_WORDS[other]}: {changes === 0
						? 'no size changes'
						: changes === 1
							? 'one size changes'
							: `${changes} sizes change`}</button
				>
			</div>{/if}
	</div>
	{#each cutHere as { mat, index } (index)}
		{@const board = matBackScene(plan, job, index)}
		<div class="group">
			<h2>Mat {index + 1}, face down</h2>
			{#if board}<div class="board"><Drawing scene={board} reader={editor.reader} /></div>{/if}
			{#each mat.holes ?? [mat] as hole, at (at)}
				{@const path = `window.mats[${index}]${mat.holes ? `.holes[${at}]` : ''}`}
				{@const name = `mat ${index + 1}${mat.holes ? `, window ${at + 1}` : ''}`}
				<dl class="rows">
					{#if mat.holes}<dt class="window"><strong>Window {at + 1}</strong></dt>
						<dd></dd>{/if}
					{#if hole.curve}
						{@const centre = centreFromBack(hole.curve, mat.blank.width)}
						<dt>Centre from the left, from the top</dt>
						<dd>
							{showLength(centre.left, editor.reader, 'mark').text},
							<Figure path="{path}.curve.centre.top" name="Centre of {name} from the top" value={hole.curve.centre.top} />
						</dd>
						{#if hole.curve.radius !== undefined}
							<dt>Radius of the arch</dt>
							<dd><Figure path="{path}.curve.radius" name="Radius of {name}" value={hole.curve.radius} /></dd>
						{/if}
					{:else}
						{#each STOPS as [side, front] (side)}
							<dt>Stop {side}</dt>
							<dd><Figure path="{path}.stop.{front}" name="Stop of {name}, {side}, face down" value={hole.stop[front]} /></dd>
						{/each}
					{/if}
					<dt>Window should measure</dt>
					<dd>
						<Figure path="{path}.opening.width" name="Opening width" value={hole.opening.width} /> × <Figure
							path="{path}.opening.height"
							name="Opening height"
							value={hole.opening.height}
						/>
					</dd>
				</dl>
			{/each}
		</div>
		{#if mat.print}
			<div class="group">
				<h2>Mat {index + 1} is printed</h2>
				<dl class="rows">
					<dt>Blank, with clamp strip (trim last)</dt>
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
</Panel>

<style>
	.ways {
		display: flex;
		flex-wrap: wrap;
		gap: 4px 18px;
	}
	.ways a {
		display: inline-flex;
		align-items: center;
		min-height: var(--word);
	}
	th {
		font-weight: 400;
		text-align: left;
		padding: 3px 0;
	}
	.role::first-letter {
		text-transform: uppercase;
	}
	.role {
		display: inline-block;
	}
	.of {
		display: block;
		font-size: var(--text-xs);
		color: var(--quiet);
	}
	.size {
		white-space: nowrap;
	}
	.size.long {
		white-space: normal;
		max-width: 110px;
	}
	td {
		vertical-align: top;
		padding-top: 3px;
		text-align: right;
		padding-left: 8px;
	}
	td:nth-child(2) {
		white-space: nowrap;
	}
	tr {
		border-bottom: 1px solid var(--line);
	}
	.board {
		height: 190px;
	}
</style>
