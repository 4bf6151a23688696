<script lang="ts">
	/** Stock › Materials: the figures by which every job is judged, each with its source, changed in place. */
	import type { PageProps } from './$types';
	import { figuresOf, KINDS, MATERIAL_KINDS, type MaterialKind } from '$core/shop/catalogue.ts';
	import { showMoney } from '$core/units/show.ts';
	import { saveFile } from '$lib/files.ts';
	import { CatalogueDesk, isOfHandbook, shownFigure, wholeCatalogue } from '$lib/stock/catalogue.svelte.ts';
	import { materialsFromCsv, materialsToCsv } from '$lib/stock/materials-csv.ts';
	import Bar from '$lib/ui/Bar.svelte';
	import Sign from '$lib/ui/Sign.svelte';

	const { data }: PageProps = $props();
	// The page is loaded with the list as it stands; from then on it is edited here until it is kept.
	// svelte-ignore state_referenced_locally
	const desk = new CatalogueDesk(data.materials, data.rev);
	let kind = $state<MaterialKind>('board');
	let open = $state('cotton-4');
	let fileFaults = $state<string[]>([]);
	const rows = $derived(desk.rows(kind));
	const row = $derived(rows.find(({ material }) => material.id === open) ?? rows[0]!);
	const columns = $derived(KINDS[kind].columns);
	const figures = $derived(figuresOf(kind, row.material));
	const GRADE_WORDS: Record<string, string> = { rare: 'Rare', keep: 'Keep', show: 'Show', never: 'never' };
	const SHORT: Record<MaterialKind, string[]> = {
		board: ['thickness', 'massPerM2', 'touch', 'backing', 'pricePerM2'],
		glazing: ['thickness', 'uvStoppedPercent', 'lightPassedPercent', 'pricePerM2'],
		barrier: ['thickness', 'permeance', 'pricePerM2'],
		adhesive: ['sheet', 'loadKPa', 'dryMinutes'],
		tape: ['reach', 'pricePerM2'],
		tissue: ['grammage', 'pricePerM2']
	};
	const HEADS: Record<string, string> = {
		thickness: 'mm',
		massPerM2: 'kg/m²',
		touch: 'touches at',
		backing: 'back at',
		pricePerM2: 'price',
		uvStoppedPercent: 'UV %',
		lightPassedPercent: 'light %',
		permeance: 'damp',
		sheet: 'on a sheet',
		loadKPa: 'kPa',
		dryMinutes: 'min',
		reach: 'grade',
		grammage: 'g/m²'
	};

	function shown(material: (typeof row)['material'], key: string): string {
		const value = figuresOf(kind, material)[key] ?? null;
		if (value === null) return material.unknown.includes(key) ? '?' : '–';
		if (key === 'pricePerM2') return showMoney(Number(value));
		return GRADE_WORDS[String(value)] ?? String(value);
	}

	function stateOf(material: (typeof row)['material'], written: object | null): string {
		return material.withdrawn ? 'not offered' : material.own ? 'own' : written ? 'changed' : '';
	}

	function choose(next: MaterialKind) {
		kind = next;
		open = desk.rows(next)[0]!.material.id;
	}

	function unitOf(column: (typeof columns)[number]): string {
		return column.of === 'length' ? 'mm' : column.of === 'number' ? column.unit : '';
	}

	async function importFile(event: Event & { currentTarget: HTMLInputElement }) {
		const [file] = event.currentTarget.files ?? [];
		event.currentTarget.value = '';
		if (!file) return;
		const read = materialsFromCsv(await file.text());
		fileFaults = read.ok ? [] : read.faults.map(({ path, says }) => `${path}: ${says}`);
		if (read.ok) desk.take(read.materials);
	}
</script>

