<script lang="ts">
	/** What was found on the piece, and what a conservator wrote of it. */
	import { referredAt } from '$core/job/decide-piece.ts';
	import { coverAll, putConcern } from '$core/job/put-concern.ts';
	import { CONCERN_IDS, CONCERNS, type ConcernId } from '$core/shop/concerns.ts';
	import DayField from '$lib/ui/DayField.svelte';
	import Flag from '$lib/ui/Flag.svelte';
	import TextField from '$lib/ui/TextField.svelte';
	import { useWorkspace } from '../context.ts';

	const { editor } = useWorkspace();
	const piece = $derived(editor.file.piece ?? {});
	const decided = $derived(editor.job.piece);
	const asked = $derived(decided.concerns.some((one) => CONCERNS[one].refer !== null && !CONCERNS[one].never));
	const referred = $derived(referredAt(decided, editor.job.aim));
	/** Ticked since the finding was written. */
	const uncovered = $derived(
		decided.conservator?.of ? decided.unseen.filter((one) => CONCERNS[one].refer !== null && !CONCERNS[one].never) : []
	);
	/** Longer labels have the whole line. */
	const WIDE = 17;
	const named = (ids: readonly ConcernId[]) => ids.map((one) => CONCERNS[one].choice).join(', ');
</script>

<div class="concerns">
	{#each CONCERN_IDS as id (id)}
		{@const follows = decided.concerns.includes(id) && !piece.concerns?.includes(id)}
		<div class:wide={follows || CONCERNS[id].choice.length > WIDE}>
			<Flag
				label={follows ? `${CONCERNS[id].choice}, from what it is made of` : CONCERNS[id].choice}
				value={decided.concerns.includes(id)}
				{follows}
				onchange={(on) => editor.apply(putConcern(editor.file, id, on))}
			/>
		</div>
	{/each}
</div>
{#if referred.length > 0}
	<ul class="meanwhile" aria-label="Until a conservator has seen it">
		{#each referred as id (id)}<li><strong>{CONCERNS[id].choice}:</strong> {CONCERNS[id].meanwhile}</li>{/each}
	</ul>
{/if}
{#if asked || piece.conservator}
	<h3>Seen by a conservator</h3>
	<TextField label="Conservator" keys={['piece', 'conservator', 'name']} value={piece.conservator?.name ?? ''} />
	<DayField label="Seen on" keys={['piece', 'conservator', 'on']} value={piece.conservator?.on ?? ''} />
	<TextField label="Finding" keys={['piece', 'conservator', 'finding']} value={piece.conservator?.finding ?? ''} lines={2} />
	{#if decided.concerns.includes('flaking')}<Flag
			label="Loose surface consolidated"
			value={piece.conservator?.consolidated ?? false}
			onchange={(on) => editor.put(['piece', 'conservator', 'consolidated'], on)}
		/>{/if}
	{#if uncovered.length > 0}
		<p>
			Ticked after this finding: {named(uncovered)}.
			<button type="button" class="btn btn-sm preset-quiet" onclick={() => editor.apply(coverAll(editor.file))}
				>the finding covers it</button
			>
		</p>
	{/if}
{/if}

<style>
	.concerns {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(125px, 1fr));
		column-gap: 12px;
		align-items: start;
	}
	.meanwhile li + li {
		margin-top: 6px;
	}
	.wide {
		grid-column: 1 / -1;
	}
	.meanwhile {
		border-left: 3px solid var(--line-strong);
		padding-left: 10px;
	}
	h3 {
		font-family: inherit;
		font-size: var(--text-sm);
	}
</style>
