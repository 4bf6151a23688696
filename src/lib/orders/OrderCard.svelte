<script lang="ts">
	/** An order that is on its way: how it stands, and what of it came, counted and measured. */
	import { invalidateAll } from '$app/navigation';
	import type { DateLanguage } from '$core/shop/about.ts';
	import type { Shop } from '$core/shop/shop.ts';
	import { readLength, type Unit } from '$core/units/length.ts';
	import { showLength } from '$core/units/show.ts';
	import type { Order, OrderLine } from '$lib/server/db/orders.ts';
	import { showDay } from '$lib/ui/days.ts';
	import Sign from '$lib/ui/Sign.svelte';
	import type { OrderDesk } from './draft.svelte.ts';
	import { countedIn, itemName } from './words.ts';

	type Props = { order: Order; shop: Shop; unit: Unit; dates: DateLanguage; desk: OrderDesk };
	const { order, shop, unit, dates, desk }: Props = $props();

	type Typed = { count: string; width: string; height: string; lot: string; place: string };
	let typed = $state<Record<number, Partial<Typed>>>({});
	let came = $state(false);
	let fault = $state('');
	const sized = ({ kind }: OrderLine): boolean => kind !== 'thing';
	const open = $derived(order.lines.filter(({ arrived, ordered }) => arrived < ordered));
	const shown = (line: OrderLine, key: keyof Typed): string =>
		typed[line.line]?.[key] ??
		{ count: '', width: showLength(line.width, unit).text, height: showLength(line.height, unit).text, lot: '', place: '' }[key];
	const set = (line: OrderLine, key: keyof Typed, text: string) =>
		(typed = { ...typed, [line.line]: { ...typed[line.line], [key]: text } });

	async function ask() {
		type Standing = { says: string; due: string; deliveries: { line: number; count: number; width: number; height: number }[] };
		const standing = await desk.call<Standing>('POST', `/api/orders/${order.id}/ask`);
		if (!standing) return;
		desk.said = { ...desk.said, [order.id]: standing.says };
		// What is on its way is what is counted first when it arrives.
		typed = Object.fromEntries(standing.deliveries.map(({ line, count }) => [line, { count: String(count) }]));
		await invalidateAll();
	}

	async function arrived() {
		fault = '';
		const lines = open.flatMap((line) => {
			const count = shown(line, 'count').trim();
			if (count === '' || count === '0') return [];
			const [width, height] = [readLength(shown(line, 'width'), unit), readLength(shown(line, 'height'), unit)];
			if (!/^\d{1,4}$/.test(count)) fault = `${itemName(line, shop, unit)}: enter a whole number.`;
			else if (sized(line) && !(width.ok && (line.kind === 'stick' || height.ok)))
				fault = `${itemName(line, shop, unit)}: its size is not a length.`;
			const size = sized(line)
				? { width: width.ok ? width.mm : 0, height: line.kind === 'stick' ? line.height : height.ok ? height.mm : 0 }
				: { width: 0, height: 0 };
			return [
				{ line: line.line, count: Number(count), ...size, lot: shown(line, 'lot').trim(), place: shown(line, 'place').trim() }
			];
		});
		if (lines.length === 0) fault = 'Enter how many arrived, on at least one line.';
		if (fault) return;
		const after = await desk.call<{ wrong: number[] }>('POST', `/api/orders/${order.id}/came`, { lines });
		if (!after) return;
		const wrong = order.lines.filter(({ line }) => after.wrong.includes(line)).map((line) => itemName(line, shop, unit));
		desk.said = {
			...desk.said,
			[order.id]:
				wrong.length > 0 ? `A different size, still on order: ${wrong.join('; ')}. Arrivals are in stock at measured size.` : ''
		};
		typed = {};
		came = false;
		await invalidateAll();
	}

	async function end() {
		if (await desk.call('DELETE', `/api/orders/${order.id}`)) await invalidateAll();
	}
</script>

<article aria-label="Order {order.id}">
	<p>
		<strong>{order.supplier}</strong>
		<span class="quiet figures">order {order.id}{order.ref ? `, ${order.ref}` : ''}</span>
		<span class="due figures">due {showDay(order.due, dates)}</span>
	</p>
	{#if desk.said[order.id]}<p role="status" class="said"><Sign of="note" size={10} /> {desk.said[order.id]}</p>{/if}
	<ul>
		{#each order.lines as line (line.line)}
			<li>
				{itemName(line, shop, unit)}
				<span class="figures"
					>{line.arrived} of {line.ordered}{countedIn(line, shop)} arrived{#if line.arrived >= line.ordered}
						<span class="came-sign"><Sign of="settled" size={10} /></span>{/if}</span
				>
			</li>
		{/each}
	</ul>
	{#if came}
		<form
			onsubmit={(event) => {
				event.preventDefault();
				void arrived();
			}}
		>
			{#each open as line (line.line)}
				{@const name = itemName(line, shop, unit)}
				<fieldset>
					<legend>{name}</legend>
					{#each ['count', ...(line.kind === 'sheet' ? ['width', 'height'] : line.kind === 'stick' ? ['width'] : []), ...(sized(line) ? ['lot'] : []), 'place'] as const as key (key)}
						<label
							><span
								>{{
									count: 'how many',
									width: line.kind === 'stick' ? 'length' : 'width',
									height: 'height',
									lot: 'lot',
									place: 'where'
								}[key as keyof Typed]}</span
							>
							<input
								class="input figures"
								aria-label="{{
									count: 'how many',
									width: line.kind === 'stick' ? 'length' : 'width',
									height: 'height',
									lot: 'lot',
									place: 'where'
								}[key as keyof Typed]}, {name}"
								value={shown(line, key as keyof Typed)}
								oninput={({ currentTarget }) => set(line, key as keyof Typed, currentTarget.value)}
							/></label
						>
					{/each}
				</fieldset>
			{/each}
			{#if fault}<p class="fault" role="alert">{fault}</p>{/if}
			<button type="submit" class="btn preset-filled-brand" disabled={desk.busy}>Receive</button>
			<button type="button" class="btn preset-quiet" onclick={() => (came = false)}>cancel</button>
		</form>
	{:else}
		<div class="does">
			<button type="button" class="btn preset-outlined-brand" onclick={() => (came = true)}>Goods arrived</button>
			{#if order.ref}<button type="button" class="btn preset-quiet" disabled={desk.busy} onclick={ask}>ask the supplier</button
				>{/if}
			<button type="button" class="btn preset-quiet" disabled={desk.busy} onclick={end}>cancel the rest</button>
		</div>
	{/if}
</article>

<style>
	article {
		padding: 12px 0;
		border-bottom: 1px solid var(--line-strong);
	}
	article > p:first-child {
		display: flex;
		flex-wrap: wrap;
		align-items: baseline;
		gap: 4px 12px;
	}
	.came-sign {
		display: inline-block;
	}
	.said {
		display: flex;
		align-items: baseline;
		gap: 8px;
	}
	.due {
		margin-left: auto;
	}
	li {
		display: flex;
		justify-content: space-between;
		gap: 12px;
		padding: 3px 0;
	}
	.does,
	form {
		margin-top: 6px;
	}
	.does {
		display: flex;
		flex-wrap: wrap;
		gap: 6px 14px;
	}
	fieldset {
		display: flex;
		flex-wrap: wrap;
		gap: 6px 12px;
		padding: 6px 0;
	}
	fieldset label span {
		display: block;
		font-size: var(--text-sm);
		color: var(--soft);
	}
	fieldset .input {
		width: 96px;
	}
	.fault {
		color: var(--stop);
	}
</style>
