<script lang="ts">
	/** The kinds of hold that this piece allows: beside each what it would do to it. */
	import { holdChoices, type HoldOutcome } from '$core/advice/hold-choices.ts';
	import { HOLDS } from '$core/stations/hold/kinds/all.ts';
	import Sign from '$lib/ui/Sign.svelte';
	import { useWorkspace } from '../context.ts';

	const { editor } = useWorkspace();
	const choices = $derived(holdChoices(editor.file, editor.settled, editor.shopIn(editor.settled.job.cutIn)));

	/** The house’s choice is pressed to decide for it. */
	const undecided = $derived(editor.file.hold?.kind === undefined);

	function take({ kind, chosen, patch }: HoldOutcome) {
		if (!chosen) editor.apply(patch);
		else if (undecided) editor.put(['hold', 'kind'], kind);
	}

	function said(choice: HoldOutcome): string {
		return (
			choice.fault ?? choice.says ?? (choice.holds.length > 0 ? HOLDS[choice.kind].comesTo(choice.holds, editor.reader) : '')
		);
	}
</script>

<ul class="kinds" aria-label="How it is held">
	{#each choices as choice (choice.kind)}
		<li>
			<button
				type="button"
				aria-pressed={choice.chosen}
				aria-label="{HOLDS[choice.kind].names.choice}: {said(choice)}"
				disabled={choice.fault !== null}
				onclick={() => take(choice)}
			>
				<Sign of={choice.severity ?? (choice.fault ? 'stop' : 'settled')} size={11} />
				<span class="name">{HOLDS[choice.kind].names.choice}</span>
				<span class="says">{said(choice)}</span>
			</button>
		</li>
	{/each}
</ul>

<style>
	.kinds {
		border: 1px solid var(--line-strong);
		background: var(--sheet);
	}
	li + li {
		border-top: 1px solid var(--line);
	}
	button {
		display: grid;
		grid-template-columns: 15px 1fr;
		align-items: baseline;
		width: 100%;
		padding: 3px 8px 4px;
		text-align: left;
		cursor: pointer;
	}
	button :global(svg) {
		align-self: center;
	}
	button:hover {
		background: var(--panel);
	}
	button[aria-pressed='true'] {
		box-shadow: inset 0 0 0 2px var(--accent);
	}
	button[aria-pressed='true'] .name {
		font-weight: 600;
	}
	button:disabled {
		cursor: default;
		color: var(--quiet);
	}
	button:focus-visible {
		outline-offset: -2px;
	}
	.says {
		grid-column: 2;
		font-size: var(--text-xs);
		line-height: 1.25;
		color: var(--quiet);
		overflow: hidden;
		display: -webkit-box;
		-webkit-box-orient: vertical;
		-webkit-line-clamp: 2;
		line-clamp: 2;
	}
</style>
