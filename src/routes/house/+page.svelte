<script lang="ts">
	/** What this shop sets for itself: the sizes by which it buys frames. */
	import type { PageProps } from './$types';
	import { readPackSizes, WRITTEN_SIZES, type WrittenSize } from '$core/shop/pack-sizes.ts';
	import { showSize } from '$core/units/show.ts';
	import HousePlaces from '$lib/house/HousePlaces.svelte';
	import Bar from '$lib/ui/Bar.svelte';

	const { data }: PageProps = $props();
	type Row = { name: string; width: string; height: string };
	const rowsOf = (sizes: readonly WrittenSize[]): Row[] =>
		sizes.map(({ name, width, height }) => ({ name, width: String(width), height: String(height) }));
	// The page is loaded with the list as it stands; from then on it is edited here until it is kept.
	// svelte-ignore state_referenced_locally
	let rows = $state(rowsOf(data.packSizes));
	// svelte-ignore state_referenced_locally
	let rev = $state(data.rev);
	let said = $state('');
	let refused = $state('');
	const read = $derived(readPackSizes(rows));
	const faults = $derived(read.ok ? {} : Object.fromEntries(read.faults.map((fault) => [fault.path, fault.says])));
	const changed = $derived(JSON.stringify(rows) !== JSON.stringify(rowsOf(data.packSizes)) || said !== '');
	/** Pixels a millimetre of the small outlines. */
	const SCALE = 0.026;
	let table = $state<HTMLTableElement>();

	function add() {
		rows.push({ name: '', width: '', height: '' });
		said = '';
		requestAnimationFrame(() => table?.querySelector<HTMLInputElement>('tbody tr:last-child input')?.focus());
	}

	async function keep() {
		refused = said = '';
		try {
			const response = await fetch('/api/shop', {
				method: 'PUT',
				headers: { 'content-type': 'application/json', 'if-match': `"${rev}"` },
				body: JSON.stringify({ packSizes: rows })
			});
			const answer = (await response.json()) as { rev?: number; faults?: { says: string }[] };
			if (answer.rev === undefined) refused = answer.faults?.[0]?.says ?? 'The server did not take it.';
			else {
				rev = answer.rev;
				said = 'Kept. Jobs are offered these sizes from now on.';
			}
		} catch {
			refused = 'The server cannot be reached. The list stays here until it answers.';
		}
	}
</script>

<svelte:head><title>House · Rare Keep</title></svelte:head>
<Bar here="House" />
<main id="main">
	<HousePlaces here="Frame sizes" />
	<h1>House</h1>
	<p class="about">What this shop sets for itself.</p>
	<section aria-labelledby="sizes">
		<h2 id="sizes">Sizes by which frames are bought</h2>
		<p>
			Named by the pack that they take: the allowance is inside. They are offered where borders fit a pack, and as the fix where a
			frame is too small.
		</p>
		<table class="written" bind:this={table}>
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
									class="field"
									class:figures={key !== 'name'}
									class:faulty={fault}
									aria-label="{key === 'name' ? 'Name' : key === 'width' ? 'Width' : 'Height'} of size {index + 1}"
									aria-invalid={fault ? 'true' : undefined}
									autocomplete="off"
									bind:value={row[key]}
									oninput={() => (said = '')}
								/>
								{#if fault && (row.name || row.width || row.height)}<span class="fault">{fault}</span>{/if}
							</td>
						{/each}
						<td class="figures is"
							>{#if read.ok}
								{@const size = read.sizes[index]!}
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
								class="text-press"
								aria-label="remove {row.name || `size ${index + 1}`}"
								onclick={() => {
									said = '';
									rows.splice(index, 1);
								}}>remove</button
							></td
						>
					</tr>
				{/each}
			</tbody>
		</table>
		<div class="presses">
			<button type="button" class="press" onclick={add}>Add a size</button>
			<button type="button" class="press strong" disabled={!read.ok || !changed || said !== ''} onclick={keep}
				>Keep the list</button
			>
			<button
				type="button"
				class="text-press"
				onclick={() => {
					said = '';
					rows = rowsOf(WRITTEN_SIZES);
				}}>the list as it came</button
			>
		</div>
		{#if said}<p role="status">{said}</p>{/if}
		{#if refused}<p class="fault" role="alert">{refused}</p>{/if}
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
		line-height: 30px;
		color: #474f53;
	}
	.drawn {
		display: inline-block;
		width: 38px;
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
		font-size: 13px;
	}
	.presses {
		display: flex;
		gap: 10px;
		align-items: center;
	}
</style>
