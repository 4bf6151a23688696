<script lang="ts">
	/** Stock › Shelf: ready frames and sticks that the shop has, each drawn to one scale, changed in place, kept by itself. */
	import type { PageProps } from './$types';
	import { colourOf, COLOURS } from '$core/shop/colours.ts';
	import { onMount } from 'svelte';
	import { beforeNavigate, invalidateAll } from '$app/navigation';
	import { isMetal, mouldingName } from '$core/shop/mouldings.ts';
	import { NOT_KNOWN } from '$core/job/kinds.ts';
	import type { ShelfKind } from '$core/shop/shelf.ts';
	import { shopFrom } from '$core/shop/written.ts';
	import { showLength, showSize } from '$core/units/show.ts';
	import { hearStock } from '$lib/stock/hear-stock.ts';
	import { History } from '$lib/stock/history.svelte.ts';
	import Movements from '$lib/stock/Movements.svelte';
	import { rowsOf, ShelfDesk, type ShelfRow } from '$lib/stock/shelf.svelte.ts';
	import StockPlaces from '$lib/stock/StockPlaces.svelte';
	import Bar from '$lib/ui/Bar.svelte';
	import { nth } from '$core/units/there.ts';

	const { data }: PageProps = $props();
	type Column = { key: string; name: string; wide?: true };
	const PRICE: Column = { key: 'price', name: 'Price' };
	const FRAME: Column[] = [
		{ key: 'name', name: 'Name', wide: true },
		{ key: 'place', name: 'Where' },
		{ key: 'count', name: 'How many' },
		{ key: 'width', name: 'Rabbet width' },
		{ key: 'height', name: 'Rabbet height' },
		{ key: 'rabbetDepth', name: 'Rabbet depth' },
		{ key: 'face', name: 'Face' },
		{ key: 'lip', name: 'Lip' },
		{ key: 'depth', name: 'Depth' },
		{ key: 'colour', name: 'Colour' },
		PRICE
	];
	const STICK: Column[] = [
		{ key: 'name', name: 'Name', wide: true },
		{ key: 'place', name: 'Where' },
		{ key: 'count', name: 'How many' },
		{ key: 'moulding', name: 'Moulding' },
		{ key: 'length', name: 'Length' }
	];
	const MAT: Column[] = [
		{ key: 'name', name: 'Name', wide: true },
		{ key: 'place', name: 'Where' },
		{ key: 'count', name: 'How many' },
		{ key: 'width', name: 'Outer width' },
		{ key: 'height', name: 'Outer height' },
		{ key: 'openingWidth', name: 'Opening width' },
		{ key: 'openingHeight', name: 'Opening height' },
		{ key: 'board', name: 'Board' },
		{ key: 'colour', name: 'Colour' },
		PRICE
	];
	/** A new line of each kind, to be filled. */
	const blank = (kind: ShelfKind): ShelfRow => ({
		kind,
		...Object.fromEntries(COLUMNS[kind].map(({ key }) => [key, key === 'count' ? '1' : ''])),
		...{ frame: { colour: 'ash' }, stick: { moulding: nth(woods, 0).id }, mat: { colour: 'white', board: NOT_KNOWN } }[kind]
	});
	const COLUMNS: Record<ShelfKind, Column[]> = { frame: FRAME, stick: STICK, mat: MAT };
	const shop = $derived(shopFrom(data.shop));
	const boards = $derived(Object.values(shop.boards).filter(({ forMats, withdrawn }) => forMats && !withdrawn));
	const woods = $derived(Object.values(shop.mouldings).filter((moulding) => !isMetal(moulding) && !moulding.withdrawn));
	// The page is loaded with the list as it stands; from then on it is written here.
	// svelte-ignore state_referenced_locally
	const desk = new ShelfDesk(rowsOf(data.shelf), data.rev, data.dates);
	/** Columns that are chosen from a list. */
	const CHOSEN = ['moulding', 'colour', 'board'];
	/** What says nothing of a line by itself. */
	const GIVEN = [...CHOSEN, 'count'];
	const heldOf = (name = '') => data.held.filter((one) => one.name === name.trim());
	const lineOf = (name = '') => data.lines.find((one) => one.name === name.trim());
	const history = new History();

	/** What jobs take from here shows at once. */
	async function heard() {
		await invalidateAll();
		desk.standsAs(data.shelf, data.rev);
		if (history.opened !== null) await history.open(history.opened);
	}
	/** Pixels a millimetre of the outlines. */
	const SCALE = 0.05;
	const said = $derived(
		[
			desk.state,
			desk.waiting > 0 ? `${desk.waiting === 1 ? 'one line waiting' : `${desk.waiting} lines waiting`} for what is missing` : ''
		]
			.filter(Boolean)
			.join('; ')
	);

	function add(kind: ShelfKind) {
		desk.add(blank(kind));
		requestAnimationFrame(() => document.querySelector<HTMLInputElement>(`[data-row="${desk.rows.length - 1}"] input`)?.focus());
	}

	function onkeydown(event: KeyboardEvent) {
		const { key, ctrlKey, metaKey, shiftKey, target } = event;
		if (!(ctrlKey || metaKey) || key.toLowerCase() !== 'z') return;
		// In a field it is the field's own.
		if (target instanceof HTMLInputElement) return;
		event.preventDefault();
		void (shiftKey ? desk.redo() : desk.undo());
	}

	beforeNavigate(() => desk.putBy());
	onMount(() => {
		desk.takeUp();
		return hearStock(() => void heard());
	});
