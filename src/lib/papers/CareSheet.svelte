<script lang="ts">
	/** Handed over with the piece: how it hangs, where, how it is cleaned, carried and looked at again. */
	import type { PaperSize } from '$core/shop/about.ts';
	import { frontScene } from '$core/views/drawing/front.ts';
	import { asItHangs } from '$core/views/drawing/as-it-hangs.ts';
	import { quoteRows } from '$core/views/cost/quote-words.ts';
	import { careOf } from '$core/views/care/care.ts';
	import Shapes from '$lib/drawing/Shapes.svelte';
	import Paper from './Paper.svelte';
	import ShopHead from './ShopHead.svelte';
	import { plannedForPaper, type ForPaper } from './planned.ts';

	type Props = ForPaper & { number: string; paper: PaperSize };
	const { number, paper, ...data }: Props = $props();
	const id = $props.id();
	const { job, plan, shop } = $derived(plannedForPaper(data));
	const parts = $derived(careOf(job, plan, shop));
	/** Of what the customer was offered: what it is made of. */
	const MADE = new Set(['frame', 'glazing', 'window mat', 'held by', 'sealed']);
	const rows = $derived(quoteRows({ file: data.job, job, plan, shop }).filter(({ name }) => MADE.has(name)));
	const title = $derived((data.job.piece?.title ?? data.job.title) || 'New piece');
	const scene = $derived.by(() => {
		const front = frontScene(plan, job);
		return front && asItHangs(front);
	});
	/** Millimetres of paper that the drawing may take. */
	const ROOM = { width: 52, height: 60 };
	const scale = $derived(scene ? Math.min(ROOM.width / scene.box.width, ROOM.height / scene.box.height) : 0);
</script>

<Paper size={paper}>
	<div class="care">
		<ShopHead about={data.shop.about}>{number}</ShopHead>
		<div class="what">
			<div>
				<h1>{title}</h1>
				<p class="quiet">How to care for it</p>
				<dl>
					{#each rows as { name, says } (name)}<dt>{name}</dt>
						<dd>{says}</dd>{/each}
				</dl>
			</div>
			{#if scene}<svg
					class="by-day"
					viewBox="{scene.box.left} {scene.box.top} {scene.box.width} {scene.box.height}"
					style:width="{scene.box.width * scale}mm"
					style:height="{scene.box.height * scale}mm"
					role="img"
					aria-label="The piece as it hangs"><Shapes {scene} {id} /></svg
				>{/if}
		</div>
		{#each parts as part (part.title)}
			<section>
				<h2>{part.title}</h2>
				{#each part.says as line (line)}<p>{line}</p>{/each}
			</section>
		{/each}
	</div>
</Paper>

<style>
	.care {
		padding: 6mm 8mm;
		font-size: 11pt;
		line-height: 1.4;
	}
	.what {
		display: flex;
		justify-content: space-between;
		align-items: flex-start;
		gap: 8mm;
		margin-bottom: 4mm;
	}
	h1 {
		font-size: 20pt;
		line-height: 1.2;
	}
	dl {
		display: grid;
		grid-template-columns: max-content minmax(0, 1fr);
		gap: 0.6mm 4mm;
		margin-top: 4mm;
		font-size: 10pt;
	}
	dt {
		color: var(--quiet);
	}
	svg {
		flex: none;
	}
	section {
		display: grid;
		grid-template-columns: 38mm minmax(0, 1fr);
		column-gap: 4mm;
		padding: 2.5mm 0;
		border-top: 0.2mm solid #9aa1a5;
		break-inside: avoid;
	}
	h2 {
		grid-row: span 9;
		font-size: 12pt;
		font-family: var(--serif);
	}
	section p {
		margin: 0 0 1.5mm;
	}
</style>
