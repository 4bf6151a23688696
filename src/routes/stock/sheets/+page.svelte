<script lang="ts">
	/** Stock › Sheets and offcuts: what lies there and what of it plans have reserved; what arrives, what is counted, what happened. */
	import type { PageProps } from './$types';
	import { onMount } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import { COLOURS } from '$core/shop/colours.ts';
	import { sheetSizes } from '$core/shop/sheet-sizes.ts';
	import { offered } from '$core/shop/stocked.ts';
	import { shopFrom } from '$core/shop/written.ts';
	import { mouldingName } from '$core/shop/mouldings.ts';
	import { lineName, lineSize, STOCK_KINDS } from '$lib/stock/lines.ts';
	import { readLength } from '$core/units/length.ts';
	import { showLength, showSize } from '$core/units/show.ts';
	import type { StockLine } from '$lib/server/db/stock.ts';
	import { hearStock } from '$lib/stock/hear-stock.ts';
	import CountedThings from '$lib/stock/CountedThings.svelte';
	import { History } from '$lib/stock/history.svelte.ts';
	import Movements from '$lib/stock/Movements.svelte';
	import StockPlaces from '$lib/stock/StockPlaces.svelte';
	import { askServer } from '$lib/ui/ask-server.ts';
	import Bar from '$lib/ui/Bar.svelte';
	import Sign from '$lib/ui/Sign.svelte';

	const { data }: PageProps = $props();
	onMount(() => hearStock(() => void invalidateAll()));
	const shop = $derived(shopFrom(data.shop));
	const unit = $derived(data.reads ?? data.shop.about.unit ?? 'mm');
	const EMPTY = { kind: 'sheet', material: 'cotton-4', colour: '', width: '', height: '', count: '1', lot: '', place: '' };
	let line = $state({ ...EMPTY });
	const boards = $derived<{ id: string; name: string }[]>(
		line.kind === 'stick'
			? offered(shop.mouldings).map((one) => ({ id: one.id, name: mouldingName(one, unit) }))
			: [...offered(shop.boards), ...offered(shop.glazings).filter(({ id }) => id !== 'none')]
	);
	const isStick = $derived(line.kind === 'stick');
	/** A stick is as wide as its moulding: only its length is asked. */
	const STICK_HEIGHT = 1;
	const FIELDS = ['width', 'height', 'count', 'place', 'lot'] as const;
	const sizes = $derived(sheetSizes(line.material, unit, shop));
	let faults = $state<Record<string, string>>({});
	let said = $state('');
	let counts = $state<Record<number, string>>({});
	const history = new History();

	const largest = $derived(Math.max(1000, ...data.stock.map(({ width, height }) => Math.max(width, height))));
	/** Px of the largest sheet’s outline. */
	const OUTLINE = 46;

	async function send(method: string, path: string, body: unknown): Promise<boolean> {
		faults = {};
		said = '';
		const asked = await askServer(method, path, body);
		if (asked.ok) return true;
		if (asked.faults.length > 0) faults = Object.fromEntries(asked.faults.map(({ path: at, says }) => [at, says]));
		else said = asked.says;
		return false;
	}

	async function arrive() {
		const width = readLength(line.width, unit);
		const height = isStick ? { ok: true as const, mm: STICK_HEIGHT } : readLength(line.height, unit);
		const wrong: Record<string, string> = {};
		if (!width.ok) wrong.width = width.says;
		if (!height.ok) wrong.height = height.says;
		if (!/^\d+$/.test(line.count.trim())) wrong.count = 'Enter a whole number.';
		if (!width.ok || !height.ok || wrong.count) {
			faults = wrong;
			return;
		}
		const { kind, material, colour, lot, place } = line;
		const sent = { kind, material, colour, lot, place, width: width.mm, height: height.mm, count: Number(line.count) };
		if (!(await send('POST', '/api/stock', sent))) return;
		line = { ...EMPTY, kind, material, colour };
		await invalidateAll();
	}

	async function recount({ id, present }: StockLine) {
		const typed = (counts[id] ?? '').trim();
		if (typed === '' || typed === String(present)) return;
		if (!/^\d+$/.test(typed)) {
			faults = { [`count ${id}`]: 'Enter a whole number.' };
			return;
		}
		if (await send('PUT', `/api/stock/${id}`, { present: Number(typed) })) {
			counts = { ...counts, [id]: '' };
			if (history.opened === id) await history.open(id);
			await invalidateAll();
		} else if (faults.present) faults = { [`count ${id}`]: faults.present };
	}
