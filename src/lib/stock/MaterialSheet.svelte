<script lang="ts">
	/** One material: each figure in its place, with its source. */
	import { figuresOf } from '$core/shop/catalogue.ts';
	import { KINDS, type MaterialKind } from '$core/shop/material-kinds.ts';
	import type { Moulding } from '$core/shop/mouldings.ts';
	import Profile from './Profile.svelte';
	import Sign from '$lib/ui/Sign.svelte';
	import { isOfHandbook, shownFigure, type CatalogueDesk, type Row } from './catalogue.svelte.ts';
	import { GRADE_WORDS } from './words.ts';

	type Props = { desk: CatalogueDesk; kind: MaterialKind; row: Row };
	const { desk, kind, row }: Props = $props();
	const material = $derived(row.material);
	const written = $derived(row.written);
	const columns = $derived(KINDS[kind].columns);
	const figures = $derived(figuresOf(kind, material));

	/** Where a figure comes from while nobody has written it down. */
	function sourceWords(key: string, value: unknown): string {
		if (value === null) return '';
		if (written?.figures[key] !== undefined) return 'your own figure';
		return isOfHandbook(kind, material.id) ? 'handbook value' : 'assumed';
	}

	function unitOf(column: (typeof columns)[number]): string {
		return column.of === 'length' ? 'mm' : column.of === 'number' ? column.unit : '';
	}
</script>

<section class="sheet" aria-label={material.name}>
	<label class="name"
		>Name
		<input
			class="input"
			autocomplete="off"
			maxlength="80"
			value={material.name}
			oninput={(event) => desk.setName(kind, material, event.currentTarget.value)}
		/></label
	>
	{#if KINDS[kind].of === 'mouldings'}
		{@const moulding = material as Moulding}
		<Profile section={moulding} colour={moulding.colour} name={material.name} />
	{/if}
	{#if material.unknown.length > 0}
		<p class="unknown">
			<Sign of="caution" /> Until known, cautious values are used and the piece stays below Rare.
		</p>
	{/if}
	<table class="table">
		<thead><tr><th scope="col">Figure</th><th scope="col">Value</th><th scope="col">Source</th></tr></thead>
		<tbody>
			{#each columns as column (`${material.id} ${column.key}`)}
				{@const place = `${kind} ${material.id} ${column.key}`}
				{@const draft = desk.drafts[place]}
				{@const value = figures[column.key] ?? null}
				<tr>
					<th scope="row"
						>{column.name}{#if unitOf(column)}<span class="quiet">, {unitOf(column)}</span>{/if}</th
					>
					<td>
						{#if column.key === 'hex'}
							<input
								type="color"
								class="input"
								aria-label={column.name}
								value={String(value)}
								onchange={(event) => desk.type(kind, material, column.key, event.currentTarget.value)}
							/>
						{:else if column.of === 'flag' && !column.needed}
							<input
								type="checkbox"
								class="checkbox"
								aria-label={column.name}
								checked={value === true}
								onchange={(event) => desk.type(kind, material, column.key, event.currentTarget.checked)}
							/>
						{:else if column.of === 'choice' || column.of === 'flag'}
							<select
								class="select"
								aria-label={column.name}
								value={value === null ? '' : value === true ? 'yes' : value === false ? 'no' : String(value)}
								onchange={(event) => desk.type(kind, material, column.key, event.currentTarget.value)}
							>
								{#if !column.must}<option value="">{column.needed ? 'not known' : '–'}</option>{/if}
								{#each column.of === 'choice' ? column.options : ['yes', 'no'] as option (option)}<option value={option}
										>{GRADE_WORDS[option] ?? option}</option
									>{/each}
							</select>
						{:else}
							<input
								class="input figures"
								aria-label={column.name}
								aria-invalid={draft ? 'true' : undefined}
								autocomplete="off"
								placeholder={column.needed ? 'not known' : '–'}
								value={draft?.text ?? shownFigure(column, value)}
								onchange={(event) => desk.type(kind, material, column.key, event.currentTarget.value)}
							/>
							{#if draft}<span class="fault" role="status">{draft.says}</span>{/if}
						{/if}
					</td>
					<td>
						<input
							class="input source"
							aria-label="Source of {column.name}"
							autocomplete="off"
							maxlength="120"
							placeholder={sourceWords(column.key, value)}
							value={material.sources[column.key] ?? ''}
							onchange={(event) => desk.setSource(kind, material, column.key, event.currentTarget.value)}
						/>
					</td>
				</tr>
			{/each}
		</tbody>
	</table>
	<div class="presses">
		<button type="button" class="btn btn-sm preset-quiet" onclick={() => desk.withdraw(kind, material, !material.withdrawn)}
			>{material.withdrawn ? 'show in lists again' : 'hide from lists'}</button
		>
		{#if written && isOfHandbook(kind, material.id)}<button
				type="button"
				class="btn btn-sm preset-quiet"
				onclick={() => desk.takeBack(kind, material.id)}>handbook value</button
			>{:else if written}<button type="button" class="btn btn-sm preset-quiet" onclick={() => desk.takeBack(kind, material.id)}
				>remove it</button
			>{/if}
	</div>
</section>

<style>
	.sheet {
		background: var(--panel);
		border-left: 1px solid var(--line-strong);
		position: relative;
		overflow-y: auto;
		padding: 14px 16px 20px;
	}
	thead th {
		text-align: left;
		font-size: var(--text-xs);
		color: var(--quiet);
		font-weight: 600;
		padding: 4px;
		border-bottom: 1px solid var(--line-strong);
		white-space: nowrap;
	}
	thead th:first-child {
		padding-left: 0;
	}
	.name {
		display: grid;
		gap: 3px;
		margin-bottom: 8px;
	}
	tbody th {
		text-align: left;
		font-weight: 400;
		padding: 3px 6px 3px 0;
		font-size: var(--text-sm);
		width: 42%;
	}
	td {
		padding: 2px 4px;
	}
	td:nth-child(2) {
		width: 118px;
	}
	td .checkbox {
		display: block;
	}
	td .input::placeholder {
		color: var(--quiet);
		opacity: 1;
	}
	td .input {
		height: 28px;
	}
	.source {
		--tw-ring-color: transparent;

		background: transparent;
		padding-left: 0;
	}
	.source:is(:hover, :focus) {
		--tw-ring-color: var(--line-strong);

		background: var(--sheet);
		padding-left: 4px;
	}
	.unknown {
		display: flex;
		gap: 8px;
		align-items: center;
		margin-bottom: 6px;
	}
	.fault {
		color: var(--stop);
		font-size: var(--text-sm);
	}
	.presses {
		display: flex;
		gap: 14px;
		margin-top: 10px;
	}
</style>
