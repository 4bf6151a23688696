<script lang="ts">
	/** The kinds of hold that this piece allows: beside each what it would do to it. */
	import { holdChoices, type HoldOutcome } from '$core/hold/choices.ts';
	import type { HoldKind } from '$core/job/decide-hold.ts';
	import { showLength, showNumber } from '$core/units/show.ts';
	import Sign from '$lib/ui/Sign.svelte';
	import { useWorkspace } from '../context.ts';
	import { currentShop } from '../editor.svelte.ts';

	const { editor } = useWorkspace();
	const NAMES: Record<HoldKind, string> = {
		't-hinge': 'T-hinge, behind the mat',
		'v-hinge': 'V-hinge, folded behind the sheet',
		'pass-through': 'Pass-through, in a slit of the board',
		corners: 'Corner pockets',
		strips: 'Edge strips',
		sling: 'Sling',
		clips: 'Clips at its edges',
		stitching: 'Stitched on a covered board',
		'whole-surface': 'Stuck down whole'
	};
	const choices = $derived(holdChoices(editor.file, editor.settled, currentShop()));

	/** What it comes to, where nothing is wrong with it. */
	function comesTo({ kind, holds }: HoldOutcome): string {
		const [hold] = holds;
		if (!hold) return '';
		const load = Math.max(...holds.map((one) => one.loadKPa));
		if (kind === 'corners')
			return `legs of ${showLength(hold.size.width, editor.unit, true).text} ${editor.unit}, nothing sticks`;
		if (kind === 'strips' || kind === 'sling')
			return `${showLength(hold.size.height, editor.unit, true).text} ${editor.unit} onto the sheet, nothing sticks`;
		if (kind === 'stitching') return `${hold.count} stitches, nothing sticks`;
		if (kind === 'clips') return `${hold.count} in all, moved by nothing but the wood`;
		return `${hold.count} × ${showNumber(load)} of ${showNumber(hold.workingKPa, 1)} kPa`;
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
				aria-label="{NAMES[choice.kind]}: {said(choice)}"
				disabled={choice.fault !== null}
				onclick={() => !choice.chosen && editor.apply(choice.patch)}
			>
				<Sign of={choice.severity ?? (choice.fault ? 'stop' : 'settled')} size={11} />
				<span class="name">{NAMES[choice.kind]}</span>
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
