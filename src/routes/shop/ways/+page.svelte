<script lang="ts">
	/** House › Schools: the shop's side of each question on which practitioners differ, with its reason. */
	import type { PageProps } from './$types';
	import { optionName, SCHOOLS, type School } from '$core/job/schools.ts';
	import { BECAUSE_MOST, type OwnSchool } from '$core/shop/own-schools.ts';
	import { nth } from '$core/units/there.ts';
	import HousePlaces from '$lib/house/HousePlaces.svelte';
	import { ShopList } from '$lib/house/shop-list.svelte.ts';
	import Touches from '$lib/house/Touches.svelte';
	import Bar from '$lib/ui/Bar.svelte';

	const { data }: PageProps = $props();
	const NAMES: Record<School['at'], string> = {
		intake: 'Intake',
		guard: 'Guard',
		hold: 'Hold',
		frame: 'Frame',
		bench: 'Bench',
		back: 'Back',
		wall: 'Wall',
		record: 'Record'
	};
	type Side = { option: string; because: string };
	const sidesOf = (own: readonly OwnSchool[]): Record<string, Side> =>
		Object.fromEntries(own.map(({ school, option, because }) => [school, { option, because: because ?? '' }]));
	// The page is loaded with the sides as they stand; from then on they are taken here until they are kept.
	// svelte-ignore state_referenced_locally
	let own = $state(sidesOf(data.schools));
	// svelte-ignore state_referenced_locally
	const list = new ShopList<OwnSchool[]>('/api/shop/schools', 'schools', data.schools, data.rev);
	const written = $derived(
		SCHOOLS.flatMap(({ id }): OwnSchool[] => {
			const side = own[id];
			return side ? [{ school: id, option: side.option, ...(side.because.trim() ? { because: side.because.trim() } : {}) }] : [];
		})
	);
	const isChanged = $derived(JSON.stringify(written) !== JSON.stringify(inOrder(list.kept)));
	const stations = Object.keys(NAMES) as School['at'][];
	const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

	function inOrder(sides: readonly OwnSchool[]): OwnSchool[] {
		return SCHOOLS.flatMap(({ id }) => sides.filter(({ school }) => school === id));
	}
	function take({ id, options }: School, option: string) {
		list.touches = null;
		const because = own[id]?.because ?? '';
		// As it came, without a word: nothing of the shop's own.
		if (option === nth(options, 0) && because.trim() === '') delete own[id];
		else own[id] = { option, because };
	}
	function say(school: School, because: string) {
		own[school.id] = { option: own[school.id]?.option ?? nth(school.options, 0), because };
		if (because.trim() === '') take(school, own[school.id]?.option ?? nth(school.options, 0));
	}
	function takeBack(id: string) {
		list.touches = null;
		delete own[id];
	}
	const keep = () =>
		list.keep(written, 'Saved. Jobs are planned this way from now on.', (before) => {
			own = sidesOf(before);
		});
</script>

<svelte:head><title>Ways of working · Rare Keep</title></svelte:head>
<div class="with-foot">
	<Bar here="Shop" />
	<main id="main">
		<HousePlaces here="Ways of working" />
		<h1>Ways of working</h1>
		<p class="about">
			Where framers differ, choose the shop’s way; a job can differ at its station. The first of each is the safer by conservation
			standards, and the default.
		</p>
		{#each stations as at (at)}
			<section aria-labelledby="at-{at}">
				<h2 id="at-{at}">{NAMES[at]}</h2>
				{#each SCHOOLS.filter((school) => school.at === at) as school (school.id)}
					{@const chosen = own[school.id]?.option ?? nth(school.options, 0)}
					<fieldset id={school.id}>
						<legend>{capital(school.question)}</legend>
						<div class="options">
							{#each school.options as option (option)}
								<label class:chosen={option === chosen}>
									<input
										type="radio"
										class="radio"
										name={school.id}
										checked={option === chosen}
										onchange={() => take(school, option)}
									/>
									<span><strong>{capital(optionName(option))}</strong> {school.because[option]}</span>
								</label>
							{/each}
						</div>
						<div class="own">
							<input
								class="input"
								aria-label="{capital(school.question)}: our reason"
								placeholder="our reason"
								maxlength={BECAUSE_MOST}
								autocomplete="off"
								value={own[school.id]?.because ?? ''}
								onchange={(event) => say(school, event.currentTarget.value)}
							/>
							{#if own[school.id]}<button
									type="button"
									class="btn btn-sm preset-quiet"
									aria-label="{school.question}: default"
									onclick={() => takeBack(school.id)}>default</button
								>{/if}
						</div>
					</fieldset>
				{/each}
			</section>
		{/each}
	</main>
	<Touches {list} {isChanged} isFaulty={false} onlook={() => list.look(written)} onkeep={keep} />
</div>

<style>
	h1 {
		font-size: 27px;
	}
	h2 {
		font-size: 19px;
		margin: 26px 0 2px;
	}
	.about {
		max-width: 640px;
		color: var(--quiet);
	}
	fieldset {
		display: grid;
		grid-template-columns: minmax(0, 190px) minmax(0, 1fr) minmax(0, 260px);
		gap: 4px 24px;
		padding: 10px 0;
		border-bottom: 1px solid var(--line);
		scroll-margin-top: 12px;
	}
	legend {
		float: left;
		width: 190px;
		padding-top: 2px;
		font-weight: 600;
	}
	.options {
		grid-column: 2;
		display: grid;
		gap: 3px;
	}
	label {
		display: flex;
		gap: 10px;
		align-items: baseline;
		color: var(--soft);
	}
	.chosen {
		color: var(--ink);
	}
	.radio {
		flex: none;
		align-self: flex-start;
		margin-top: 3px;
	}
	strong {
		margin-right: 6px;
		font-weight: 600;
	}
	.own {
		display: grid;
		gap: 3px;
		align-content: start;
		justify-items: start;
	}
	@media (max-width: 900px) {
		fieldset {
			grid-template-columns: minmax(0, 1fr);
		}
		legend {
			width: auto;
			float: none;
		}
		.options {
			grid-column: 1;
		}
		.own {
			justify-items: stretch;
		}
	}
</style>
