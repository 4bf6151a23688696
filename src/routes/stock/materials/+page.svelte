<script lang="ts">
	/** Stock › Materials: the figures by which every job is judged, each with its source, changed in place. */
	import { Listbox, useListCollection } from '@skeletonlabs/skeleton-svelte';
	import { page } from '$app/state';
	import type { PageProps } from './$types';
	import { figuresOf } from '$core/shop/catalogue.ts';
	import { KINDS, MATERIAL_KINDS, type MaterialKind } from '$core/shop/material-kinds.ts';
	import { showMoney } from '$core/units/show.ts';
	import { saveFile } from '$lib/files.ts';
	import { CatalogueDesk, wholeCatalogue } from '$lib/stock/catalogue.svelte.ts';
	import { materialsFromCsv, materialsToCsv } from '$lib/stock/materials-csv.ts';
	import MaterialSheet from '$lib/stock/MaterialSheet.svelte';
	import StockPlaces from '$lib/stock/StockPlaces.svelte';
	import Touches from '$lib/house/Touches.svelte';
	import { GRADE_WORDS } from '$lib/stock/words.ts';
	import Bar from '$lib/ui/Bar.svelte';
	import FileField from '$lib/ui/FileField.svelte';
	import Sign from '$lib/ui/Sign.svelte';
	import { nth } from '$core/units/there.ts';

	const { data }: PageProps = $props();
	// The page is loaded with the list as it stands; from then on it is edited here until it is kept.
	// svelte-ignore state_referenced_locally
	const desk = new CatalogueDesk(data.materials, data.rev);
	// An address names the one that is open.
	const named = $derived(page.url.searchParams);
	const kindNamed = $derived(MATERIAL_KINDS.find((one) => one === named.get('kind')) ?? 'board');
	let kind = $derived<MaterialKind>(kindNamed);
	let open = $derived(named.get('open') ?? 'cotton-4');
	let fileFaults = $state<string[]>([]);
	const rows = $derived(desk.rows(kind));
	const row = $derived(rows.find(({ material }) => material.id === open) ?? nth(rows, 0));
	const SHORT: Record<MaterialKind, string[]> = {
		board: ['thickness', 'massPerM2', 'touch', 'backing', 'pricePerM2'],
		glazing: ['thickness', 'uvStoppedPercent', 'lightPassedPercent', 'pricePerM2'],
		barrier: ['thickness', 'permeance', 'pricePerM2'],
		adhesive: ['sheet', 'loadKPa', 'dryMinutes'],
		tape: ['reach', 'pricePerM2'],
		tissue: ['grammage', 'pricePerM2'],
		moulding: ['finish', 'face', 'lip', 'rabbetDepth', 'pricePerM2'],
		metal: ['finish', 'face', 'rabbetDepth', 'pricePerM2'],
		'tape-width': ['width', 'cutIn', 'pricePerM2'],
		ring: ['holes', 'plate', 'workingKg', 'pricePerM2'],
		wire: ['breakingKg', 'pricePerM2'],
		cord: ['breakingKg', 'pricePerM2'],
		hook: ['ratedKg', 'pricePerM2'],
		medium: ['fade'],
		colour: ['code', 'hex']
	};
	const HEADS: Record<string, string> = {
		thickness: 'mm',
		massPerM2: 'kg/m²',
		touch: 'touch grade',
		backing: 'backing grade',
		pricePerM2: 'price',
		uvStoppedPercent: 'UV %',
		lightPassedPercent: 'light %',
		permeance: 'moisture',
		sheet: 'on a sheet',
		loadKPa: 'kPa',
		dryMinutes: 'min',
		reach: 'grade',
		grammage: 'g/m²',
		finish: 'finish',
		face: 'face',
		lip: 'lip',
		rabbetDepth: 'rabbet',
		width: 'mm',
		cutIn: 'cut in',
		holes: 'holes',
		plate: 'plate',
		workingKg: 'carries, kg',
		breakingKg: 'breaks, kg',
		ratedKg: 'rated, kg',
		fade: 'light class',
		code: 'code',
		hex: 'appearance'
	};

	function shown(material: (typeof row)['material'], key: string): string {
		const value = figuresOf(kind, material)[key] ?? null;
		if (value === null) return material.unknown.includes(key) ? '?' : '–';
		if (key === 'pricePerM2') return showMoney(Number(value), data.currency);
		return GRADE_WORDS[String(value)] ?? String(value);
	}

	function stateOf(material: (typeof row)['material'], written: object | null): string {
		return material.withdrawn ? 'hidden' : material.own ? 'own' : written ? 'changed' : '';
	}

	const collection = useListCollection({
		items: MATERIAL_KINDS.map((value) => ({ value, label: KINDS[value].name }))
	});

	function choose(next: MaterialKind) {
		kind = next;
		open = nth(desk.rows(next), 0).material.id;
	}

	async function importFile(file: File) {
		const read = materialsFromCsv(await file.text());
		fileFaults = read.ok ? [] : read.faults.map(({ path, says }) => `${path}: ${says}`);
		if (read.ok) desk.take(read.materials);
	}
