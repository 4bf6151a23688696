<script lang="ts">
	/** The kinds of hold that this piece allows: beside each what it would do to it. */
	import { holdChoices, type HoldOutcome } from '$core/advice/hold-choices.ts';
	import { HOLD_NAMES } from '$core/stations/hold/names.ts';
	import { showShare, showWithUnit } from '$core/units/show.ts';
	import Sign from '$lib/ui/Sign.svelte';
	import { useWorkspace } from '../context.ts';
	import { currentShop } from '../editor.svelte.ts';

	const { editor } = useWorkspace();
	const choices = $derived(holdChoices(editor.file, editor.settled, currentShop(editor.settled.job.cutIn)));

	/** What it comes to, where nothing is wrong with it. */
	function comesTo({ kind, holds }: HoldOutcome): string {
		const [hold] = holds;
		if (!hold) return '';
		const load = Math.max(...holds.map((one) => one.loadKPa));
		if (kind === 'corners') return `legs of ${showWithUnit(hold.size.width, editor.reader, 'mark')}, nothing sticks`;
		if (kind === 'strips' || kind === 'sling')
			return `${showWithUnit(hold.size.height, editor.reader, 'mark')} onto it, nothing sticks`;
		if (kind === 'frame-lip') return 'nothing touches it but the rabbet’s felt; nothing sticks';
		if (kind === 'conservator') return 'held as a conservator says; planned without';
		if (kind === 'stitching') return `${hold.count} stitches, nothing sticks`;
		if (kind === 'clips') return `${hold.count} in all, moved by nothing but the wood`;
		if (hold.workingKPa === 0 || kind === 'whole-surface') return '';
		return `${hold.count} in all, each at ${showShare(load, hold.workingKPa)} of what it may carry`;
	}

	function said(choice: HoldOutcome): string {
		return choice.fault ?? choice.says ?? comesTo(choice);
	}
</script>

<ul class="kinds" aria-label="Kind of hold">
	{#each choices as choice (choice.kind)}
		<li>
			<button
				type="button"
				aria-pressed={choice.chosen}
				aria-label="{HOLD_NAMES[choice.kind].choice}: {said(choice)}"
				disabled={choice.fault !== null}
				onclick={() => !choice.chosen && editor.apply(choice.patch)}
			>
				<Sign of={choice.severity ?? (choice.fault ? 'stop' : 'settled')} size={11} />
				<span class="name">{HOLD_NAMES[choice.kind].choice}</span>
				<span class="says">{said(choice)}</span>
			</button>
		</li>
	{/each}
</ul>

<style>
	.kinds {
		border: 1px solid var(--line-strong);
		background: #fff;
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
		font-size: 12.5px;
		line-height: 1.25;
		color: var(--quiet);
		overflow: hidden;
		display: -webkit-box;
		-webkit-box-orient: vertical;
		-webkit-line-clamp: 2;
		line-clamp: 2;
	}
</style>
