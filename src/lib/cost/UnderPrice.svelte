<script lang="ts">
	/** A price is named; the best grade and size under it is found, with what is given up for it. */
	import type { Operation } from '$core/job/patch.ts';
	import { GRADES, GRADE_NAMES, type Grade } from '$core/shop/grades.ts';
	import { showSize, type Reader } from '$core/units/show.ts';
	import { readCents } from '$core/units/cents.ts';
	import type { CostDesk } from './cost-desk.svelte.ts';

	type Props = {
		desk: CostDesk;
		reached: Grade | null;
		reader: Reader;
		/** Cents of the job as it stands. */
		than: number;
		money: (cents: number) => string;
		busy: boolean;
		ontake: (patch: Operation[]) => void;
	};
	const { desk, reached, reader, than, money, busy, ontake }: Props = $props();
	const id = $props.id();
	let typed = $state('');
	const fault = $derived(
		typed.trim() === '' || typeof readCents(typed) === 'number' ? '' : 'Not an amount. Enter it as 250 or 249.50.'
	);

	function take(text: string) {
		typed = text;
		const cents = readCents(text);
		desk.askUnder(typeof cents === 'number' && cents > 0 ? cents : null);
	}
	/** Differences only where it does not become better. */
	const isBetter = (grade: Grade): boolean => reached === null || GRADES.indexOf(grade) < GRADES.indexOf(reached);
</script>

<h2>Under a price</h2>
<label for={id}>Maximum price, with tax</label>
<input
	{id}
	class="input figures"
	inputmode="decimal"
	autocomplete="off"
	value={typed}
	aria-invalid={fault ? 'true' : undefined}
	aria-describedby={fault ? `${id}-fault` : undefined}
	oninput={({ currentTarget }) => take(currentTarget.value)}
/>
{#if fault}<p class="fault" id="{id}-fault">{fault}</p>{/if}
<div aria-live="polite">
	{#if desk.looking}<p class="quiet">Looking…</p>
	{:else if desk.under}
		{@const { offer, changes, least } = desk.under}
		{#if !offer}
			<p>Nothing fits this price: the cheapest found is {money(least)}.</p>
		{:else if changes.length === 0 && offer.patch.length === 0}
			<p>It already costs {money(than)}: no changes needed.</p>
		{:else}
			<article>
				<p class="price figures">{money(offer.cost.sums.total)} <span>{GRADE_NAMES[offer.grade]}</span></p>
				{#if offer.outer}<p class="quiet figures">{showSize(offer.outer, reader)} {reader.unit} outside</p>{/if}
				<h3>{isBetter(offer.grade) ? 'Changed' : 'Differences'}</h3>
				<ul>
					{#if reached && offer.grade !== reached}<li>{GRADE_NAMES[offer.grade]} in place of {GRADE_NAMES[reached]}</li>{/if}
					{#each changes as change (change)}<li>{change}</li>{/each}
				</ul>
				{#if offer.cautions.length > 0}
					<h3>Cautions with it</h3>
					<ul>
						{#each offer.cautions as caution (caution)}<li>{caution}</li>{/each}
					</ul>
				{/if}
				<button type="button" class="btn preset-outlined-brand" disabled={busy} onclick={() => ontake(offer.patch)}>Apply</button>
			</article>
		{/if}
	{/if}
</div>

<style>
	h2 {
		font-size: 17px;
		margin-top: 22px;
	}
	label {
		display: block;
		font-size: var(--text-sm);
		color: var(--soft);
	}
	.input {
		max-width: 180px;
		font-size: 20px;
	}
	.fault {
		color: var(--stop);
	}
	div > p {
		margin-top: 8px;
	}
	article {
		margin-top: 10px;
		padding: 10px 14px 12px;
		background: var(--sheet);
		border-left: 4px solid var(--accent);
	}
	.price {
		font-size: 22px;
		font-weight: 600;
	}
	.price span {
		font-size: 17px;
		font-weight: 400;
	}
	h3 {
		margin-top: 6px;
		font-weight: 600;
	}
	ul {
		margin: 2px 0 8px;
		padding-left: 18px;
		list-style: '– ';
		font-size: var(--text-sm);
	}
</style>
