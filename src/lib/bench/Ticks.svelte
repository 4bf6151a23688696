<script lang="ts">
	/** What is laid ready, each ticked as it comes onto the bench. */
	import type { Step } from '$core/stations/step.ts';
	import { countedIn, itemName } from '$lib/orders/words.ts';
	import type { BenchDesk } from './bench-desk.svelte.ts';

	type Props = { desk: BenchDesk; step: Step };
	const { desk, step }: Props = $props();
	const ticks = $derived(step.ticks ?? []);
	const { shop, job } = $derived(desk.planned);
	const left = $derived(ticks.filter((what) => !desk.run.ticked.has(what)).length);
</script>

{#if desk.short.length > 0}<div class="short">
		<p>
			Not enough in stock: <a class="anchor" href="/stock/orders?of={desk.number}">order it</a>
		</p>
		<p class="items">
			{desk.short
				.map(({ item, count }) => `${count}${countedIn(item, shop) || ' ×'} ${itemName(item, shop, job.reader.unit)}`)
				.join('; ')}
		</p>
	</div>{/if}
<ul class="ticks">
	{#each ticks as what (what)}
		<li>
			<label
				><input
					type="checkbox"
					class="checkbox"
					checked={desk.run.ticked.has(what)}
					onchange={(event) => desk.did({ kind: 'ticked', what, on: event.currentTarget.checked })}
				/>{what}</label
			>
		</li>
	{/each}
</ul>
<p class="quiet" role="status">
	{left === 0 ? 'Everything is here.' : left === 1 ? 'One still to gather.' : `${left} of ${ticks.length} still to gather.`}
</p>

<style>
	.short {
		margin-bottom: 14px;
		padding-left: 12px;
		border-left: 4px solid var(--caution);
		max-width: 1000px;
	}
	.items {
		color: var(--caution-ink);
	}
	.ticks {
		columns: 300px;
		column-gap: 28px;
		margin-bottom: 12px;
		max-width: 1000px;
	}
	label {
		display: flex;
		align-items: center;
		gap: 14px;
		min-height: 48px;
		font-size: 21px;
		cursor: pointer;
		break-inside: avoid;
	}
	.checkbox {
		width: 26px;
		height: 26px;
	}
</style>
