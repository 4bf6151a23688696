<script lang="ts">
	/** The lines of a cost: what is used with what is cut away, minutes of work, what comes on top. */
	import type { House } from '$core/shop/house.ts';
	import { showMinutes, showNumber, type Reader } from '$core/units/show.ts';
	import type { Cost, MaterialLine } from '$core/views/cost/cost.ts';

	type Props = { cost: Cost; money: (cents: number) => string; reader: Reader; house: House };
	const { cost, money, house }: Props = $props();
	const UNITS: Record<MaterialLine['unit'], { word: string; places: number }> = {
		m2: { word: 'm²', places: 3 },
		m: { word: 'm', places: 2 },
		count: { word: '', places: 0 }
	};
	const used = ({ amount, unit }: MaterialLine): string => `${showNumber(amount, UNITS[unit].places)} ${UNITS[unit].word}`.trim();
	const each = ({ each: price, unit }: MaterialLine): string =>
		price === null ? '' : `${money(price)}${UNITS[unit].word ? ` / ${UNITS[unit].word}` : ' each'}`;
	const figure = (name: keyof House): string => `/shop/defaults?find=${name}`;
</script>

<table class="table">
	<thead
		><tr
			><th scope="col">Materials</th><th scope="col" class="right">Used</th><th scope="col" class="right">Waste</th><th
				scope="col"
				class="right price">Price</th
			><th scope="col" class="right">Cost</th></tr
		></thead
	>
	<tbody>
		{#each cost.materials as line (`${line.material} ${line.unit}`)}
			<tr>
				<th scope="row">{line.name}</th>
				<td class="right figures">{used(line)}</td>
				<td class="right figures quiet">{line.waste > 0 ? `+ ${showNumber(line.waste, 0)} %` : ''}</td>
				<td class="right figures quiet price">{each(line)}</td>
				<td class="right figures">{line.cents === null ? 'no price' : money(line.cents)}</td>
			</tr>
		{/each}
		<tr>
			<th scope="row"><a class="anchor" href={figure('sundriesCents')}>Sundries: tissue, paste, screws</a></th>
			<td></td><td></td><td class="price"></td>
			<td class="right figures">{money(cost.sundries)}</td>
		</tr>
	</tbody>
	<tfoot
		><tr
			><th scope="row">Materials</th><td></td><td></td><td class="price"></td><td class="right figures"
				>{money(cost.sums.materials)}</td
			></tr
		></tfoot
	>
</table>
{#if cost.unpriced.length > 0}<p class="unpriced">
		Not included, no price: {cost.unpriced.join('; ')}. <a class="anchor" href="/stock/materials">Set prices</a>
	</p>{/if}
<table class="table">
	<thead
		><tr
			><th scope="col">Work, at <a class="anchor" href={figure('hourCents')}>{money(house.hourCents)} an hour</a></th><th
				scope="col"
				class="right">Time</th
			><th scope="col" class="right">Cost</th></tr
		></thead
	>
	<tbody>
		{#each cost.work as line, index (index)}
			<tr
				><th scope="row">{line.step}</th><td class="right figures">{showMinutes(line.minutes)}</td><td class="right figures"
					>{money(line.cents)}</td
				></tr
			>
		{/each}
	</tbody>
	<tfoot
		><tr
			><th scope="row">Work</th><td class="right figures">{showMinutes(cost.minutes)}</td><td class="right figures"
				>{money(cost.sums.work)}</td
			></tr
		></tfoot
	>
</table>
<dl>
	<dt>Cost</dt>
	<dd class="figures">{money(cost.sums.cost)}</dd>
	<dt><a class="anchor" href={figure('marginPercent')}>{showNumber(house.marginPercent, 1)} % markup</a></dt>
	<dd class="figures">{money(cost.sums.margin)}</dd>
	<dt><a class="anchor" href={figure('taxPercent')}>{showNumber(house.taxPercent, 1)} % tax</a></dt>
	<dd class="figures">{money(cost.sums.tax)}</dd>
	<dt class="total">Price</dt>
	<dd class="figures total">{money(cost.sums.total)}</dd>
</dl>

<style>
	.table {
		max-width: 760px;
		margin-bottom: 6px;
	}
	tbody th {
		font-weight: 400;
	}
	tfoot th,
	tfoot td {
		font-weight: 600;
		border-top: 1px solid var(--line-strong);
	}
	.right {
		text-align: right;
		white-space: nowrap;
	}
	.unpriced {
		max-width: 760px;
		margin-bottom: 14px;
	}
	dl {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 4px 24px;
		max-width: 760px;
		padding: 10px 8px;
		border-top: 2px solid var(--line-strong);
	}
	dd {
		text-align: right;
	}
	/* What one costs is on the wider screens. */
	@media (max-width: 767px) {
		.price {
			display: none;
		}
	}
	.total {
		font-size: 20px;
		font-weight: 600;
	}
</style>
