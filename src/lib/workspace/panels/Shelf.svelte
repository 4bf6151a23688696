<script lang="ts">
	/** "Will it fit what is on the shelf?": the shelf's frames, sticks and mats, each planned with this piece; and what it takes from there. */
	import { onShelf, pairsOnShelf, type Fit, type Held, type OnShelf } from '$core/advice/on-shelf.ts';
	import { claimed, type Claim } from '$core/job/claims.ts';
	import { drop } from '$core/job/patch.ts';
	import { readShelf, type WrittenShelfItem } from '$core/shop/shelf.ts';
	import { there } from '$core/units/there.ts';
	import { askServer } from '$lib/ui/ask-server.ts';
	import Sign from '$lib/ui/Sign.svelte';
	import { useWorkspace } from '../context.ts';

	type Stands = { shelf: readonly WrittenShelfItem[]; held: readonly Held[] };
	const { editor } = useWorkspace();
	/** As the server has it since it was asked; before that as the page began. */
	let asked = $state.raw<Stands | null>(null);
	let asking = $state(false);
	let refused = $state('');
	const shelf = $derived(readShelf(asked?.shelf ?? editor.written.shelf));
	const holds = $derived({ held: asked?.held ?? [], by: editor.number });
	const taken = $derived(
		editor.settled.job.claims.flatMap((claim) => {
			const item = shelf.ok ? claimed(claim, shelf.items) : null;
			return item ? [{ claim, item }] : [];
		})
	);
	// Each is a plan of its own: worked out when it is asked for.
	const args = $derived([editor.file, editor.settled, editor.shopIn(editor.settled.job.cutIn)] as const);
	const found = $derived(asked && shelf.ok ? onShelf(...args, shelf.items, holds) : []);
	const pairs = $derived(asked && shelf.ok ? pairsOnShelf(...args, shelf.items, holds) : []);
	const SIGNS = { 'as-is': 'settled', 'other-borders': 'note', 'cut-down': 'note', no: 'stop' } as const satisfies Record<
		Fit,
		string
	>;
	const WORDS: Record<Fit, string> = {
		'as-is': 'Fits.',
		'other-borders': 'Fits with other borders.',
		'cut-down': 'Fits if cut down.',
		no: 'Does not fit.'
	};

	async function ask() {
		asking = true;
		const answer = await askServer<Stands>('GET', '/api/shop/shelf');
		if (answer.ok) asked = answer.answer;
		refused = answer.ok ? '' : 'No connection to the server: the shelf can’t be checked.';
		asking = false;
	}

	/** What somebody has already is no matter of its size. */
	const said = ({ fits, says, free }: OnShelf): string => (free ? `${WORDS[fits]} ${says}` : says);
	const placeOf = ({ place }: { place: string }): string => (place === '' ? 'no place recorded' : place);

	/** Why the server did not let this job have it; empty where it did. */
	const refusalOf = (name: string): string =>
		editor.keeping.state === 'refused' && editor.keeping.refusal.includes(`“${name}”`) ? editor.keeping.refusal : '';

	function putBack({ path }: Claim) {
		const keys = path.split(/[.[\]]+/).map((key) => (/^\d+$/.test(key) ? Number(key) : key));
		editor.apply(drop(editor.file, keys));
	}
</script>

<div class="group">
	<h2>Will it fit what is on the shelf?</h2>
	{#if taken.length > 0}
		<ul aria-label="Taken from the shelf">
			{#each taken as { claim, item } (claim.path)}
				{@const refusal = refusalOf(item.name)}
				<li>
					<Sign of={refusal ? 'stop' : 'settled'} size={11} />
					<span class="name">{item.name}</span>
					<span class="place quiet">{placeOf(item)}</span>
					<p>
						{#if refusal}Not saved. {refusal}{:else}{editor.job.copies > 1 ? `${editor.job.copies} of them are` : 'It is'} reserved
							on the shelf for this job.{/if}
					</p>
					<button type="button" class="btn btn-sm preset-quiet" aria-label="return it: {item.name}" onclick={() => putBack(claim)}
						>return it</button
					>
				</li>
			{/each}
		</ul>
	{/if}
	{#if refused}<p class="fault" role="alert">{refused}</p>{/if}
	{#if !shelf.ok || shelf.items.length === 0}
		<p class="quiet">The shelf has no frames, sticks or mats yet. <a class="anchor" href="/stock/shelf">Fill the shelf</a></p>
	{:else if !asked}
		<button type="button" class="btn preset-outlined-brand" disabled={asking} onclick={ask}
			>Try the shelf: {shelf.items.length} frames, sticks and mats</button
		>
	{:else}
		{#if pairs.length > 0}
			<ul aria-label="Mats with frames that take them">
				{#each pairs as { mat, frame, says, patch }, index (index)}
					<li>
						<Sign of="settled" size={11} />
						<span class="name">{mat.name}, in {frame.name}</span>
						<span class="place quiet">{[mat.place, frame.place].filter(Boolean).join('; ')}</span>
						<p>Both fit. {says}</p>
						<button
							type="button"
							class="btn btn-sm preset-quiet"
							aria-label="use both: {mat.name}, {frame.name}"
							onclick={() => editor.apply(patch)}>use both</button
						>
					</li>
				{/each}
			</ul>
		{/if}
		<ul>
			{#each found.filter(({ item }) => taken.every((one) => one.item !== item)) as one, index (index)}
				<li class={one.fits}>
					<Sign of={SIGNS[one.fits]} size={11} />
					<span class="name">{one.item.name}</span>
					<span class="place quiet">{one.item.place}</span>
					<p>{said(one)}</p>
					{#if one.patch}<button
							type="button"
							class="btn btn-sm preset-quiet"
							aria-label="use it: {one.item.name}"
							onclick={() => editor.apply(there(one.patch, 'patch'))}>use it</button
						>{/if}
				</li>
			{/each}
		</ul>
		<a class="anchor" href="/stock/shelf">The shelf</a>
	{/if}
</div>

<style>
	li {
		display: grid;
		grid-template-columns: 17px 1fr auto;
		align-items: baseline;
		padding: 4px 0;
		border-bottom: 1px solid var(--line);
	}
	li :global(svg) {
		align-self: center;
	}
	.name {
		font-weight: 600;
	}
	.place {
		font-size: var(--text-xs);
	}
	p {
		grid-column: 2 / -1;
		font-size: var(--text-sm);
	}
	.fault {
		color: var(--stop);
	}
	li button {
		grid-column: 2;
		justify-self: start;
	}
</style>