</script>

<svelte:head><title>Sheets and offcuts · Rare Keep</title></svelte:head>
<div class="screen">
	<Bar here="Stock" />
	<main id="main">
		<StockPlaces here="Sheets and offcuts" />
		<h1>Sheets and offcuts</h1>
		<p class="quiet">What is in the rack. Cutting uses it first; a saved plan reserves it; cut sheets leave offcuts here.</p>
		{#if said}<p class="fault" role="alert">{said}</p>{/if}
		{#if data.stock.length === 0}<p class="empty">No stock recorded yet. Add the sheets in your rack below.</p>
		{:else}
			<table class="table written">
				<thead
					><tr
						><th scope="col">Material</th><th scope="col">Colour</th><th scope="col" class="right">Size, {unit}</th><th
							scope="col">To one scale</th
						><th scope="col" class="right">There</th><th scope="col" class="right">Reserved</th><th scope="col">Where</th><th
							scope="col">Lot</th
						><th scope="col">Counted</th><th scope="col"><span class="seen-by-readers">History</span></th></tr
					></thead
				>
				<tbody>
					{#each data.stock as one (one.id)}
						{@const said = `${lineName(one, shop, unit)} ${lineSize(one, unit)}`}
						<tr>
							<th scope="row"
								>{lineName(one, shop, unit)}{#if one.kind !== 'sheet'}<span class="quiet">, {STOCK_KINDS[one.kind]}</span
									>{/if}</th
							>
							<td data-name="Colour">{one.colour}</td>
							<td class="right figures" data-name="Size, {unit}">{lineSize(one, unit)}</td>
							<td
								><svg
									width={(one.width / largest) * OUTLINE}
									height={Math.max(3, (one.height / largest) * OUTLINE)}
									aria-hidden="true"><rect width="100%" height="100%" class:offcut={one.kind !== 'sheet'} /></svg
								></td
							>
							<td class="right figures" data-name="There">{one.present}</td>
							<td class="right figures" data-name="Reserved">{one.reserved || ''}</td>
							<td data-name="Where">{one.place}</td>
							<td data-name="Lot">{one.lot}</td>
							<td data-name="Counted"
								><input
									class="input figures count"
									aria-label="Counted, {said}"
									placeholder={String(one.present)}
									bind:value={counts[one.id]}
									onchange={() => recount(one)}
								/>{#if faults[`count ${one.id}`]}<span class="fault" role="alert">{faults[`count ${one.id}`]}</span>{/if}</td
							>
							<td
								><button
									type="button"
									class="btn preset-quiet"
									aria-expanded={history.opened === one.id}
									aria-label="History of {said}"
									onclick={() => history.turn(one.id)}>History</button
								>
								{#if one.kind !== 'sheet'}<a class="anchor" href="/stock/labels?of={one.id}" aria-label="Label of {said}">Label</a
									>{/if}</td
							>
						</tr>
						{#if history.opened === one.id}
							<tr class="history"><td colspan="10"><Movements movements={history.movements} dates={data.dates} /></td></tr>
						{/if}
					{/each}
				</tbody>
			</table>
		{/if}
		<form
			onsubmit={(event) => {
				event.preventDefault();
				void arrive();
			}}
		>
			<h2>Add stock</h2>
			<div class="fields">
				<label
					><span>Material</span><select class="select" bind:value={line.material}
						>{#each boards as board (board.id)}<option value={board.id}>{board.name}</option>{/each}</select
					></label
				>
				<label
					><span>Colour</span><select class="select" bind:value={line.colour}
						><option value="">default</option>{#each Object.keys(COLOURS) as colour (colour)}<option value={colour}
								>{colour}</option
							>{/each}</select
					></label
				>
				<label
					><span>What it is</span><select class="select" bind:value={line.kind}
						>{#each Object.entries(STOCK_KINDS) as [kind, says] (kind)}<option value={kind}>{says}</option>{/each}</select
					></label
				>
				{#each FIELDS.filter((key) => !isStick || key !== 'height') as key (key)}
					<div>
						<label
							><span
								>{{
									width: `${isStick ? 'Length' : 'Width'}, ${unit}`,
									height: `Height, ${unit}`,
									count: 'How many',
									place: 'Where',
									lot: 'Lot'
								}[key]}</span
							>
							<input
								class="input"
								class:figures={key !== 'place' && key !== 'lot'}
								bind:value={line[key]}
								aria-invalid={faults[key] ? 'true' : undefined}
								aria-describedby={faults[key] ? `fault-${key}` : undefined}
							/></label
						>
						{#if faults[key]}<span class="fault" id="fault-{key}" role="alert">{faults[key]}</span>{/if}
					</div>
				{/each}
			</div>
			<div class="usual">
				<span class="quiet">Usual:</span>
				{#each sizes as size (size.width)}
					<button
						type="button"
						class="btn preset-quiet figures"
						onclick={() =>
							(line = { ...line, width: showLength(size.width, unit).text, height: showLength(size.height, unit).text })}
						>{showSize(size, unit)}</button
					>
				{/each}
			</div>
			{#if faults.material}<p class="fault" role="alert"><Sign of="stop" /> {faults.material}</p>{/if}
			<button type="submit" class="btn preset-filled-brand">Add</button>
		</form>
		<CountedThings things={data.things} {shop} dates={data.dates} />
	</main>
</div>

<style>
	.screen {
		display: flex;
		flex-direction: column;
		min-height: 100%;
	}
	main {
		max-width: 1240px;
		padding: 26px 24px 60px;
	}
	h1 {
		font-size: 27px;
	}
	h2 {
		font-size: 19px;
		margin-bottom: 8px;
	}
	table {
		margin-top: 12px;
	}
	th {
		font-weight: 400;
		text-align: left;
	}
	td,
	th {
		vertical-align: middle;
	}
	.right {
		text-align: right;
	}
	rect {
		fill: #fbfaf7;
		stroke: #20343f;
		stroke-width: 2;
	}
	rect.offcut {
		stroke-dasharray: 4 2;
	}
	.count {
		width: 76px;
	}
	/* In the hand each is a card: nothing to the side. */
	@media (max-width: 1000px) {
		thead {
			display: none;
		}
		tbody tr {
			display: grid;
			grid-template-columns: repeat(auto-fill, minmax(120px, 1fr));
			gap: 2px 16px;
			padding: 10px 0;
			border-bottom: 1px solid var(--line-strong);
		}
		tbody :is(td, th) {
			display: block;
			padding: 0;
			border: 0;
			text-align: left;
		}
		tbody .right {
			text-align: left;
		}
		tbody th {
			grid-column: 1 / -1;
			font-weight: 600;
		}
		tbody td[data-name]::before {
			content: attr(data-name);
			display: block;
			color: var(--quiet);
			font-size: var(--text-xs);
		}
		tbody td[data-name='Colour']:empty,
		tbody td[data-name='Reserved']:empty,
		tbody td[data-name='Lot']:empty {
			display: none;
		}
		.history td {
			grid-column: 1 / -1;
		}
	}
	form {
		margin-top: 26px;
		padding: 16px 18px;
		background: var(--panel);
		border: 1px solid var(--line);
	}
	.fields {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
		gap: 10px 14px;
	}
	.fields label:first-child {
		grid-column: span 2;
	}
	label > span:first-child {
		display: block;
		font-size: var(--text-sm);
		color: var(--soft);
	}
	.fields :is(.input, .select) {
		width: 100%;
	}
	.usual {
		display: flex;
		flex-wrap: wrap;
		align-items: baseline;
		gap: 4px 16px;
		margin: 8px 0 12px;
	}
	.fault {
		display: block;
		color: var(--stop);
	}
	.empty {
		margin-top: 12px;
	}
</style>
