<script lang="ts">
	/** The hooks of a wall, from the left corner and the floor; and what is found on it. */
	import { showLength } from '$core/units/show.ts';
	import { WALL_DEFINITIONS } from '$core/wall/findings.ts';
	import Sign from '$lib/ui/Sign.svelte';
	import { hooksCsv } from './hooks-csv.ts';
	import type { WallDesk } from './wall-desk.svelte.ts';

	const { desk }: { desk: WallDesk } = $props();
	const { hooks, findings } = $derived(desk.plan);
	const length = (mm: number): string => showLength(mm, desk.reader, 'mark').text;
	const says = (text: string): string => desk.file.pictures.reduce((said, { id }) => said.replaceAll(id, desk.titleOf(id)), text);

	function save() {
		const url = URL.createObjectURL(new Blob([hooksCsv(desk.plan.hooks, (id) => desk.titleOf(id))], { type: 'text/csv' }));
		const link = document.createElement('a');
		link.href = url;
		link.download = `${desk.name}.csv`;
		link.click();
		URL.revokeObjectURL(url);
	}
</script>

<section class="hooks" aria-label="Hooks and findings">
	<div class="list">
		<h2>
			Hooks, {hooks.length}
			<button type="button" class="btn btn-sm preset-quiet" disabled={hooks.length === 0} onclick={save}>CSV</button>
		</h2>
		{#if hooks.length === 0}<p class="quiet">Listed with the first picture.</p>{:else}
			<!-- It scrolls, by the keys too. -->
			<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
			<div class="scrolls" tabindex="0" role="region" aria-label="Hooks">
				<table class="table">
					<thead
						><tr
							><th scope="col">No.</th><th scope="col">From the left</th><th scope="col">From the floor</th><th scope="col"
								>Picture</th
							></tr
						></thead
					>
					<tbody>
						{#each hooks as hook (hook.n)}<tr
								><th scope="row">{hook.n}</th><td class="figures">{length(hook.x)}</td><td class="figures"
									>{length(hook.height)}</td
								><td>{desk.titleOf(hook.picture)}</td></tr
							>{/each}
					</tbody>
				</table>
			</div>
		{/if}
	</div>
	<div class="found">
		<h2>Found</h2>
		<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
		<div class="scrolls" tabindex="0" role="region" aria-label="Findings">
			{#if findings.length === 0}<p>
					<Sign of="settled" size={13} /> No problems found so far.
				</p>{/if}
			<ul>
				{#each findings as finding, at (at)}<li>
						<Sign of={finding.severity} size={13} />
						<div>
							<p>{says(finding.says)}</p>
							<p class="quiet">{WALL_DEFINITIONS[finding.rule].why}</p>
						</div>
					</li>{/each}
			</ul>
			{#if hooks.length > 0}<p class="caution">
					<strong>Take care.</strong> Check for cables and pipes, above all near switches and outlets; a ladder on level ground,
					two people over {desk.reader.unit === 'mm' ? '8 kg or 1 m' : '18 lb or 3 ft'}. Local codes and a licensed installer
					overrule this list.
				</p>{/if}
		</div>
	</div>
</section>

<style>
	.hooks {
		grid-area: hooks;
		display: grid;
		grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
		gap: 24px;
		padding: 8px 18px 10px;
		background: var(--panel);
		border-top: 1px solid var(--line-strong);
		min-height: 0;
	}
	.list,
	.found {
		display: grid;
		grid-template-rows: auto minmax(0, 1fr);
		min-height: 0;
		min-width: 0;
	}
	.scrolls {
		position: relative;
		overflow: auto;
		min-height: 0;
	}
	h2 {
		font-size: 15px;
		color: var(--soft);
		font-family: var(--sans);
	}
	thead th {
		white-space: nowrap;
	}
	th,
	td {
		padding: 2px 10px 2px 0;
		text-align: left;
	}
	li {
		display: grid;
		grid-template-columns: 22px minmax(0, 1fr);
		padding: 4px 0;
	}
	li :global(svg) {
		margin-top: 4px;
	}
	.found > .scrolls > p :global(svg) {
		display: inline;
	}
	.caution {
		margin-top: 6px;
		padding-left: 8px;
		border-left: 3px solid var(--caution);
		font-size: var(--text-sm);
	}
	@media (max-width: 767px) {
		.hooks {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
