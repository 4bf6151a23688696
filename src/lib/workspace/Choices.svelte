<script lang="ts">
	/** Every choice for one place of the package, with what it would do to this very piece. Unfit ones stay choosable, with their finding. */
	import { choicesFor, type ChoiceOutcome } from '$core/advice/guard-choices.ts';
	import type { SlotName } from '$core/advice/slots.ts';
	import { ROOMS } from '$core/shop/places.ts';
	import { GRADE_NAMES } from '$core/shop/grades.ts';
	import { showLength, showMass, showMoney, showNumber } from '$core/units/show.ts';
	import Sign from '$lib/ui/Sign.svelte';
	import { lowered } from '$lib/ui/words.ts';
	import { useWorkspace } from './context.ts';
	import { sayYears } from '$core/units/spans.ts';
	import { known, there } from '$core/units/there.ts';

	const { editor } = useWorkspace();
	const NAMES: Record<SlotName, string> = {
		glazing: 'Glazing',
		spacer: 'Spacer',
		mat: 'Mat',
		support: 'Support',
		'under-mat': 'Back mat',
		filler: 'Filler',
		barrier: 'Barrier',
		backing: 'Backing board',
		'edge-seal': 'Edge seal',
		adhesive: 'Adhesive',
		join: 'Join'
	};
	const RANK = { note: 1, caution: 2, stop: 3 };

	const now = $derived(editor.settled);
	const slot = $derived(editor.slot);
	const several = $derived(slot.name === 'mat' ? now.job.mats.length > 1 : slot.name === 'filler');
	const name = $derived(several ? `${NAMES[slot.name]} ${(slot.index ?? 0) + 1}` : NAMES[slot.name]);
	// What is sound comes first; what is chosen stays where it belongs.
	const choices = $derived.by(() => {
		const all = choicesFor(editor.file, now, editor.shopIn(now.job.cutIn), slot);
		if (editor.blind) return all.map((choice) => ({ ...choice, severity: null, says: null, reached: null }));
		return all.sort((one, other) => rankOf(one) - rankOf(other));
	});
	const { place } = $derived(now.job);
	const hours = $derived(
		place.exposure.sources
			.map((source) => `${showNumber(source.lux, 0)} lx, ${showNumber(source.hoursPerDay, 1)} h a day`)
			.join('; ')
	);

	function rankOf({ severity, fault }: ChoiceOutcome): number {
		return fault ? 4 : severity ? RANK[severity] : 0;
	}

	/** The row names the material already. */
	function shortened({ fault, says, name }: ChoiceOutcome): string {
		const text = there(fault ?? says, 'value');
		return text.startsWith(`${name} `) || text.startsWith(`${name}: `) ? text.slice(name.length).replace(/^: |^ /, '') : text;
	}

	function spoken(choice: ChoiceOutcome): string {
		const finding = choice.fault ?? choice.says;
		return `choose ${choice.name}${finding ? `, ${shortened(choice)}` : ''}`;
	}

	const chosen = $derived(choices.find((choice) => choice.chosen));

	function signed(value: number, text: string): string {
		return value === 0 ? '·' : `${value > 0 ? '+' : '−'}${text}`;
	}

	/** What light does here that no glazing helps, and what would. */
	const light = $derived.by(() => {
		const { light } = now.plan;
		if (!light) return 'Enter the medium or fade class in Intake to see years to a fade.';
		if (light.years === null) return 'No light falls on it here: nothing fades.';
		const hardly = light.uvShare <= editor.shopIn(now.job.cutIn).house.uvHardlyHelps;
		const ways = light.doubling.flatMap((way) => {
			if (way.by === 'place') return [`moved to a ${ROOMS[way.room].name}, ${sayYears(way.years)}`];
			if (way.by === 'months')
				return [`shown ${way.monthsPerYear === 1 ? 'one month' : `${way.monthsPerYear} months`} a year, ${sayYears(way.years)}`];
			if (way.by === 'glazing')
				return [`behind ${lowered(known(editor.shopIn(now.job.cutIn).glazings, way.glazing).name)}, ${sayYears(way.years)}`];
			return [];
		});
		const start = hardly
			? 'UV glazing hardly helps here: visible light does it.'
			: `First visible fade after ${sayYears(light.years)}.`;
		return `${start} ${ways.length > 0 ? `Twice as long: ${ways.join('; ')}.` : 'Half the light or half the hours: twice as long.'}`;
	});
</script>

