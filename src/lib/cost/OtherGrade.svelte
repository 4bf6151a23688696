<script lang="ts">
	/** The same job at a grade beside its own: price, difference, what it takes. */
	import type { Operation } from '$core/job/patch.ts';
	import { GRADE_NAMES } from '$core/shop/grades.ts';
	import type { NoOffer, Offer } from '$core/views/cost/beside.ts';
	import Sign from '$lib/ui/Sign.svelte';

	type Props = {
		offer: Offer | NoOffer;
		/** Cents of the job as it stands. */
		than: number;
		money: (cents: number) => string;
		busy: boolean;
		ontake: (patch: Operation[]) => void;
	};
	const { offer, than, money, busy, ontake }: Props = $props();
	const name = $derived(GRADE_NAMES[offer.grade]);
</script>

<article aria-label={name}>
	<h3>{name}</h3>
	{#if 'barredBy' in offer}
		<p class="quiet">
			No materials reach it: <a class="anchor" href="/handbook/findings#{offer.barredBy}">{offer.barredBy}</a> prevents it.
		</p>
	{:else}
		{@const more = offer.cost.sums.total - than}
		<p class="price figures">
			{money(offer.cost.sums.total)}
			<span class="quiet">{more === 0 ? 'the same' : money(Math.abs(more))} {more > 0 ? 'more' : more < 0 ? 'less' : ''}</span>
		</p>
		<ul>
			{#each offer.changes as change (change)}<li>{change}</li>{/each}
		</ul>
		{#each offer.cautions as caution (caution)}<p class="brings"><Sign of="caution" size={11} /> {caution}</p>{/each}
		<button type="button" class="btn preset-outlined-brand" disabled={busy} onclick={() => ontake(offer.patch)}
			>Change to {name}</button
		>
	{/if}
</article>

<style>
	article {
		padding: 10px 14px 12px;
		margin-bottom: 10px;
		background: var(--sheet);
		border-left: 4px solid var(--line-strong);
	}
	h3 {
		font-weight: 600;
	}
	.brings {
		font-size: var(--text-sm);
	}
	.brings :global(svg) {
		display: inline;
	}
	.price {
		font-size: 22px;
		font-weight: 600;
	}
	.price span {
		font-size: var(--text-sm);
		font-weight: 400;
	}
	ul {
		margin: 4px 0 8px;
		padding-left: 18px;
		list-style: '– ';
		font-size: var(--text-sm);
	}
</style>
