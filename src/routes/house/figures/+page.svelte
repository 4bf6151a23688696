<script lang="ts">
	/** House › Figures: what the shop uses unless a job says otherwise, for jobs cut in millimetres and for jobs cut in inches. */
	import { page } from '$app/state';
	import type { PageProps } from './$types';
	import { houseUnit } from '$core/shop/house.ts';
	import {
		OWN_FIGURES,
		readHouseFigure,
		usualFigure as usual,
		type HouseFigure,
		type WrittenFigure
	} from '$core/shop/own-house.ts';
	import { figureWord, isLength } from '$core/units/figures.ts';
	import type { Unit } from '$core/units/length.ts';
	import { HOUSE_NAMES } from '$core/shop/house-names.ts';
	import HousePlaces from '$lib/house/HousePlaces.svelte';
	import { ShopList } from '$lib/house/shop-list.svelte.ts';
	import Bar from '$lib/ui/Bar.svelte';

	const { data }: PageProps = $props();
	const UNITS: readonly Unit[] = ['mm', 'in'];
	const typedOf = (house: readonly WrittenFigure[]): Record<string, string> =>
		Object.fromEntries(house.map((one) => [`${one.house} ${one.figure}`, String(one.value)]));
	/** What was typed, by `house figure`; what is not here is as it came. */
	// svelte-ignore state_referenced_locally
	let own = $state<Record<string, string>>(typedOf(data.house));
	// svelte-ignore state_referenced_locally
	const list = new ShopList<WrittenFigure[]>('/api/shop/house', 'house', [...data.house], data.rev);
	let changed = $state(false);
	// The why of a figure leads here with its name.
	let find = $state(page.url.searchParams.get('find') ?? '');

	const rows = OWN_FIGURES.map((figure) => ({ figure, name: HOUSE_NAMES[figure] }));
	const words = $derived(find.toLowerCase().split(/\s+/).filter(Boolean));
	const shown = $derived(
		rows.filter(({ name, figure }) => words.every((word) => `${name} ${figure}`.toLowerCase().includes(word)))
	);
	const isFaulty = $derived(rows.some(({ figure }) => UNITS.some((unit) => faultOf(figure, unit) !== null)));

	function faultOf(figure: HouseFigure, unit: Unit): string | null {
		const typed = own[`${unit} ${figure}`];
		if (typed === undefined) return null;
		const read = readHouseFigure(figure, unit, typed);
		return read.ok ? null : read.says;
	}
	function type(figure: HouseFigure, unit: Unit, text: string) {
		changed = true;
		if (text.trim() === '' || text.trim() === usual(figure, unit)) delete own[`${unit} ${figure}`];
		else own[`${unit} ${figure}`] = text;
	}

	async function keep() {
		const house = Object.entries(own).map(([key, text]): WrittenFigure => {
			const [unit, figure] = key.split(' ') as [Unit, HouseFigure];
			const value = isLength(houseUnit(figure)) ? text : readHouseFigure(figure, unit, text);
			return { house: unit, figure, value: typeof value === 'string' ? value : value.ok ? value.value : text };
		});
		const isKept = await list.keep(house, 'Kept. Jobs are planned with these figures from now on.', (before) => {
			own = typedOf(before);
			changed = false;
		});
		if (isKept) changed = false;
	}
</script>

<svelte:head><title>House figures · Rare Keep</title></svelte:head>
<Bar here="House" />
<main id="main">
	<HousePlaces here="House figures" />
	<header>
		<div>
			<h1>House figures</h1>
			<p class="about">
				What this shop uses unless a job says otherwise. A job that is cut in millimetres takes the first column, one that is cut
				in inches the second.
			</p>
		</div>
		<label>Find <input class="input" type="search" autocomplete="off" bind:value={find} /></label>
	</header>
	<div class="presses">
		<button type="button" class="btn preset-filled-brand" disabled={isFaulty || !changed || list.busy} onclick={keep}
			>Keep the figures</button
		>
		<p class="about figures">{Object.keys(own).length} of your own</p>
		{#if list.refused}<p class="fault" role="alert">{list.refused}</p>{/if}
	</div>
	<table class="table">
		<thead
			><tr
				><th scope="col">Figure</th><th scope="col">Cut in mm</th><th scope="col">Cut in inches</th><th scope="col">As it came</th
				></tr
			></thead
		>
		<tbody>
			{#each shown as { figure, name } (figure)}
				<tr>
					<th scope="row"><a class="anchor" href="/handbook/house#{figure}">{name}</a></th>
					{#each UNITS as unit (unit)}
						{@const fault = faultOf(figure, unit)}
						{@const isOwn = own[`${unit} ${figure}`] !== undefined}
						<td>
							<span class="box">
								<input
									class="input figures"
									class:own={isOwn}
									aria-label="{name}, cut in {unit === 'mm' ? 'millimetres' : 'inches'}"
									aria-invalid={fault ? 'true' : undefined}
									autocomplete="off"
									value={own[`${unit} ${figure}`] ?? usual(figure, unit)}
									oninput={(event) => type(figure, unit, event.currentTarget.value)}
								/>
								<span class="unit">{figureWord(houseUnit(figure), unit)}</span>
							</span>
							{#if fault}<span class="fault">{fault}</span>{/if}
						</td>
					{/each}
					<td class="came">
						{#each UNITS.filter((unit) => own[`${unit} ${figure}`] !== undefined) as unit (unit)}
							<button
								type="button"
								class="btn btn-sm preset-quiet figures"
								onclick={() => type(figure, unit, usual(figure, unit))}
								>back to {usual(figure, unit)} {figureWord(houseUnit(figure), unit)}</button
							>
						{/each}
					</td>
				</tr>
			{:else}
				<tr
					><td colspan="4"
						>No figure has “{find}” in it.
						<button type="button" class="btn btn-sm preset-quiet" onclick={() => (find = '')}>Show all</button></td
					></tr
				>
			{/each}
		</tbody>
	</table>
</main>

<style>
	main {
		max-width: 940px;
		padding: 26px 24px 60px;
	}
	header {
		display: flex;
		justify-content: space-between;
		align-items: end;
		gap: 24px;
	}
	header label {
		flex: 0 0 220px;
	}
	h1 {
		font-size: 27px;
	}
	.about {
		color: var(--quiet);
	}
	.presses {
		display: flex;
		gap: 14px;
		align-items: center;
		position: sticky;
		top: 0;
		padding: 10px 0;
		background: var(--table);
		z-index: 2;
	}
	th,
	td {
		padding: 3px 12px 3px 0;
		text-align: left;
		vertical-align: top;
		border-bottom: 1px solid var(--line);
	}
	tbody th {
		font-weight: 400;
		line-height: var(--control);
	}
	tbody th::first-letter {
		text-transform: uppercase;
	}
	td:nth-child(2),
	td:nth-child(3) {
		width: 168px;
	}
	.box {
		position: relative;
		display: block;
	}
	.input {
		padding-right: 56px;
	}
	.own {
		font-weight: 600;
	}
	.unit {
		position: absolute;
		right: 8px;
		top: 0;
		line-height: var(--control);
		font-size: var(--text-xs);
		color: var(--quiet);
		pointer-events: none;
	}
	.fault {
		color: var(--stop);
		font-size: var(--text-sm);
	}
	.came {
		line-height: var(--control);
		font-size: var(--text-sm);
	}
</style>
