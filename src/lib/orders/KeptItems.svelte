<script lang="ts">
	/** What the shop keeps: how much is free, under which count it is ordered again, and how. */
	import { invalidateAll } from '$app/navigation';
	import { itemKey, thingsOf, type Item, type ItemKind } from '$core/nesting/items.ts';
	import { COLOURS } from '$core/shop/colours.ts';
	import { sheetSizes } from '$core/shop/sheet-sizes.ts';
	import { mouldingName } from '$core/shop/mouldings.ts';
	import { offered } from '$core/shop/stocked.ts';
	import type { Shop } from '$core/shop/shop.ts';
	import type { Unit } from '$core/units/length.ts';
	import { showSize } from '$core/units/show.ts';
	import type { KeptItem } from '$lib/server/db/orders.ts';
	import Sign from '$lib/ui/Sign.svelte';
	import { readCents } from '$core/units/cents.ts';
	import type { OrderDesk } from './draft.svelte.ts';
	import { countedIn, itemCents, itemName } from './words.ts';

	type Props = { kept: KeptItem[]; shop: Shop; unit: Unit; money: (cents: number) => string; desk: OrderDesk };
	const { kept, shop, unit, money, desk }: Props = $props();
	const itemOf = ({ kind: of, material: id, colour, width, height }: KeptItem): Item => ({
		kind: of,
		material: id,
		colour,
		width,
		height
	});
	const low = (item: KeptItem): boolean => item.free + item.ordered < item.point;

	/** How long a stick is, as it is bought. */
	const STICK: Record<Unit, number> = { mm: 2400, in: 96 * 25.4 };
	const KINDS: Record<ItemKind, string> = { sheet: 'sheets', stick: 'sticks', thing: 'hardware, tape, tissue' };
	const EMPTY = { material: '', colour: '', size: '0', point: '2', batch: '5', price: '', leadDays: '7', supplier: '' };
	let kind = $state<ItemKind>('sheet');
	let typed = $state({ ...EMPTY });
	const materials = $derived<{ id: string; name: string }[]>(
		{
			sheet: () => [...offered(shop.boards), ...offered(shop.glazings).filter(({ id }) => id !== 'none')],
			stick: () => offered(shop.mouldings).map((one) => ({ id: one.id, name: mouldingName(one, unit) })),
			thing: () => thingsOf(shop)
		}[kind]()
	);
	const material = $derived(materials.some(({ id }) => id === typed.material) ? typed.material : (materials[0]?.id ?? ''));
	const sizes = $derived(kind === 'sheet' ? sheetSizes(material, unit, shop) : []);
	const item = $derived<Item>({
		kind,
		material,
		colour: kind === 'sheet' ? typed.colour : '',
		...(kind === 'sheet'
			? (sizes[Number(typed.size)] ?? sizes[0] ?? { width: 0, height: 0 })
			: kind === 'stick'
				? { width: STICK[unit], height: 1 }
				: { width: 0, height: 0 })
	});
	const count = (text: string): number | null => (/^\d{1,4}$/.test(text.trim()) ? Number(text) : null);
	let faults = $state<Record<string, string>>({});

	async function keep() {
		const cents = typed.price.trim() === '' ? (itemCents(item, shop) ?? 0) : readCents(typed.price);
		const [point, batch, leadDays] = [count(typed.point), count(typed.batch), count(typed.leadDays)];
		faults = {
			...(point === null ? { point: 'Enter a whole number.' } : {}),
			...(!batch ? { batch: 'Enter a whole number from 1.' } : {}),
			...(leadDays === null ? { leadDays: 'Enter a whole number of days.' } : {}),
			...(typeof cents !== 'number' ? { price: 'Not an amount. Enter it as 4.50.' } : {}),
			...(typed.supplier.trim() === '' ? { supplier: 'Enter the supplier.' } : {})
		};
		if (Object.keys(faults).length > 0) return;
		const sent = { ...item, point, batch, leadDays, cents, supplier: typed.supplier.trim() };
		if (!(await desk.call('PUT', '/api/stock/kept', sent))) return;
		typed = { ...EMPTY, supplier: typed.supplier };
		await invalidateAll();
	}

	async function drop(id: number) {
		if (await desk.call('DELETE', `/api/stock/kept/${id}`)) await invalidateAll();
	}
	const FIELDS = [
		['point', 'reorder below'],
		['batch', 'order quantity'],
		['price', 'price of one'],
		['leadDays', 'lead time, days'],
		['supplier', 'supplier']
	] as const;