</script>

{#snippet table(kind: ShelfKind, columns: Column[])}
	<table class="table written">
		<thead
			><tr
				>{#each columns as column (column.key)}<th scope="col" class:wide={column.wide}>{column.name}</th>{/each}<th scope="col"
					>To one scale</th
				><th scope="col"><span class="seen-by-readers">Remove</span></th></tr
			></thead
		>
		<tbody>
			{#each desk.rows as row, index (row)}
				{#if row.kind === kind}
					{@const item = desk.item(index)}
					{@const line = lineOf(row.name)}
					{@const empty = columns.every(({ key }) => GIVEN.includes(key) || !row[key])}
					<tr data-row={index}>
						{#each columns as { key, name } (key)}
							{@const fault = desk.faults[`shelf[${index}].${key}`]}
							<td data-name={name}>
								{#if CHOSEN.includes(key)}
									<select
										class="select"
										aria-label="{name} of {row.name || 'the new one'}"
										bind:value={row[key]}
										onchange={() => desk.keepNow()}
									>
										{#if key === 'moulding'}{#each woods as wood (wood.id)}<option value={wood.id}
													>{mouldingName(wood, data.reads ?? 'mm')}</option
												>{/each}
										{:else if key === 'board'}<option value={NOT_KNOWN}>not known</option
											>{#each boards as board (board.id)}<option value={board.id}>{board.name}</option>{/each}
										{:else}{#each Object.keys(COLOURS) as colour (colour)}<option value={colour}>{colour}</option>{/each}{/if}
									</select>
								{:else}
									<input
										class="input"
										class:figures={key !== 'name' && key !== 'place'}
										aria-label="{name} of {row.name || 'the new one'}"
										aria-invalid={fault && !empty ? 'true' : undefined}
										autocomplete="off"
										bind:value={row[key]}
										oninput={() => desk.touched()}
										onblur={() => desk.keepNow()}
									/>
								{/if}
								{#if fault && !empty}<span class="fault">{fault}</span>{/if}
								{#if key === 'count'}{#each heldOf(row.name) as { job, count } (job)}<a class="held anchor" href="/jobs/{job}"
											>{count > 1 ? `${count} for` : 'for'} {job}</a
										>{/each}{/if}
							</td>
						{/each}
						<td class="drawn">
							{#if item?.kind === 'frame'}
								{@const face = item.section.face}
								{@const beyond = 2 * (face - item.section.lip)}
								{@const [w, h] = [item.width + beyond, item.height + beyond]}
								<svg width={w * SCALE} height={h * SCALE} viewBox="0 0 {w} {h}" role="img" aria-label={showSize(item, 'mm')}
									><path
										d="M0 0H{w}V{h}H0Z M{face} {face}V{h - face}H{w - face}V{face}Z"
										fill={colourOf(item.colour)}
										stroke="#4c3b27"
										stroke-width="6"
									/></svg
								>
							{:else if item?.kind === 'mat'}
								{@const [w, h] = [item.width, item.height]}
								{@const [x, y] = [(w - item.openingWidth) / 2, (h - item.openingHeight) / 2]}
								<svg width={w * SCALE} height={h * SCALE} viewBox="0 0 {w} {h}" role="img" aria-label={showSize(item, 'mm')}
									><path
										d="M0 0H{w}V{h}H0Z M{x} {y}V{h - y}H{w - x}V{y}Z"
										fill={colourOf(item.colour)}
										stroke="#4c3b27"
										stroke-width="6"
									/></svg
								>
							{:else if item?.kind === 'stick'}
								{@const wood = woods.find(({ id }) => id === item.moulding)}
								<svg
									width={item.length * SCALE}
									height={Math.max(2, (wood?.face ?? 20) * SCALE * 3)}
									role="img"
									aria-label="{showLength(item.length, 'mm').text} mm"
									><rect width="100%" height="100%" fill={colourOf(wood?.colour ?? 'ash')} stroke="#4c3b27" /></svg
								>
							{/if}
						</td>
						<td class="deeds"
							><button
								type="button"
								class="btn btn-sm preset-quiet"
								aria-label="remove {row.name || 'the new one'}"
								onclick={() => desk.remove(index)}>remove</button
							>
							{#if line}<button
									type="button"
									class="btn btn-sm preset-quiet"
									aria-expanded={history.opened === line.id}
									aria-label="history of {row.name}"
									onclick={() => history.turn(line.id)}>history</button
								>{/if}</td
						>
					</tr>
					{#if line && history.opened === line.id}<tr class="history"
							><td colspan={columns.length + 2}><Movements movements={history.movements} dates={data.dates} /></td></tr
						>{/if}
				{/if}
			{/each}
		</tbody>
	</table>
{/snippet}

<svelte:window {onkeydown} />
<svelte:head><title>Shelf · Rare Keep</title></svelte:head>
<Bar here="Stock" />
<main id="main">
	<StockPlaces here="Shelf" />
	<header>
		<div>
			<h1>Shelf</h1>
			<p class="about">
				Frames, mats and sticks in the shop. Each job can check what fits; what it uses is held for it and leaves stock on handing
				over. Enter lengths as measured; a bare number is millimetres.
			</p>
		</div>
		<div class="state">
			<p class="quiet" role="status">{said}</p>
			<button type="button" class="btn btn-sm preset-quiet" disabled={!desk.canUndo} onclick={() => desk.undo()}>undo</button>
			<button type="button" class="btn btn-sm preset-quiet" disabled={!desk.canRedo} onclick={() => desk.redo()}>redo</button>
		</div>
	</header>
	{#if desk.list.refused}<p class="fault" role="alert">{desk.list.refused}</p>{/if}
	<section aria-labelledby="frames">
		<h2 id="frames">Ready frames</h2>
		{#if desk.rows.some(({ kind }) => kind === 'frame')}{@render table('frame', FRAME)}{:else}<p class="quiet">
				No frames yet. Measure a rabbet’s width, height and depth, and enter it.
			</p>{/if}
		<button type="button" class="btn preset-outlined-brand" onclick={() => add('frame')}>Add a frame</button>
	</section>
	<section aria-labelledby="mats">
		<h2 id="mats">Mats, bought or cut</h2>
		{#if desk.rows.some(({ kind }) => kind === 'mat')}{@render table('mat', MAT)}{:else}<p class="quiet">
				No mats yet. Measure an opening and its outer size, and enter it.
			</p>{/if}
		<button type="button" class="btn preset-outlined-brand" onclick={() => add('mat')}>Add a mat</button>
	</section>
	<section aria-labelledby="sticks">
		<h2 id="sticks">Sticks and their offcuts</h2>
		{#if desk.rows.some(({ kind }) => kind === 'stick')}{@render table('stick', STICK)}{:else}<p class="quiet">
				No sticks yet. Offcuts longer than a short rail are worth recording.
			</p>{/if}
		<button type="button" class="btn preset-outlined-brand" onclick={() => add('stick')}>Add a stick</button>
	</section>
</main>

<style>
	main {
		max-width: 1240px;
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
	th.wide {
		width: 18%;
	}
	/* Where it is kept is read whole. */
	th:nth-child(2) {
		width: 9%;
	}
	.deeds button {
		display: block;
		height: auto;
		min-height: var(--word);
		padding-block: 2px;
	}
	.held {
		display: block;
		font-size: var(--text-xs);
		white-space: nowrap;
	}
	td .input {
		text-overflow: ellipsis;
	}
	td .select {
		min-width: 92px;
		padding-block: 0;
		line-height: var(--control);
	}
	.drawn {
		vertical-align: middle;
	}
	/* In the hand each is a card: every word and figure whole, nothing to the side. */
	@media (max-width: 1000px) {
		thead {
			display: none;
		}
		tbody tr {
			display: grid;
			grid-template-columns: repeat(auto-fill, minmax(140px, 1fr));
			gap: 2px 16px;
			padding: 10px 0;
			border-bottom: 1px solid var(--line-strong);
		}
		tbody td {
			display: block;
			padding: 0;
			border: 0;
		}
		tbody td:first-child {
			grid-column: 1 / -1;
			font-weight: 600;
		}
		tbody td[data-name]::before {
			content: attr(data-name);
			display: block;
			color: var(--quiet);
			font-size: var(--text-xs);
			font-weight: 400;
		}
		td .select {
			width: 100%;
		}
		.deeds {
			display: flex;
			align-items: center;
			gap: 20px;
		}
		.history td {
			grid-column: 1 / -1;
		}
	}
	.fault {
		color: var(--stop);
		font-size: var(--text-sm);
	}
	header,
	.state {
		display: flex;
		justify-content: space-between;
		align-items: start;
		gap: 14px;
	}
	.state {
		flex: none;
		align-items: center;
	}
</style>
