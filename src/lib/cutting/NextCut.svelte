<script lang="ts">
	/** The next cut, large: by hand with two keys, or by the machine that is at it. */
	import type { Unit } from '$core/units/length.ts';
	import { showLength } from '$core/units/show.ts';
	import type { Progress } from '$lib/server/db/cutting.ts';
	import Working from '$lib/ui/Working.svelte';
	import Sign from '$lib/ui/Sign.svelte';
	import type { CutRow } from './words.ts';

	type Props = {
		next: CutRow;
		of: number;
		made: number;
		progress: Progress | undefined;
		/** The shop has a computer-driven cutter. */
		cutter: { simulated: boolean } | null;
		busy: boolean;
		unit: Unit;
		onstep: (by: 1 | -1) => void;
		oncutter: (fail: boolean) => void;
	};
	const { next, of, made, progress, cutter, busy, unit, onstep, oncutter }: Props = $props();
	const isAtCutter = $derived(progress?.by === 'cutter' && progress.stopped === '');
	let fail = $state(false);
</script>

{#if progress?.by === 'cutter' && progress.stopped}
	<p class="stopped" role="status">
		<Sign of="caution" />
		<span
			>{progress.stopped}
			{progress.made === 0
				? 'No cuts made.'
				: `${progress.made} of ${of} cuts made; continue with cut ${progress.made + 1}.`}</span
		>
	</p>
{/if}
<div class="next" aria-live="polite">
	<p class="which">Cut {next.cut.order} of {of}, {next.runs}{isAtCutter ? ', at the cutter' : ''}</p>
	<p class="fence figures"><span class="word">fence</span> {showLength(next.cut.fence, unit).text}</p>
	<p class="gives"><span>{next.cut.axis === 'x' ? 'left' : 'above'}</span> {next.gives[0]}</p>
	<p class="gives"><span>{next.cut.axis === 'x' ? 'right' : 'below'}</span> {next.gives[1]}</p>
</div>
{#if isAtCutter}
	<Working label="The cutter is cutting" done={made / of} />
{:else}
	<div class="large-keys">
		<button type="button" class="btn preset-outlined-brand" disabled={made === 0} onclick={() => onstep(-1)}>Back</button>
		<button type="button" class="btn preset-filled-brand" onclick={() => onstep(1)}>Cut {next.cut.order} done</button>
	</div>
	<p class="quiet">Space or →: next, ←: back.</p>
	{#if cutter}
		<div class="cutter">
			<button type="button" class="btn preset-outlined-brand" disabled={busy} onclick={() => oncutter(fail)}
				>{made === 0 ? 'Send to the cutter' : `The cutter continues from cut ${next.cut.order}`}</button
			>
			{#if cutter.simulated}<label class="flag"
					><input type="checkbox" class="checkbox" bind:checked={fail} /> simulated: it fails halfway</label
				>{/if}
		</div>
	{/if}
{/if}

<style>
	.next {
		margin-top: 12px;
		padding: 12px 16px;
		background: var(--sheet);
		border-left: 4px solid var(--accent);
	}
	.which {
		color: var(--soft);
	}
	.fence {
		font-size: 46px;
		font-weight: 600;
		line-height: 1.15;
	}
	.word {
		font-size: 17px;
		font-weight: 400;
		color: var(--soft);
	}
	.gives {
		font-size: 18px;
	}
	.gives span {
		display: inline-block;
		width: 56px;
		font-size: 15px;
		color: var(--soft);
	}
	.stopped {
		display: flex;
		align-items: baseline;
		gap: 8px;
		margin-top: 10px;
	}
	.cutter {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 6px 16px;
		margin-top: 10px;
	}
	.flag {
		display: flex;
		align-items: center;
		gap: 8px;
		min-height: var(--control);
		font-size: var(--text-sm);
	}
	@media print {
		.next,
		.large-keys,
		.cutter,
		.quiet {
			display: none;
		}
	}
</style>
