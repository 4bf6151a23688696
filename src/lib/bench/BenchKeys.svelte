<script lang="ts">
	/** Four keys: back, something is wrong, once more, and on. */
	import { canSay } from './awake.ts';
	import type { BenchDesk } from './bench-desk.svelte.ts';

	type Props = { desk: BenchDesk; begun: boolean; ended: boolean; again: () => void };
	const { desk, begun, ended, again }: Props = $props();

	const ON: Partial<Record<string, string>> = {
		gather: 'All here, go on',
		'dust-first': 'Clean, go on',
		centre: 'Centred, go on'
	};
	const on = $derived.by(() => {
		if (!begun) return desk.stops.length > 0 ? 'Stopped' : 'Begin';
		if (desk.aside === 'force' || desk.lock) return 'Locked';
		if (desk.isDone) return 'Next';
		const { step } = desk;
		if (step?.pieces && desk.through(step) + 1 < step.pieces) return `Piece ${desk.through(step) + 1} done`;
		return (step && ON[step.id]) ?? 'Done, go on';
	});
	const first = $derived(desk.step === null || desk.steps[0]?.id === desk.step.id);
	const run = $derived(begun && !ended);

	function forward() {
		if (begun) desk.goOn();
		else desk.begin();
	}
</script>

<footer>
	<button type="button" disabled={!run || first} onclick={() => desk.back()}>Back <kbd>←</kbd></button>
	<button
		type="button"
		disabled={!begun}
		aria-expanded={desk.aside === 'wrong'}
		onclick={() => (desk.aside = desk.aside === 'wrong' ? null : 'wrong')}>Something is wrong <kbd>X</kbd></button
	>
	<button type="button" disabled={!run || !canSay()} onclick={again}
		>{desk.step?.id === 'centre' ? 'Measure again' : 'Read aloud'} <kbd>R</kbd></button
	>
	<button
		type="button"
		class="on"
		class:locked={on === 'Locked' || on === 'Stopped'}
		disabled={desk.steps.length === 0 || ended || desk.asks || desk.aside === 'wrong' || desk.aside === 'door' || desk.hasChanged}
		onclick={forward}>{on} <kbd>Space</kbd></button
	>
</footer>

<style>
	footer {
		grid-area: keys;
		display: grid;
		grid-template-columns: 300px 1fr 1fr 1.6fr;
		background: var(--panel);
		border-top: 1px solid var(--line);
	}
	button {
		min-height: 84px;
		padding: 8px 12px;
		border-left: 1px solid var(--line);
		font-size: 20px;
		cursor: pointer;
	}
	button:not(:disabled):hover {
		background: var(--strip-hover);
	}
	button:disabled {
		color: var(--quiet);
		cursor: default;
	}
	button:focus-visible {
		outline-offset: -4px;
	}
	.on {
		background: var(--filled);
		color: var(--on-filled);
		font-size: 24px;
		font-weight: 600;
	}
	.on:not(:disabled):hover {
		background: var(--accent);
	}
	.on.locked {
		background: var(--panel);
		color: var(--caution-ink);
	}
	.on:disabled {
		background: var(--panel);
	}
	@media (max-width: 900px) {
		footer {
			grid-template-columns: 1fr 1fr;
		}
		button {
			min-height: 64px;
			border-top: 1px solid var(--line);
			font-size: 18px;
		}
	}
</style>
