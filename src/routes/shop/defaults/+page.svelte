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
	import { UNIT_WORDS, type Unit } from '$core/units/length.ts';
	import { BECAUSE_MOST } from '$core/shop/own-schools.ts';
	import { HOUSE_NAMES } from '$core/shop/house-names.ts';
	import HousePlaces from '$lib/house/HousePlaces.svelte';
	import { ShopList } from '$lib/house/shop-list.svelte.ts';
	import Touches from '$lib/house/Touches.svelte';
	import Bar from '$lib/ui/Bar.svelte';

	const { data }: PageProps = $props();
	const UNITS: readonly Unit[] = ['mm', 'in'];
	const typedOf = (house: readonly WrittenFigure[]): Record<string, string> =>
		Object.fromEntries(house.map((one) => [`${one.house} ${one.figure}`, String(one.value)]));
	const reasonsOf = (house: readonly WrittenFigure[]): Record<string, string> =>
		Object.fromEntries(house.flatMap(({ figure, because }) => (because ? [[figure, because]] : [])));
	/** What was typed, by `house figure`; what is not here is as it came. */
	// svelte-ignore state_referenced_locally
	let own = $state<Record<string, string>>(typedOf(data.house));
	/** Why, by figure: one reason for both units. */
	// svelte-ignore state_referenced_locally
	let reasons = $state<Record<string, string>>(reasonsOf(data.house));
	// svelte-ignore state_referenced_locally
	const list = new ShopList<WrittenFigure[]>('/api/shop/house', 'house', [...data.house], data.rev);
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
		list.touches = null;
		if (text.trim() === '' || text.trim() === usual(figure, unit)) delete own[`${unit} ${figure}`];
		else own[`${unit} ${figure}`] = text;
	}

	/** In the order of the page, however they were typed. */
	const written = $derived(
		OWN_FIGURES.flatMap((figure) =>
			UNITS.flatMap((unit): WrittenFigure[] => {
				const text = own[`${unit} ${figure}`];
				if (text === undefined) return [];
				const value = isLength(houseUnit(figure)) ? text : readHouseFigure(figure, unit, text);
				const because = reasons[figure]?.trim();
				return [
					{
						house: unit,
						figure,
						value: typeof value === 'string' ? value : value.ok ? value.value : text,
						...(because ? { because } : {})
					}
				];
			})
		)
	);
	const isChanged = $derived(JSON.stringify(written) !== JSON.stringify(inOrder(list.kept)));
	function inOrder(house: readonly WrittenFigure[]): WrittenFigure[] {
		return OWN_FIGURES.flatMap((figure) =>
			UNITS.flatMap((unit) => house.filter((one) => one.figure === figure && one.house === unit))
		);
	}
	const keep = () =>
		list.keep(written, 'Saved. Jobs use these figures from now on.', (before) => {
			own = typedOf(before);
			reasons = reasonsOf(before);
		});
</script>

<svelte:head><title>Defaults · Rare Keep</title></svelte:head>
<div class="with-foot">
	<Bar here="Shop" />
	<main id="main">
		<HousePlaces here="Defaults" />
		<header>
			<div>
				<h1>Defaults</h1>
				<p class="about">
					Used unless a job sets its own. Jobs cut in millimetres use the first column, jobs cut in inches the second.
				</p>
			</div>
			<label>Find <input class="input" type="search" autocomplete="off" bind:value={find} /></label>
		</header>
		<p class="about figures">{Object.keys(own).length === 0 ? 'All at default.' : `${Object.keys(own).length} of your own.`}</p>
		<table class="table">
			<thead
				><tr
					><th scope="col">Figure</th><th scope="col">Cut in mm</th><th scope="col">Cut in inches</th><th scope="col">Reason</th
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
										aria-label="{name}, cut in {UNIT_WORDS[unit]}"
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
									>default: {usual(figure, unit)} {figureWord(houseUnit(figure), unit)}</button
								>
							{/each}
							{#if UNITS.some((unit) => own[`${unit} ${figure}`] !== undefined)}
								<input
									class="input"
									aria-label="{name}: our reason"
									placeholder="our reason"
									maxlength={BECAUSE_MOST}
									autocomplete="off"
									value={reasons[figure] ?? ''}
									onchange={(event) => (reasons[figure] = event.currentTarget.value)}
								/>
							{/if}
						</td>
					</tr>
				{:else}
					<tr
						><td colspan="4"
							>No match for “{find}”.
							<button type="button" class="btn btn-sm preset-quiet" onclick={() => (find = '')}>Show all</button></td
						></tr
					>
				{/each}
			</tbody>
		</table>
	</main>
	<Touches {list} {isChanged} {isFaulty} onlook={() => list.look(written)} onkeep={keep} />
</div>

<style>
	header {
		display: flex;
		justify-content: space-between;
		align-items: end;
		gap: 24px;
	}
	header label {
		flex: 0 0 220px;
	}
	header + .about {
		margin-bottom: 10px;
	}
	h1 {
		font-size: 27px;
	}
	.about {
		color: var(--quiet);
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
	/* On a phone a figure is a card: its name, both units beside each other, why below. */
	@media (max-width: 700px) {
		header {
			flex-direction: column;
			align-items: stretch;
			gap: 8px;
		}
		header label {
			flex: none;
		}
		thead {
			display: none;
		}
		tbody tr {
			display: grid;
			grid-template-columns: 1fr 1fr;
			gap: 0 12px;
			padding: 4px 0;
			border-bottom: 1px solid var(--line);
		}
		tbody th,
		tbody td {
			border: 0;
			padding: 0;
		}
		tbody th,
		.came,
		tbody td[colspan] {
			grid-column: 1 / -1;
		}
		td:nth-child(2),
		td:nth-child(3) {
			width: auto;
		}
	}
</style>
