<script lang="ts">
	/** Stock › Orders: what open jobs are short of, what runs low, what is put together, what is on its way and what came of it. */
	import { onMount } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import { page } from '$app/state';
	import { readCents } from '$core/units/cents.ts';
	import { shortOf, type Short } from '$core/nesting/short.ts';
	import type { InStock } from '$core/nesting/offer.ts';
	import { itemByName, itemKey } from '$core/nesting/items.ts';
	import type { DateLanguage } from '$core/shop/about.ts';
	import { shopFrom, type WrittenShop } from '$core/shop/written.ts';
	import type { Unit } from '$core/units/length.ts';
	import { showMoney } from '$core/units/show.ts';
	import type { KeptItem, Order } from '$lib/server/db/orders.ts';
	import type { ThingLine } from '$lib/server/db/stock.ts';
	import type { JobParts } from '$lib/server/job-parts.ts';
	import { hearStock } from '$lib/stock/hear-stock.ts';
	import StockPlaces from '$lib/stock/StockPlaces.svelte';
	import Bar from '$lib/ui/Bar.svelte';
	import Sign from '$lib/ui/Sign.svelte';
	import { OrderDesk } from './draft.svelte.ts';
	import KeptItems from './KeptItems.svelte';
	import OrderCard from './OrderCard.svelte';
	import { countedIn, itemCents, itemName } from './words.ts';

	type Props = {
		jobs: JobParts[];
		shop: WrittenShop;
		stock: InStock[];
		things: ThingLine[];
		kept: KeptItem[];
		orders: Order[];
		supplier: { simulated: boolean } | null;
		reads: Unit | null;
		dates: DateLanguage;
	};
	const { jobs, shop: written, stock, things, kept, orders, supplier, reads, dates }: Props = $props();
	const shop = $derived(shopFrom(written));
	const unit = $derived(reads ?? written.about.unit ?? 'mm');
	const money = (cents: number): string => showMoney(cents, shop.currency);
	const desk = new OrderDesk();
	onMount(() => hearStock(() => void invalidateAll()));

	/** Days and a name for what nobody keeps in stock. */
	const UNKNOWN = { supplier: 'Supplier', leadDays: 7 };
	const ALL = '';
	// A job's own page leads here with its number.
	let of = $state(page.url.searchParams.get('of') ?? ALL);
	const asked = $derived(jobs.filter(({ number }) => of === ALL || number === of));
	/** They ask nothing while they can't be planned: they are named, so that nobody takes them for supplied. */
	const left = $derived(asked.filter(({ fault }) => fault !== null));
	const short = $derived(shortOf(asked, stock, things, shop, unit));

	function putShort({ item, count }: Short) {
		const known = kept.find((one) => itemKey(one) === itemKey(item));
		const cents = known?.cents ?? itemCents(item, shop) ?? 0;
		desk.put(
			{ item, cents, supplier: known?.supplier ?? UNKNOWN.supplier, leadDays: known?.leadDays ?? UNKNOWN.leadDays },
			count
		);
	}

	/** Bought frames and mats, sleeves, a tool: what no list of the shop has. */
	let own = $state({ name: '', count: '1', price: '', supplier: '' });
	let ownSays = $state('');
	function addByName(event: SubmitEvent) {
		event.preventDefault();
		const cents = own.price.trim() === '' ? 0 : readCents(own.price);
		if (own.name.trim() === '') ownSays = 'Enter what it is.';
		else if (!isWhole(own.count)) ownSays = 'Enter how many, a whole number from 1.';
		else if (typeof cents !== 'number') ownSays = 'Not an amount. Enter it as 4.50.';
		else {
			ownSays = '';
			const supplier = own.supplier.trim() || UNKNOWN.supplier;
			desk.put({ item: itemByName(own.name), cents, supplier, leadDays: UNKNOWN.leadDays }, Number(own.count));
			own = { name: '', count: '1', price: '', supplier: own.supplier };
		}
	}

	const suppliers = $derived([...new Set(desk.lines.map((line) => line.supplier))]);
	let mode = $state('whole');
	const MODES = [
		['whole', 'all of it'],
		['part', 'half of it'],
		['late', 'late'],
		['wrong-size', 'sheets of another size']
	] as const;
	const isWhole = (text: string): boolean => /^[1-9]\d{0,3}$/.test(text.trim());
	const open = $derived(orders.filter(({ state }) => state === 'open'));
	const closed = $derived(orders.filter(({ state }) => state === 'closed').slice(0, 20));
