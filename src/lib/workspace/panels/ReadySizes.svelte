<script lang="ts">
	/** Standard frames that suit this piece, each with a mat that is cut or a standard one; one press takes one. */
	import { readyPairs, type ReadyPair } from '$core/advice/ready-pairs.ts';
	import { showLength, showMoney } from '$core/units/show.ts';
	import Fold from '$lib/ui/Fold.svelte';
	import { useWorkspace } from '../context.ts';
	import { takeStep } from '../steps.ts';

	const { editor } = useWorkspace();
	let most = $state(6);
	const shop = $derived(editor.shopIn(editor.settled.job.cutIn));
	// Looked at only while it is open.
	const pairs = $derived(readyPairs(editor.file, editor.settled, shop));

	const said = (mm: number) => showLength(mm, editor.reader, 'mark').text;
	function bordersOf({ borders: { top, left, right, bottom } }: ReadyPair): string {
		const sides = left === right ? `${said(left)} at the sides` : `${said(left)} left, ${said(right)} right`;
		return top === bottom ? `${said(top)} above and below, ${sides}` : `${said(top)} above, ${said(bottom)} below, ${sides}`;
	}
	function matOf({ mat }: ReadyPair): string {
		return mat ? `standard mat for ${mat.name}` : 'mat cut to it';
	}

	function take(pair: ReadyPair) {
		takeStep(editor, `Frame ${pair.frame.name}, ${matOf(pair)}.`, pair.patch);
	}
</script>

<Fold title="Standard sizes that fit">
	{#if pairs.length === 0}
		<p class="quiet">
			No shop size leaves enough border. <a class="anchor" href="/shop">The shop’s sizes</a>
		</p>
	{:else}
		<ul aria-label="Standard sizes">
			{#each pairs.slice(0, most) as pair, index (index)}
				<li>
					<div>
						<strong>{pair.frame.name}</strong>, {matOf(pair)}
						<p class="quiet figures">{bordersOf(pair)}</p>
					</div>
					<span class="figures">{showMoney(pair.cents, shop.currency)}</span>
					<button
						type="button"
						class="btn btn-sm preset-quiet"
						aria-label="use it: frame {pair.frame.name}, {matOf(pair)}"
						onclick={() => take(pair)}>use it</button
					>
				</li>
			{/each}
		</ul>
		{#if pairs.length > most}<button type="button" class="btn btn-sm preset-quiet" onclick={() => (most += 12)}
				>{pairs.length - most} more</button
			>{/if}
		<p class="quiet">Boards and glazing of that size, the cheapest first; measure a frame when it arrives.</p>
	{/if}
</Fold>

<style>
	li {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto auto;
		gap: 2px 8px;
		align-items: start;
		padding: 5px 0;
		border-bottom: 1px solid var(--line);
	}
	p {
		font-size: var(--text-sm);
	}
</style>
