<script lang="ts">
	/** Hardware, tapes and tissues: counted by the piece or the metre, written down when they arrive; steps at the bench take from them. */
	import { invalidateAll } from '$app/navigation';
	import { nameOfOwn, thingsOf } from '$core/nesting/items.ts';
	import type { Shop } from '$core/shop/shop.ts';
	import { askServer } from '$lib/ui/ask-server.ts';
	import type { DateLanguage } from '$core/shop/about.ts';
	import type { ThingLine } from '$lib/server/db/stock.ts';
	import { History } from '$lib/stock/history.svelte.ts';
	import Movements from './Movements.svelte';

	type Props = { things: ThingLine[]; shop: Shop; dates: DateLanguage };
	const { things, shop, dates }: Props = $props();
	const history = new History();

	const all = $derived(thingsOf(shop));
	const nameOf = (id: string): string => nameOfOwn(id) ?? all.find((one) => one.id === id)?.name ?? id;
	const unitOf = (id: string): string => (all.find((one) => one.id === id)?.counted === 'm' ? 'm' : '');
	let chosen = $state('');
	const material = $derived(all.some(({ id }) => id === chosen) ? chosen : (all[0]?.id ?? ''));
	let count = $state('');
	let place = $state('');
	let counts = $state<Record<number, string>>({});
	let refused = $state('');

	async function send(method: string, path: string, body: unknown): Promise<boolean> {
		const asked = await askServer(method, path, body);
		refused = asked.ok ? '' : asked.says;
		if (asked.ok) await invalidateAll();
		return asked.ok;
	}
	const WHOLE = /^\d{1,4}$/;

	async function arrive() {
		if (!WHOLE.test(count.trim()) || Number(count) === 0) {
			refused = 'How many arrived? Enter a whole number from 1.';
			return;
		}
		if (await send('POST', '/api/stock', { kind: 'thing', material, count: Number(count), place: place.trim() })) count = '';
	}

	async function recount({ id, present }: ThingLine) {
		const text = (counts[id] ?? '').trim();
		if (text === '' || text === String(present)) return;
		if (!WHOLE.test(text)) refused = 'Enter a whole number.';
		else if (await send('PUT', `/api/stock/${id}`, { present: Number(text) })) counts = { ...counts, [id]: '' };
	}
</script>

<section aria-label="Hardware, tapes and tissues">
	<h2>Hardware, tapes and tissues</h2>
	{#if refused}<p class="fault" role="alert">{refused}</p>{/if}
	{#if things.length > 0}<p class="heads quiet"><span></span><span>there</span><span>counted</span><span></span></p>{/if}
	<ul>
		{#each things as one (one.id)}
			<li>
				<span>{nameOf(one.material)} <span class="quiet">{one.place}</span></span>
				<span class="figures">{one.present} {unitOf(one.material)}</span>
				<label
					><span class="seen-by-readers">Counted, {nameOf(one.material)}</span>
					<input
						class="input figures"
						placeholder={String(one.present)}
						bind:value={counts[one.id]}
						onchange={() => recount(one)}
					/></label
				>
				<button
					type="button"
					class="btn preset-quiet"
					aria-expanded={history.opened === one.id}
					aria-label="History of {nameOf(one.material)} {one.place}"
					onclick={() => history.turn(one.id)}>History</button
				>
				{#if history.opened === one.id}<div class="history"><Movements movements={history.movements} {dates} /></div>{/if}
			</li>
		{:else}<li class="quiet">Nothing recorded yet.</li>{/each}
	</ul>
	<form
		onsubmit={(event) => {
			event.preventDefault();
			void arrive();
		}}
	>
		<label
			><span>goods arrived</span><select
				class="select"
				value={material}
				onchange={({ currentTarget }) => (chosen = currentTarget.value)}
				>{#each all as one (one.id)}<option value={one.id}>{one.name}</option>{/each}</select
			></label
		>
		<label><span>how many{unitOf(material) ? ', m' : ''}</span> <input class="input figures" bind:value={count} /></label>
		<label><span>location</span> <input class="input" bind:value={place} /></label>
		<button type="submit" class="btn preset-outlined-brand">Receive</button>
	</form>
</section>

<style>
	section {
		max-width: 720px;
		margin-top: 32px;
	}
	h2 {
		font-size: 19px;
	}
	.heads,
	li {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 56px 84px 64px;
		align-items: center;
		gap: 14px;
		padding: 4px 0;
		border-bottom: 1px solid var(--line);
	}
	.heads {
		border-bottom: 0;
		font-size: var(--text-sm);
	}
	:is(.heads, li) > :nth-child(2) {
		text-align: right;
	}
	.history {
		grid-column: 1 / -1;
	}
	.input {
		width: 100%;
	}
	form {
		display: grid;
		grid-template-columns: minmax(0, 2fr) 90px minmax(0, 1fr) auto;
		gap: 8px 14px;
		align-items: end;
		margin-top: 12px;
	}
	form span {
		display: block;
		font-size: var(--text-sm);
		color: var(--soft);
	}
	.select {
		width: 100%;
	}
	.fault {
		color: var(--stop);
	}
	@media (max-width: 767px) {
		.heads,
		li {
			grid-template-columns: minmax(0, 1fr) 44px 64px auto;
			gap: 8px;
		}
		form {
			grid-template-columns: 1fr 1fr;
		}
	}
</style>