</script>

<svelte:head><title>Orders · Rare Keep</title></svelte:head>
<div class="screen">
	<Bar here="Stock" />
	<main id="main">
		<StockPlaces here="Orders" />
		<h1>Orders</h1>
		{#if desk.refused}<p class="fault" role="alert"><Sign of="stop" /> {desk.refused}</p>{/if}
		{#each left as { number, title, fault } (number)}
			<p><Sign of="stop" /> <a class="anchor" href="/jobs/{number}">{number}</a> {title} left out: {fault}</p>
		{/each}
		<div class="columns">
			<div>
				<section aria-label="Not in stock">
					<div class="head">
						<h2>Not in stock</h2>
						<label
							><span class="seen-by-readers">Jobs</span>
							<select class="select" aria-label="Jobs" bind:value={of}>
								<option value={ALL}>all open jobs</option>
								{#each jobs as { number, title } (number)}<option value={number}>{number} {title}</option>{/each}
							</select></label
						>
					</div>
					{#if short.length === 0}<p class="quiet">
							{jobs.length === 0 ? 'No open job needs anything yet.' : 'Nothing: all in stock.'}
						</p>
					{:else}
						<ul class="rows">
							{#each short as one (itemKey(one.item))}
								<li>
									<span
										>{itemName(one.item, shop, unit)}
										<span class="jobs quiet figures"
											>{#each one.jobs as job (job)}<span>{job}</span>{/each}</span
										></span
									>
									<strong class="figures">{one.count}{countedIn(one.item, shop)}</strong>
									<button
										type="button"
										class="btn preset-quiet"
										aria-label="Put {itemName(one.item, shop, unit)} on the order"
										onclick={() => putShort(one)}>order</button
									>
								</li>
							{/each}
						</ul>
						<button type="button" class="btn preset-outlined-brand all" onclick={() => short.forEach(putShort)}
							>Put everything on the order</button
						>
						<p class="quiet">Sheets by a quick plan; Cutting may find a better one.</p>
					{/if}
				</section>
			</div>
			<div>
				<details class="by-name">
					<summary>Add something by its name</summary>
					<form onsubmit={addByName}>
						<label
							>What it is <input
								class="input"
								aria-label="What it is"
								maxlength="80"
								autocomplete="off"
								bind:value={own.name}
							/></label
						>
						<label
							>How many <input
								class="input figures"
								aria-label="How many of it"
								autocomplete="off"
								bind:value={own.count}
							/></label
						>
						<label
							>Price of one <input
								class="input figures"
								aria-label="Price of one of it"
								autocomplete="off"
								bind:value={own.price}
							/></label
						>
						<label
							>Supplier <input
								class="input"
								aria-label="Supplier of it"
								maxlength="80"
								autocomplete="off"
								bind:value={own.supplier}
							/></label
						>
						<button type="submit" class="btn preset-outlined-brand">Put it on the order</button>
						{#if ownSays}<p class="fault" role="alert">{ownSays}</p>{/if}
					</form>
				</details>
				{#if desk.lines.length > 0}
					<section aria-label="To be ordered" class="draft">
						<h2>To order</h2>
						{#each suppliers as name (name)}
							{@const lines = desk.lines.filter((line) => line.supplier === name)}
							<h3>{name}</h3>
							<ul class="rows">
								{#each lines as line (itemKey(line.item))}
									<li>
										<span>{itemName(line.item, shop, unit)} <span class="quiet figures">{money(line.cents)}</span></span>
										<input
											class="input figures"
											aria-label="How many, {itemName(line.item, shop, unit)}"
											bind:value={line.count}
											aria-invalid={isWhole(line.count) ? undefined : 'true'}
										/>
										<button
											type="button"
											class="btn preset-quiet"
											aria-label="Remove {itemName(line.item, shop, unit)}"
											onclick={() => desk.take(line)}>remove</button
										>
									</li>
								{/each}
							</ul>
							<p class="figures">
								{money(lines.reduce((sum, { cents, count }) => sum + cents * (isWhole(count) ? Number(count) : 0), 0))}, in {Math.max(
									...lines.map(({ leadDays }) => leadDays)
								)} days
							</p>
							{#if lines.some(({ count }) => !isWhole(count))}<p class="fault">Enter how many, a whole number from 1.</p>{/if}
							<div class="does">
								{#if supplier}<button
										type="button"
										class="btn preset-filled-brand"
										disabled={desk.busy || lines.some(({ count }) => !isWhole(count))}
										onclick={() => desk.order(name, true, mode)}>Send the order</button
									>{/if}
								<button
									type="button"
									class="btn preset-outlined-brand"
									disabled={desk.busy || lines.some(({ count }) => !isWhole(count))}
									onclick={() => desk.order(name, false, mode)}>Ordered by phone</button
								>
								{#if supplier?.simulated}<label class="mode"
										><span>simulated supplier delivers</span>
										<select class="select" aria-label="simulated supplier delivers" bind:value={mode}
											>{#each MODES as [value, says] (value)}<option {value}>{says}</option>{/each}</select
										></label
									>{/if}
							</div>
						{/each}
					</section>
				{/if}
				<section aria-label="On order">
					<h2>On order</h2>
					{#if open.length === 0}<p class="quiet">Nothing on order.</p>{/if}
					{#each open as order (order.id)}<OrderCard {order} {shop} {unit} {dates} {desk} />{/each}
					{#if closed.length > 0}
						<h3>Closed</h3>
						<ul class="rows">
							{#each closed as { id, supplier: name, ref, lines } (id)}
								<li>
									<span
										>{name}
										<span class="quiet figures"
											>order {id}{ref ? `, ${ref}` : ''}: {lines
												.map((line) => `${line.arrived} of ${line.ordered} ${itemName(line, shop, unit)}`)
												.join('; ')}</span
										></span
									>
								</li>
							{/each}
						</ul>
					{/if}
				</section>
				<KeptItems {kept} {shop} {unit} {money} {desk} />
			</div>
		</div>
	</main>
</div>

<style>
	.screen {
		display: flex;
		flex-direction: column;
		min-height: 100%;
	}
	main {
		max-width: 1340px;
		padding: 26px 24px 60px;
	}
	.by-name {
		margin-bottom: 14px;
	}
	.by-name form {
		display: grid;
		gap: 6px;
		max-width: 420px;
		padding-top: 8px;
	}
	.by-name label {
		display: grid;
		grid-template-columns: 110px 1fr;
		align-items: center;
		gap: 10px;
	}
	h1 {
		font-size: 27px;
	}
	h2 {
		font-size: 19px;
		white-space: nowrap;
	}
	h3 {
		margin-top: 10px;
		font-weight: 600;
	}
	.columns {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		gap: 36px;
		margin-top: 12px;
	}
	section + section,
	.columns > div > :global(section + section) {
		margin-top: 26px;
	}
	.head {
		display: flex;
		align-items: center;
		gap: 16px;
	}
	.head .select {
		max-width: 280px;
	}
	.rows li {
		display: grid;
		grid-template-columns: 1fr auto auto;
		align-items: center;
		gap: 4px 14px;
		padding: 5px 0;
		border-bottom: 1px solid var(--line);
	}
	.rows .input {
		width: 72px;
	}
	.jobs {
		display: inline-flex;
		flex-wrap: wrap;
		gap: 0 8px;
	}
	.all {
		margin: 12px 0 4px;
	}
	.draft {
		padding: 14px 18px 16px;
		background: var(--panel);
		border-left: 4px solid var(--accent);
	}
	.does {
		display: flex;
		flex-wrap: wrap;
		align-items: end;
		gap: 8px 14px;
		margin-top: 8px;
	}
	.mode span {
		display: block;
		font-size: var(--text-sm);
		color: var(--soft);
	}
	.fault {
		color: var(--stop);
	}
	@media (max-width: 1100px) {
		.columns {
			grid-template-columns: 1fr;
		}
	}
</style>
