<script lang="ts">
	/** Labels for what is put away: its number, what it is, how large, of which lot, where it belongs. */
	import { onMount } from 'svelte';
	import type { PageProps } from './$types';
	import { shopFrom } from '$core/shop/written.ts';
	import Paper from '$lib/papers/Paper.svelte';
	import PaperBar from '$lib/papers/PaperBar.svelte';
	import { lineName, lineSize } from '$lib/stock/lines.ts';
	import { showDate } from '$lib/ui/days.ts';

	const { data }: PageProps = $props();
	const shop = $derived(shopFrom(data.shop));
	const unit = $derived(data.reads ?? data.shop.about.unit ?? 'mm');
	let today = $state<Date | null>(null);
	onMount(() => (today = new Date()));
</script>

<svelte:head><title>Labels · Rare Keep</title></svelte:head>
<PaperBar to="/stock/sheets" says="Sheets and offcuts" />
<main id="main">
	{#each data.stock as one (one.id)}
		<Paper size="back-label">
			<div class="card">
				<p class="number figures">{one.id}</p>
				<h1>{lineName(one, shop, unit)}</h1>
				<p class="size figures">{lineSize(one, unit)} {unit}</p>
				<p>{[one.colour, one.lot ? `lot ${one.lot}` : ''].filter(Boolean).join(', ')}</p>
				<p class="foot">{[one.place, today ? showDate(today, 'day', data.dates) : ''].filter(Boolean).join(' · ')}</p>
			</div>
		</Paper>
	{:else}<p class="none">None of this is in the rack.</p>{/each}
</main>

<style>
	main {
		padding-top: 8mm;
	}
	.card {
		display: grid;
		grid-template-rows: auto auto auto 1fr;
		height: 100%;
		font-size: 11pt;
	}
	.number {
		justify-self: end;
		grid-row: 1;
		font-size: 15pt;
		font-weight: 600;
	}
	h1 {
		grid-row: 1;
		grid-column: 1;
		padding-right: 16mm;
		font-size: 13pt;
		line-height: 1.2;
	}
	.number {
		grid-column: 1;
	}
	.size {
		font-size: 26pt;
		font-weight: 600;
	}
	.foot {
		align-self: end;
	}
	.none {
		text-align: center;
	}
	@media print {
		main {
			padding: 0;
		}
	}
</style>
