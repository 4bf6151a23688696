<script lang="ts">
	/** "Will it go into what I have?": the shelf's frames, sticks and mats, each planned with this piece; mats with frames before all. */
	import { onShelf, pairsOnShelf, type OnShelf } from '$core/advice/on-shelf.ts';
	import { readShelf } from '$core/shop/shelf.ts';
	import Sign from '$lib/ui/Sign.svelte';
	import { useWorkspace } from '../context.ts';
	import { there } from '$core/units/there.ts';

	const { editor } = useWorkspace();
	let open = $state(false);
	const shelf = $derived(readShelf(editor.written.shelf));
	// Each is a plan of its own: worked out when it is asked for.
	const found = $derived(
		open && shelf.ok ? onShelf(editor.file, editor.settled, editor.shopIn(editor.settled.job.cutIn), shelf.items) : []
	);
	const pairs = $derived(
		open && shelf.ok ? pairsOnShelf(editor.file, editor.settled, editor.shopIn(editor.settled.job.cutIn), shelf.items) : []
	);
	const SIGNS = { 'as-is': 'settled', 'other-borders': 'note', no: 'stop' } as const;
	const WORDS = { 'as-is': 'fits', 'other-borders': 'fits with other borders', no: 'does not fit' };

	function placeOf({ item }: OnShelf): string {
		return item.place ? `${item.place}` : '';
	}
</script>

<div class="group">
	<h2>Will it go into what I have?</h2>
	{#if !shelf.ok || shelf.items.length === 0}
		<p class="quiet">No frames, sticks and mats are on the shelf yet. <a class="anchor" href="/stock/shelf">Fill the shelf</a></p>
	{:else if !open}
		<button type="button" class="btn preset-outlined-brand" onclick={() => (open = true)}
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
							aria-label="take both: {mat.name}, {frame.name}"
							onclick={() => editor.apply(patch)}>take both</button
						>
					</li>
				{/each}
			</ul>
		{/if}
		<ul>
			{#each found as one, index (index)}
				<li class={one.fits}>
					<Sign of={SIGNS[one.fits]} size={11} />
					<span class="name">{one.item.name}</span>
					<span class="place quiet">{placeOf(one)}</span>
					<p>{WORDS[one.fits].replace(/^./, (letter) => letter.toUpperCase())}. {one.says}</p>
					{#if one.patch}<button
							type="button"
							class="btn btn-sm preset-quiet"
							aria-label="take it: {one.item.name}"
							onclick={() => editor.apply(there(one.patch, 'patch'))}>take it</button
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
	li button {
		grid-column: 2;
		justify-self: start;
	}
</style>
