<script lang="ts">
	/** What this shop sets for itself: the sizes by which it buys frames. */
	import type { PageProps } from './$types';
	import { readPackSizes, WRITTEN_SIZES, type WrittenSize } from '$core/shop/pack-sizes.ts';
	import { showSize } from '$core/units/show.ts';
	import HousePlaces from '$lib/house/HousePlaces.svelte';
	import { ShopList } from '$lib/house/shop-list.svelte.ts';
	import Bar from '$lib/ui/Bar.svelte';
	import { nth } from '$core/units/there.ts';

	const { data }: PageProps = $props();
	type Row = { name: string; width: string; height: string };
	const rowsOf = (sizes: readonly WrittenSize[]): Row[] =>
		sizes.map(({ name, width, height }) => ({ name, width: String(width), height: String(height) }));
	// The page is loaded with the list as it stands; from then on it is edited here until it is kept.
	// svelte-ignore state_referenced_locally
	let rows = $state(rowsOf(data.packSizes));
	// svelte-ignore state_referenced_locally
	const list = new ShopList<Row[]>('/api/shop', 'packSizes', rowsOf(data.packSizes), data.rev);
	// svelte-ignore state_referenced_locally
	let keptRows = $state(JSON.stringify(rowsOf(data.packSizes)));
	const read = $derived(readPackSizes(rows));
	const faults = $derived(read.ok ? {} : Object.fromEntries(read.faults.map((fault) => [fault.path, fault.says])));
	const changed = $derived(JSON.stringify(rows) !== keptRows);
	/** Pixels a millimetre of the small outlines. */
	const SCALE = 0.026;
	let table = $state<HTMLTableElement>();

	function add() {
		rows.push({ name: '', width: '', height: '' });
		requestAnimationFrame(() => table?.querySelector<HTMLInputElement>('tbody tr:last-child input')?.focus());
	}

	async function keep() {
		const sent = $state.snapshot(rows);
		const isKept = await list.keep(sent, 'Saved. Jobs offer these sizes from now on.', (before) => {
			rows = before;
			keptRows = JSON.stringify(before);
		});
		if (isKept) keptRows = JSON.stringify(sent);
	}
</script>

<svelte:head><title>Shop · Rare Keep</title></svelte:head>
<Bar here="Shop" />
<main id="main">
	<HousePlaces here="Frame sizes" />
	<h1>Shop</h1>
	<p class="about">This shop’s own settings.</p>
	<section aria-labelledby="sizes">
		<h2 id="sizes">Standard frame sizes</h2>
		<p>Named by the pack they take, allowance included. Offered where borders fit a pack, and where a frame is too small.</p>
		<table class="table written" bind:this={table}>
			<thead
				><tr
					><th scope="col">Name</th><th scope="col">Width</th><th scope="col">Height</th><th scope="col">In mm, to one scale</th
					><th scope="col"><span class="seen-by-readers">Remove</span></th></tr
				></thead
			>
			<tbody>
				{#each rows as row, index (row)}
					<tr>
						{#each ['name', 'width', 'height'] as const as key (key)}
							{@const fault = faults[`packSizes[${index}].${key}`]}
							<td>
								<input
									class="input"
									class:figures={key !== 'name'}
									aria-label="{key === 'name' ? 'Name' : key === 'width' ? 'Width' : 'Height'} of size {index + 1}"
									aria-invalid={fault ? 'true' : undefined}
									autocomplete="off"
									bind:value={row[key]}
								/>
								{#if fault && (row.name || row.width || row.height)}<span class="fault">{fault}</span>{/if}
							</td>
						{/each}
						<td class="figures is"
							>{#if read.ok}
								{@const size = nth(read.sizes, index)}
								<span class="drawn"
									><svg width={size.width * SCALE} height={size.height * SCALE} aria-hidden="true"
										><rect width="100%" height="100%" /></svg
									></span
								>
								{showSize(size, 'mm')}
							{/if}</td
						>
						<td
							><button
								type="button"
								class="btn btn-sm preset-quiet"
								aria-label="remove {row.name || `size ${index + 1}`}"
								onclick={() => rows.splice(index, 1)}>remove</button
							></td
						>
					</tr>
				{/each}
			</tbody>
		</table>
		<div class="presses">
			<button type="button" class="btn preset-outlined-brand" onclick={add}>Add a size</button>
			<button type="button" class="btn preset-filled-brand" disabled={!read.ok || !changed || list.busy} onclick={keep}
				>Save the list</button
			>
			<button type="button" class="btn btn-sm preset-quiet" onclick={() => (rows = rowsOf(WRITTEN_SIZES))}>default list</button>
		</div>
		{#if list.refused}<p class="fault" role="alert">{list.refused}</p>{/if}
	</section>
</main>

<style>
	main {
		max-width: 860px;
		padding: 26px 24px 60px;
	}
	h1 {
		font-size: 27px;
	}
	h2 {
		font-size: 19px;
		margin: 22px 0 4px;
	}
	.about {
		color: var(--quiet);
	}
	td:first-child {
		width: 34%;
	}
	th:nth-child(4) {
		white-space: nowrap;
	}
	.is {
		white-space: nowrap;
		line-height: var(--control);
		color: var(--soft);
	}
	.drawn {
		display: inline-block;
		width: 38px;
	}
	/* On a phone what is written comes before what it comes to. */
	@media (max-width: 600px) {
		.is,
		th:nth-child(4) {
			display: none;
		}
	}
	svg {
		display: inline-block;
		vertical-align: middle;
	}
	rect {
		fill: #f4f2ec;
		stroke: #4c3b27;
		stroke-width: 2;
	}
	.fault {
		color: var(--stop);
		font-size: var(--text-sm);
	}
	.presses {
		display: flex;
		gap: 10px;
		align-items: center;
	}
</style>