</script>

<svelte:head><title>Materials · Rare Keep</title></svelte:head>
<div class="page fixed-panes">
	<Bar here="Stock" />
	<aside aria-label="Kinds of material">
		<StockPlaces here="Materials" />
		<h1>Materials</h1>
		<p class="quiet">Handbook values, until a data sheet replaces them.</p>
		<Listbox
			class="kinds"
			{collection}
			value={[kind]}
			selectionMode="single"
			disallowSelectAll
			onValueChange={({ value }) => value[0] && choose(value[0] as MaterialKind)}
		>
			<Listbox.Label class="seen-by-readers">Kinds of material</Listbox.Label>
			<Listbox.Content>
				{#each collection.items as item (item.value)}
					<Listbox.Item {item}>
						<Listbox.ItemText class="whole">{item.label}</Listbox.ItemText>
						<span class="figures quiet">{desk.rows(item.value).filter(({ material }) => !material.withdrawn).length}</span>
					</Listbox.Item>
				{/each}
			</Listbox.Content>
		</Listbox>
		<div class="files">
			<button
				type="button"
				class="btn preset-outlined-brand"
				onclick={() => saveFile('materials.csv', 'text/csv', materialsToCsv(wholeCatalogue(desk)))}>Export as CSV</button
			>
			<FileField label="Import a CSV" accept={{ 'text/csv': ['.csv'] }} onfile={importFile} />
			{#if fileFaults.length > 0}
				<div role="alert" class="fault">
					<p>Nothing was imported from the file:</p>
					<ul>
						{#each fileFaults.slice(0, 6) as fault, index (index)}<li>{fault}</li>{/each}
					</ul>
					{#if fileFaults.length > 6}<p>and {fileFaults.length - 6} more.</p>{/if}
				</div>
			{/if}
		</div>
	</aside>
	<main id="main">
		<div class="list">
			<table class="table">
				<thead>
					<tr
						><th scope="col">{KINDS[kind].name}</th>{#each SHORT[kind] as key (key)}<th scope="col">{HEADS[key]}</th>{/each}</tr
					>
				</thead>
				<tbody>
					{#each rows as { material, written } (material.id)}
						<tr class:open={material.id === row.material.id} class:withdrawn={material.withdrawn}>
							<th scope="row"
								><button type="button" aria-pressed={material.id === row.material.id} onclick={() => (open = material.id)}
									>{#if 'thickness' in material && typeof material.thickness === 'number'}<span
											class="thick"
											style:height="{2 + material.thickness * 3}px"
										></span>{/if}{#if material.unknown.length > 0}<Sign
											of="caution"
											size={11}
										/>{/if}{material.name}{#if stateOf(material, written)}<span class="chip preset-outlined state"
											>{stateOf(material, written)}</span
										>{/if}</button
								></th
							>
							{#each SHORT[kind] as key (key)}<td
									>{#if key === 'hex'}<span class="swatch" style:background={shown(material, key)}></span>{/if}{shown(
										material,
										key
									)}</td
								>{/each}
						</tr>
					{/each}
				</tbody>
			</table>
			<button
				type="button"
				class="btn preset-outlined-brand add"
				onclick={() => {
					open = desk.add(kind, row.material);
				}}>Add one of your own</button
			>
		</div>
		<MaterialSheet {desk} {kind} {row} />
	</main>
	<div class="foot">
		<Touches
			list={desk.kept}
			isChanged={desk.changed}
			isFaulty={desk.faulty}
			onlook={() => desk.look()}
			onkeep={() => desk.keep()}
		/>
	</div>
</div>

<style>
	.swatch {
		display: inline-block;
		width: 30px;
		height: 14px;
		margin-right: 8px;
		vertical-align: -2px;
		border: 1px solid var(--line-strong);
	}
	.page {
		display: grid;
		grid-template: 46px minmax(0, 1fr) auto / 216px minmax(0, 1fr);
	}
	.foot {
		grid-column: 2;
	}
	.page > :global(.bar) {
		grid-column: 1 / -1;
	}
	aside {
		background: var(--strip);
		padding: 16px 14px;
		grid-row: 2 / 4;
		position: relative;
		overflow-y: auto;
	}
	aside .quiet {
		color: var(--soft);
	}
	h1 {
		font-size: 23px;
	}
	aside :global(.kinds) {
		width: auto;
		margin: 12px -14px;
	}
	aside :global(.kinds [data-part='item']) {
		padding: 7px 14px 7px 18px;
	}
	aside :global(.kinds [data-part='item'][data-selected]) {
		background: var(--panel);
		box-shadow: inset 4px 0 0 var(--chosen);
	}
	.files {
		display: grid;
		gap: 8px;
		justify-items: start;
	}
	.files .fault ul {
		margin: 4px 0;
	}
	main {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 452px;
		min-height: 0;
	}
	.list {
		position: relative;
		overflow-y: auto;
		padding: 14px 16px;
	}
	.list thead th {
		white-space: nowrap;
	}
	.list thead th:not(:first-child),
	.list td {
		text-align: right;
	}
	td {
		padding: 0 6px;
		vertical-align: middle;
		white-space: nowrap;
	}
	.list tbody th button {
		width: 100%;
		min-height: 30px;
		padding: 3px 6px;
		text-align: left;
		cursor: pointer;
	}
	.list th :global(svg) {
		display: inline;
		margin-right: 6px;
	}
	tr.open {
		background: var(--sheet);
		box-shadow: inset 3px 0 0 var(--accent);
	}
	tr.open button {
		font-weight: 600;
	}
	tr.withdrawn {
		color: var(--quiet);
	}
	.thick {
		display: inline-block;
		width: 22px;
		margin-right: 8px;
		vertical-align: middle;
		background: #f4f2ec;
		border: 1px solid #4c3b27;
	}
	.state {
		margin-left: 8px;
		font-weight: 400;
	}
	.add {
		margin-top: 12px;
	}
	.fault {
		color: var(--stop);
		font-size: var(--text-sm);
	}
	@media (max-width: 1023px) {
		.page {
			grid-template: auto / minmax(0, 1fr);
			height: auto;
		}
		aside,
		.foot {
			grid-row: auto;
			grid-column: 1;
		}
		main {
			grid-template-columns: minmax(0, 1fr);
		}
		aside {
			padding-bottom: 0;
		}
		.list {
			padding-inline: 8px;
		}
		td {
			padding-inline: 4px;
		}
		aside :global(.kinds [data-part='content']) {
			flex-direction: row;
			overflow-x: auto;
		}
		aside :global(.kinds [data-part='item']) {
			flex: none;
			gap: 10px;
			padding-inline: 14px;
		}
		aside :global(.kinds [data-part='item'][data-selected]) {
			box-shadow: inset 0 -4px 0 var(--chosen);
		}
		aside :global(.whole) {
			white-space: nowrap;
		}
		.files {
			grid-template-columns: auto auto 1fr;
			margin-bottom: 12px;
		}
	}
</style>