</script>

<section aria-label="Stock levels">
	<h2>Stock levels</h2>
	{#if kept.length === 0}<p class="quiet">No stock levels set yet. Items added below show here when low.</p>{/if}
	<ul>
		{#each kept as one (itemKey(one))}
			{@const name = itemName(one, shop, unit)}
			<li class:low={low(one)}>
				<span>
					{#if low(one)}<span class="low-sign"><Sign of="caution" size={10} /></span>{/if}
					{name}
					<span class="quiet figures"
						>{one.free}{countedIn(one, shop)} free{one.ordered > 0 ? `, ${one.ordered} on order` : ''}; under {one.point}: {one.batch}
						at {money(one.cents)}, {one.supplier}, {one.leadDays} days</span
					>
				</span>
				<button
					type="button"
					class="btn preset-quiet"
					aria-label="Order {one.batch} {name}"
					onclick={() =>
						desk.put({ item: itemOf(one), cents: one.cents, supplier: one.supplier, leadDays: one.leadDays }, one.batch)}
					>order {one.batch}</button
				>
				<button type="button" class="btn preset-quiet" aria-label="Stop stocking: {name}" onclick={() => drop(one.id)}
					>stop stocking</button
				>
			</li>
		{/each}
	</ul>
	<form
		onsubmit={(event) => {
			event.preventDefault();
			void keep();
		}}
	>
		<label
			><span>what</span><select class="select" aria-label="what" bind:value={kind}
				>{#each Object.entries(KINDS) as [value, says] (value)}<option {value}>{says}</option>{/each}</select
			></label
		>
		<label class="wide"
			><span>of</span><select
				class="select"
				aria-label="of"
				value={material}
				onchange={({ currentTarget }) => (typed.material = currentTarget.value)}
				>{#each materials as one (one.id)}<option value={one.id}>{one.name}</option>{/each}</select
			></label
		>
		{#if kind === 'sheet'}<label
				><span>colour</span><select class="select" aria-label="colour" bind:value={typed.colour}
					><option value="">default</option>{#each Object.keys(COLOURS) as colour (colour)}<option value={colour}>{colour}</option
						>{/each}</select
				></label
			>{/if}
		{#if kind === 'sheet'}<label
				><span>size</span><select class="select" aria-label="size" bind:value={typed.size}
					>{#each sizes as size, index (index)}<option value={String(index)}>{showSize(size, unit)}</option>{/each}</select
				></label
			>{/if}
		{#each FIELDS as [key, says] (key)}
			<div>
				<label
					><span>{says}</span>
					<input
						class="input"
						class:figures={key !== 'supplier'}
						bind:value={typed[key]}
						placeholder={key === 'price' ? money(itemCents(item, shop) ?? 0) : undefined}
						aria-invalid={faults[key] ? 'true' : undefined}
						aria-describedby={faults[key] ? `kept-${key}` : undefined}
					/></label
				>
				{#if faults[key]}<span class="fault" id="kept-{key}" role="alert">{faults[key]}</span>{/if}
			</div>
		{/each}
		<button type="submit" class="btn preset-outlined-brand" disabled={desk.busy}>Keep in stock</button>
	</form>
</section>

<style>
	h2 {
		font-size: 19px;
	}
	li {
		display: grid;
		grid-template-columns: 1fr auto auto;
		align-items: center;
		gap: 4px 14px;
		padding: 5px 0;
		border-bottom: 1px solid var(--line);
	}
	li .quiet {
		display: block;
		font-size: var(--text-sm);
	}
	.low-sign {
		display: inline-block;
		margin-right: 4px;
	}
	.low > span {
		font-weight: 600;
	}
	.low .quiet {
		font-weight: 400;
	}
	form {
		display: grid;
		grid-template-columns: repeat(3, minmax(0, 1fr));
		gap: 8px 14px;
		align-items: end;
		margin-top: 14px;
	}
	form span {
		display: block;
		font-size: var(--text-sm);
		color: var(--soft);
	}
	.input,
	.select {
		width: 100%;
	}
	form .fault {
		color: var(--stop);
	}
	@media (max-width: 767px) {
		li {
			grid-template-columns: 1fr auto;
		}
		form {
			grid-template-columns: 1fr 1fr;
		}
	}
</style>