<section class="choices" aria-label="{name} for this piece">
	<header>
		<h2>{name} for this piece</h2>
		<p class="quiet">
			{place.name}, {hours}{place.exposure.monthsPerYear < 12
				? `, ${showNumber(place.exposure.monthsPerYear, 0)} months a year`
				: ''} ·
			<a class="anchor" href="/light?job={editor.number}">Light and climate</a>
		</p>
	</header>
	<div class="list">
		<table class="table">
			<thead>
				<tr>
					<th scope="col"><span class="seen-by-readers">Choice</span></th>
					<th scope="col">Years to a fade</th>
					<th scope="col">Grade</th>
					<th scope="col">Gap, {editor.unit}</th>
					<th scope="col">Weight</th>
					<th scope="col">Price</th>
				</tr>
			</thead>
			<tbody>
				{#each choices as choice (choice.id)}
					<tr class:chosen={choice.chosen}>
						<th scope="row">
							<button
								type="button"
								aria-pressed={choice.chosen}
								aria-label={spoken(choice)}
								disabled={choice.fault !== null}
								onclick={() => !choice.chosen && editor.apply(choice.patch)}
							>
								{#if !editor.blind}<Sign of={choice.severity ?? (choice.fault ? 'stop' : 'settled')} size={11} />{/if}
								<span>{choice.name}</span>
								{#if choice.fault ?? choice.says}<span class="says">{shortened(choice)}</span>{/if}
							</button>
						</th>
						<td class:same={choice.years === chosen?.years}
							>{choice.years === null ? '–' : showNumber(choice.years, choice.years < 10 ? 1 : 0)}</td
						>
						<td class:same={choice.reached === chosen?.reached}
							>{choice.fault || editor.blind ? '–' : choice.reached ? GRADE_NAMES[choice.reached] : 'none'}</td
						>
						<td class:same={choice.gap === chosen?.gap}
							>{choice.gap === null ? '–' : showLength(choice.gap, editor.reader, 'fine').text}</td
						>
						<td>{choice.kg === null ? '–' : signed(Math.round(choice.kg * 100), showMass(Math.abs(choice.kg), editor.reader))}</td
						>
						<td
							>{choice.cents === null
								? '–'
								: signed(choice.cents, showMoney(Math.abs(choice.cents), editor.shopIn().currency))}</td
						>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
	<p class="foot">
		{#if slot.name === 'glazing'}{light}{/if}
		<span class="quiet">Years are an estimate for comparing choices. Weight and price: against the current choice.</span>
	</p>
</section>

<style>
	.choices {
		min-height: 0;
		display: grid;
		grid-template: auto minmax(0, 1fr) auto / minmax(0, 1fr);
		gap: 4px;
	}
	header {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: baseline;
		gap: 0 12px;
	}
	h2 {
		font-family: inherit;
		font-size: var(--text-base);
		white-space: nowrap;
	}
	header p {
		font-size: var(--text-sm);
		text-align: right;
	}
	.list {
		max-height: 196px;
		position: relative;
		overflow: auto;
		background: var(--panel);
		border: 1px solid var(--line-strong);
	}
	thead th {
		position: sticky;
		top: 0;
		background: var(--panel);
		box-shadow: 0 1px 0 var(--line-strong);
		font-size: var(--text-xs);
		font-weight: 600;
		color: var(--quiet);
		text-align: right;
		padding: 4px 8px;
		white-space: nowrap;
		z-index: 1;
	}
	tbody tr + tr {
		border-top: 1px solid var(--line);
	}
	tbody th {
		padding: 0;
		font-weight: 400;
		text-align: left;
		width: 99%;
		max-width: 0;
	}
	td {
		vertical-align: middle;
		text-align: right;
		padding: 0 8px;
		white-space: nowrap;
	}
	.same {
		color: var(--quiet);
	}
	tr.chosen {
		background: var(--sheet);
		box-shadow: inset 0 0 0 2px var(--accent);
	}
	tr.chosen button {
		font-weight: 600;
	}
	button {
		display: flex;
		align-items: center;
		gap: 8px;
		width: 100%;
		min-height: var(--row);
		padding: 2px 8px 2px 10px;
		text-align: left;
		cursor: pointer;
		white-space: nowrap;
		overflow: hidden;
	}
	button:disabled {
		cursor: default;
		color: var(--quiet);
	}
	button:focus-visible {
		outline-offset: -2px;
	}
	tbody tr:hover {
		background: var(--sheet);
	}
	.says {
		flex: 1;
		overflow: hidden;
		text-overflow: ellipsis;
		font-size: var(--text-xs);
		font-weight: 400;
		color: var(--quiet);
	}
	.foot {
		font-size: var(--text-sm);
	}
	@media (max-width: 767px) {
		td,
		thead th {
			padding-inline: 4px;
		}
		thead th {
			white-space: normal;
		}
		/* There is room for what it is chosen by. */
		:is(td, thead th):nth-child(5) {
			display: none;
		}
		button {
			white-space: normal;
			padding-right: 2px;
		}
		.says {
			display: none;
		}
	}
</style>
