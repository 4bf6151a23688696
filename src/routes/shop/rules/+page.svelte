<script lang="ts">
	import type { PageProps } from './$types';
	/** House › Rules: every rule by which a plan is judged, from the list that judges it. */
	import { RULES } from '$core/judge/rules.ts';
	import type { Severity, Station } from '$core/rule/rule.ts';
	import { SCHOOLS } from '$core/job/schools.ts';
	import { GRADES } from '$core/shop/grades.ts';
	import { whenOf } from '$core/rule/when.ts';
	import { shopFor } from '$core/shop/shop.ts';
	import { shopFrom } from '$core/shop/written.ts';
	import Bar from '$lib/ui/Bar.svelte';
	import Sign from '$lib/ui/Sign.svelte';
	import HousePlaces from '$lib/house/HousePlaces.svelte';
	import { there } from '$core/units/there.ts';

	const NAMES: Record<Station, string> = {
		intake: 'Intake',
		measure: 'Measure',
		window: 'Window',
		guard: 'Guard',
		hold: 'Hold',
		pack: 'Pack',
		frame: 'Frame',
		cut: 'Cut',
		back: 'Back',
		hang: 'Hang',
		climate: 'Climate'
	};
	const { data }: PageProps = $props();
	/** The figures of the house in the unit that is read. */
	const unit = $derived(data.reads ?? 'mm');
	const shop = $derived(shopFrom(data.shop));
	const whens = $derived(
		new Map(RULES.map((rule) => [rule.id, whenOf(rule, shopFor(shop, unit).house, { unit, fraction: shop.houses.in.fraction })]))
	);
	let find = $state('');
	const words = $derived(find.toLowerCase().split(/\s+/).filter(Boolean));
	const shown = $derived(
		RULES.filter((rule) =>
			words.every((word) =>
				`${rule.id} ${whens.get(rule.id)} ${rule.why} ${rule.fixes ?? ''} ${rule.school ?? ''}`.toLowerCase().includes(word)
			)
		)
	);
	const stations = $derived([...new Set(shown.map((rule) => rule.station))]);
	const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
	const schoolOf = (id: string | undefined) => SCHOOLS.find((school) => school.id === id)?.question ?? id;
</script>

{#snippet sign(severity: Severity | undefined)}
	{#if severity}<span class="sign"><Sign of={severity} size={12} /> {severity}</span>{:else}<span class="quiet">–</span>{/if}
{/snippet}

<svelte:head><title>Rules · Rare Keep</title></svelte:head>
<Bar here="Shop" />
<main id="main">
	<HousePlaces here="Rules" />
	<header>
		<div>
			<h1>Rules</h1>
			<p class="quiet">
				Rules for judging a plan. A <em>stop</em>: must be fixed at this grade. A <em>caution</em>: can be accepted with a reason.
				A
				<em>note</em>: worth knowing.
			</p>
		</div>
		<label>Find <input class="input" type="search" autocomplete="off" bind:value={find} /></label>
	</header>
	<p class="seen-by-readers" role="status">{shown.length} of {RULES.length} rules</p>
	{#each stations as station (station)}
		<section aria-labelledby="at-{station}">
			<h2 id="at-{station}">{NAMES[station]}</h2>
			<table class="table">
				<thead>
					<tr>
						<th scope="col">Rule</th>
						<th scope="col">When, and why</th>
						<th scope="col">Rare</th><th scope="col">Keep</th><th scope="col">Show</th>
						<th scope="col">What fixes it</th>
					</tr>
				</thead>
				<tbody>
					{#each shown.filter((rule) => rule.station === station) as rule (rule.id)}
						<tr id={rule.id}>
							<th scope="row"
								><a class="anchor" href="/handbook/findings#{rule.id}">{rule.id}</a>{#if rule.of === 'fit'}<span class="quiet fit"
										>fit only, not grade</span
									>{/if}</th
							>
							<td>
								<p>{capital(there(whens.get(rule.id), 'value'))}.</p>
								<p class="quiet">{rule.why}</p>
								{#if rule.school}<p class="quiet">
										Practitioners differ: <a class="anchor" href="/handbook/schools#{rule.school}">{schoolOf(rule.school)}</a>.
									</p>{/if}
							</td>
							{#each GRADES as grade (grade)}<td class="at">{@render sign(rule.severity[grade])}</td>{/each}
							<td class="fixes">{rule.fixes ?? 'Check by hand: no setting fixes it.'}</td>
						</tr>
					{/each}
				</tbody>
			</table>
		</section>
	{:else}
		<p>
			No match for “{find}”.
			<button type="button" class="btn btn-sm preset-quiet" onclick={() => (find = '')}>Show all</button>
		</p>
	{/each}
</main>

<style>
	main {
		max-width: 1180px;
		padding: 18px 24px 60px;
	}
	header {
		display: flex;
		justify-content: space-between;
		align-items: end;
		gap: 24px;
	}
	header label {
		flex: 0 0 240px;
	}
	h1 {
		font-size: 27px;
	}
	h2 {
		font-size: 19px;
		margin: 22px 0 2px;
	}
	table {
		width: 100%;
		table-layout: fixed;
	}
	th:first-child {
		width: 178px;
	}
	thead th:nth-child(n + 3):nth-child(-n + 5) {
		width: 84px;
	}
	thead th:last-child {
		width: 216px;
	}
	tbody tr {
		border-bottom: 1px solid var(--line);
		scroll-margin-top: 60px;
	}
	tr:target {
		background: var(--sheet);
	}
	tbody th {
		text-align: left;
		font-weight: 600;
	}
	tbody th,
	td {
		padding: 7px 12px 7px 0;
		vertical-align: top;
	}
	.fit {
		display: block;
		font-weight: 400;
		font-size: var(--text-xs);
	}
	.at {
		white-space: nowrap;
	}
	.sign {
		display: inline-flex;
		gap: 5px;
		align-items: center;
	}
	.fixes {
		font-size: 13.5px;
	}
	@media (max-width: 1023px) {
		main {
			overflow-x: auto;
		}
		table {
			min-width: 900px;
		}
	}
</style>