<svelte:head><title>Materials · Rare Keep</title></svelte:head>
<div class="page">
	<Bar here="Stock" />
	<aside aria-label="Kinds of material">
		<h1>Materials</h1>
		<p class="quiet">Working values, until a data sheet says better.</p>
		<ul>
			{#each MATERIAL_KINDS as one (one)}
				<li>
					<button type="button" aria-pressed={kind === one} onclick={() => choose(one)}
						><span>{KINDS[one].name}</span><span class="figures quiet"
							>{desk.rows(one).filter(({ material }) => !material.withdrawn).length}</span
						></button
					>
				</li>
			{/each}
		</ul>
		<div class="files">
			<button
				type="button"
				class="press"
				onclick={() => saveFile('materials.csv', 'text/csv', materialsToCsv(wholeCatalogue(desk)))}>Export as CSV</button
			>
			<label class="press"
				>Import a CSV<input type="file" accept=".csv,text/csv" class="seen-by-readers" onchange={importFile} /></label
			>
			{#if fileFaults.length > 0}
				<div role="alert" class="fault">
					<p>Nothing was taken from the file:</p>
					<ul>
						{#each fileFaults.slice(0, 6) as fault (fault)}<li>{fault}</li>{/each}
					</ul>
					{#if fileFaults.length > 6}<p>and {fileFaults.length - 6} more.</p>{/if}
				</div>
			{/if}
		</div>
	</aside>
	<main id="main">
		<div class="list">
			<table>
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
									>{#if 'thickness' in material}<span class="thick" style:height="{2 + material.thickness * 3}px"
										></span>{/if}{#if material.unknown.length > 0}<Sign
											of="caution"
											size={11}
										/>{/if}{material.name}{#if stateOf(material, written)}<span class="quiet state"
											>{stateOf(material, written)}</span
										>{/if}</button
								></th
							>
							{#each SHORT[kind] as key (key)}<td>{shown(material, key)}</td>{/each}
						</tr>
					{/each}
				</tbody>
			</table>
			<button
				type="button"
				class="press add"
				onclick={() => {
					open = desk.add(kind);
				}}>Add one of your own</button
			>
		</div>
		<section class="sheet" aria-label={row.material.name}>
			<label class="name"
				>Name
				<input
					class="field"
					autocomplete="off"
					maxlength="80"
					value={row.material.name}
					oninput={(event) => desk.setName(kind, row.material, event.currentTarget.value)}
				/></label
			>
			{#if row.material.unknown.length > 0}
				<p class="unknown">
					<Sign of="caution" /> Until they are known, careful values stand in, and the piece is held below Rare.
				</p>
			{/if}
			<table>
				<thead><tr><th scope="col">Figure</th><th scope="col">Value</th><th scope="col">Source</th></tr></thead>
				<tbody>
					{#each columns as column (`${row.material.id} ${column.key}`)}
						{@const place = `${kind} ${row.material.id} ${column.key}`}
						{@const draft = desk.drafts[place]}
						{@const value = figures[column.key] ?? null}
						<tr>
							<th scope="row"
								>{column.name}{#if unitOf(column)}<span class="quiet">, {unitOf(column)}</span>{/if}</th
							>
							<td>
								{#if column.of === 'flag'}
									<input
										type="checkbox"
										class="checkbox"
										aria-label={column.name}
										checked={value === true}
										onchange={(event) => desk.type(kind, row.material, column.key, event.currentTarget.checked)}
									/>
								{:else if column.of === 'choice'}
									<select
										class="field select"
										aria-label={column.name}
										value={value === null ? '' : String(value)}
										onchange={(event) => desk.type(kind, row.material, column.key, event.currentTarget.value)}
									>
										<option value="">{column.needed ? 'not known' : '–'}</option>
										{#each column.options as option (option)}<option value={option}>{GRADE_WORDS[option] ?? option}</option
											>{/each}
									</select>
								{:else}
									<input
										class="field figures"
										class:faulty={draft}
										aria-label={column.name}
										aria-invalid={draft ? 'true' : undefined}
										autocomplete="off"
										placeholder="not known"
										value={draft?.text ?? shownFigure(column, value)}
										onchange={(event) => desk.type(kind, row.material, column.key, event.currentTarget.value)}
									/>
									{#if draft}<span class="fault" role="status">{draft.says}</span>{/if}
								{/if}
							</td>
							<td>
								<input
									class="field source"
									aria-label="Source of {column.name}"
									autocomplete="off"
									maxlength="120"
									placeholder={value === null
										? ''
										: isOfHandbook(kind, row.material.id) && row.written?.figures[column.key] === undefined
											? 'working value'
											: 'your own figure'}
									value={row.material.sources[column.key] ?? ''}
									onchange={(event) => desk.setSource(kind, row.material, column.key, event.currentTarget.value)}
								/>
							</td>
						</tr>
					{/each}
				</tbody>
			</table>
			<div class="presses">
				<button type="button" class="text-press" onclick={() => desk.withdraw(kind, row.material, !row.material.withdrawn)}
					>{row.material.withdrawn ? 'offer it again' : 'offer it no longer'}</button
				>
				{#if row.written && isOfHandbook(kind, row.material.id)}<button
						type="button"
						class="text-press"
						onclick={() => desk.takeBack(kind, row.material.id)}>as the handbook has it</button
					>{:else if row.written}<button type="button" class="text-press" onclick={() => desk.takeBack(kind, row.material.id)}
						>take it out</button
					>{/if}
			</div>
		</section>
	</main>
	<footer aria-live="polite">
		{#if desk.touches}
			<div class="touches">
				<p>
					<strong
						>{desk.touches.jobs.length === 0
							? `None of ${desk.touches.looked} jobs uses it.`
							: `${desk.touches.jobs.length} of ${desk.touches.looked} jobs ${desk.touches.jobs.length === 1 ? 'uses' : 'use'} what was changed:`}</strong
					>
				</p>
				<ul>
					{#each desk.touches.jobs as job (job.number)}
						<li>
							<a class="plain-link" href="/jobs/{job.number}?at=guard">{job.number}</a>
							{job.title}: {job.changes.length === 0 ? 'nothing comes out otherwise' : job.changes.join('; ')}
						</li>
					{/each}
				</ul>
			</div>
		{/if}
		<div class="bar">
			{#if desk.refused}<p class="fault" role="alert">{desk.refused}</p>{/if}
			{#if desk.said && !desk.changed}<p role="status">{desk.said}</p>{/if}
			{#if desk.changed && !desk.touches}<p class="quiet">Changed here, not kept yet.</p>{/if}
			{#if desk.changed}
				{#if desk.touches}<button
						type="button"
						class="press strong"
						disabled={desk.busy || desk.faulty}
						onclick={() => desk.keep()}>Keep the change</button
					>{:else}<button type="button" class="press strong" disabled={desk.busy || desk.faulty} onclick={() => desk.look()}
						>See which jobs it touches</button
					>{/if}
			{/if}
		</div>
	</footer>
</div>

<style>
	.page {
		display: grid;
		grid-template: 46px minmax(0, 1fr) auto / 216px minmax(0, 1fr);
		height: 100dvh;
	}
	.page > :global(.bar) {
		grid-column: 1 / -1;
	}
	aside {
		background: var(--strip);
		padding: 16px 14px;
		grid-row: 2 / 4;
		overflow-y: auto;
	}
	aside .quiet {
		color: #3d454a;
	}
	h1 {
		font-size: 23px;
	}
	aside ul {
		margin: 12px -14px;
	}
	aside li button {
		display: flex;
		justify-content: space-between;
		width: 100%;
		padding: 7px 14px;
		cursor: pointer;
		border-left: 4px solid transparent;
	}
	aside li button[aria-pressed='true'] {
		background: var(--panel);
		border-left-color: var(--bar);
		font-weight: 600;
	}
	.files {
		display: grid;
		gap: 8px;
		justify-items: start;
	}
	.files .fault ul {
		margin: 4px 0;
	}
	label.press {
		cursor: pointer;
	}
	label.press:focus-within {
		outline: 2px solid var(--accent);
		outline-offset: 2px;
	}
	main {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 452px;
		min-height: 0;
	}
	.list {
		overflow-y: auto;
		padding: 14px 16px;
	}
	.sheet {
		background: var(--panel);
		border-left: 1px solid var(--line-strong);
		overflow-y: auto;
		padding: 14px 16px 20px;
	}
	table {
		width: 100%;
		border-collapse: collapse;
	}
	thead th {
		text-align: left;
		font-size: 12.5px;
		color: var(--quiet);
		font-weight: 600;
		padding: 4px 6px;
		border-bottom: 1px solid var(--line-strong);
		white-space: nowrap;
	}
	.list thead th:not(:first-child),
	.list td {
		text-align: right;
	}
	tbody tr {
		border-bottom: 1px solid var(--line);
	}
	tbody th {
		text-align: left;
		font-weight: 400;
	}
	td {
		padding: 0 6px;
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
		background: #fff;
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
		font-style: italic;
	}
	.add {
		margin-top: 12px;
	}
	.name {
		display: grid;
		gap: 3px;
		margin-bottom: 8px;
	}
	.sheet tbody th {
		padding: 3px 6px 3px 0;
		font-size: 13px;
		width: 42%;
	}
	.sheet td {
		padding: 2px 4px;
		white-space: normal;
	}
	.sheet td:nth-child(2) {
		width: 118px;
	}
	.sheet td .checkbox {
		display: block;
	}
	.sheet td .field::placeholder {
		color: var(--quiet);
		opacity: 1;
	}
	.sheet td .field {
		height: 28px;
	}
	/* Written in place: a figure is a word in a line until it is changed. */
	.source {
		background: transparent;
		border-color: transparent;
		padding-left: 4px;
	}
	.source:hover,
	.source:focus {
		background: #fff;
		border-color: var(--line-strong);
	}
	.unknown {
		display: flex;
		gap: 8px;
		align-items: center;
		margin-bottom: 6px;
	}
	.faulty {
		border: 2px solid var(--stop);
	}
	.fault {
		color: var(--stop);
		font-size: 13px;
	}
	.presses {
		display: flex;
		gap: 14px;
		margin-top: 10px;
	}
	footer:not(:has(p)) {
		display: none;
	}
	footer {
		grid-column: 2;
		background: #fff;
		border-top: 1px solid var(--line-strong);
		max-height: 38vh;
		overflow-y: auto;
	}
	.touches {
		padding: 10px 16px 0;
	}
	.touches li {
		padding: 2px 0;
	}
	footer .bar {
		display: flex;
		align-items: center;
		justify-content: flex-end;
		gap: 14px;
		padding: 8px 16px;
	}
	footer .bar:empty {
		display: none;
	}
	.text-press {
		color: var(--accent);
		font-weight: 600;
		cursor: pointer;
		min-height: 28px;
	}
	@media (max-width: 1023px) {
		.page {
			grid-template: auto / minmax(0, 1fr);
			height: auto;
		}
		aside,
		footer {
			grid-row: auto;
			grid-column: 1;
		}
		main {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
