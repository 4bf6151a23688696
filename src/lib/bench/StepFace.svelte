<script lang="ts">
	/** One step: what is done, why here, the care that it wants, and what is typed or ticked at it. */
	import type { Component } from 'svelte';
	import { page } from '$app/state';
	import type { DateLanguage } from '$core/shop/about.ts';
	import type { AnyStepId, Step } from '$core/stations/step.ts';
	import { picturesOf } from '$core/views/bench/pictures.ts';
	import { inSentence } from '$core/units/in-sentence.ts';
	import { showMinutes, showNumber } from '$core/units/show.ts';
	import Drawing from '$lib/drawing/Drawing.svelte';
	import { showDate } from '$lib/ui/days.ts';
	import { unbroken } from '$lib/ui/words.ts';
	import { ASKS_UP, type BenchDesk } from './bench-desk.svelte.ts';
	import Centring from './Centring.svelte';
	import CutCheck from './CutCheck.svelte';
	import Force from './Force.svelte';
	import Looked from './Looked.svelte';
	import Orientation from './Orientation.svelte';
	import Photographs from './Photographs.svelte';
	import Pieces from './Pieces.svelte';
	import Placement from './Placement.svelte';
	import Ticks from './Ticks.svelte';

	type Props = { desk: BenchDesk; step: Step };
	const { desk, step }: Props = $props();

	/** What is asked at a step; the others ask nothing. */
	const ASKS: Partial<Record<AnyStepId, Component<{ desk: BenchDesk; step: Step }>>> = {
		gather: Ticks,
		'cut-boards': CutCheck,
		'cut-glazing': CutCheck,
		place: Placement,
		'dust-first': Looked,
		'fit-first': Looked,
		centre: Centring,
		hang: Orientation,
		rings: Orientation,
		'last-look': Photographs
	};
	/** What is asked there says all that is done. */
	const TOLD: ReadonlySet<AnyStepId> = new Set<AnyStepId>(['gather', 'centre']);
	const pictures = $derived(picturesOf(step, desk.planned));
	const Asked = $derived(ASKS[step.id]);
	const done = $derived(desk.run.done.get(step.id));
	const wrong = $derived(desk.run.wrong.filter((one) => one.step === step.id));
	/** `2 × Strap hanger, one hole (drawer 4)`. */
	const fromStock = $derived(
		desk.takes
			.filter((take) => take.step === step.id)
			.map(({ name, amount, unit, place }) => {
				const much = unit === 'm' ? `${lengthOf(amount)} of` : `${amount} ×`;
				return `${much} ${inSentence(name)} (${place === null ? 'none in stock' : place || 'no place recorded'})`;
			})
	);
	const FEET_PER_METRE = 3.28084;
	const lengthOf = (metres: number): string =>
		desk.planned.job.reader.unit === 'mm' ? `${showNumber(metres, 1)} m` : `${showNumber(metres * FEET_PER_METRE, 1)} ft`;
	const clock = (at: number): string => showDate(at, 'time', page.data.dates as DateLanguage);
</script>

<div class="face" class:drawn={pictures.length > 0}>
	<div class="words">
		<h2>{step.title}</h2>
		{#if done}<p class="state">
				✓ Done {clock(done.at)}{done.by ? `, ${done.by}` : ''}{done.forced ? `, lock overridden: ${done.forced}` : ''}
				<button type="button" class="btn preset-quiet" onclick={() => desk.did({ kind: 'undone', step: step.id })}
					>mark not done</button
				>
			</p>
		{:else if desk.lock}<p class="state locked">
				Locked. {desk.lock.because}
				{desk.lock.until === null
					? `First: ${desk.lock.by.title}.`
					: `${desk.lock.by.title} is done, dry at ${clock(desk.lock.until)}.`}
			</p>{/if}
		{#if desk.aside === 'force'}<Force {desk} />{/if}
		{#if step.pieces && !done && !desk.lock}<Pieces {desk} {step} />{/if}
		{#if Asked && ASKS_UP.includes(step.id)}<Asked {desk} {step} />{/if}
		{#if !TOLD.has(step.id)}{#each step.does as line, at (at)}<p class="does">{unbroken(line)}</p>{/each}{/if}
		{#if Asked && !ASKS_UP.includes(step.id)}<Asked {desk} {step} />{/if}
		{#if step.waitMinutes && !done}<p class="quiet">
				Then let it dry {showMinutes(step.waitMinutes)}; timed from “Done”.
			</p>{/if}
		{#if fromStock.length > 0}<p class="quiet">
				{done ? 'Taken from stock' : 'From stock, taken with “Done”'}: {unbroken(fromStock.join('; '))}.
			</p>{/if}
		{#if step.because}<p class="quiet">{unbroken(step.because)}</p>{/if}
		{#if step.caution}<p class="caution"><strong>Take care.</strong> {unbroken(step.caution)}</p>{/if}
		{#each wrong as { at, by, says } (at)}<p class="note"><strong>{clock(at)}{by ? `, ${by}` : ''}:</strong> {says}</p>{/each}
	</div>
	{#if pictures.length > 0}
		<div class="pictures">
			{#each pictures as scene, at (at)}<div class="board by-day">
					<Drawing {scene} reader={desk.planned.job.reader} label={13} />
				</div>{/each}
		</div>
	{/if}
</div>

<style>
	.face.drawn {
		display: grid;
		grid-template-columns: minmax(0, 1.25fr) minmax(260px, 1fr);
		gap: 28px;
	}
	.words > p {
		margin-bottom: 12px;
		max-width: 62ch;
	}
	.state {
		color: var(--accent);
	}
	.locked {
		color: var(--caution-ink);
	}
	.caution {
		border-left: 4px solid var(--caution);
		padding-left: 12px;
	}
	.note {
		border-left: 4px solid var(--line-strong);
		padding-left: 12px;
	}
	.pictures {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		align-content: start;
		gap: 14px;
	}
	.board {
		height: 400px;
		background: #c8c7c2;
		padding: 8px;
	}
	@media (max-width: 1100px) {
		.face.drawn {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
