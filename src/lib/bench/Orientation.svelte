<script lang="ts">
	/** Which way is up is asked before any hardware is measured from it. */
	import type { Step } from '$core/stations/step.ts';
	import type { BenchDesk } from './bench-desk.svelte.ts';

	type Props = { desk: BenchDesk; step: Step };
	const { desk, step }: Props = $props();
	const answer = $derived(desk.run.answered.get(step.id));
</script>

<fieldset>
	<legend>Is the picture’s top at the marked edge?</legend>
	<div class="ways">
		<button
			type="button"
			class="large"
			data-key="y"
			aria-pressed={answer === true}
			onclick={() => desk.did({ kind: 'answered', step: step.id, yes: true })}>Yes, checked from the front <kbd>Y</kbd></button
		>
		<button
			type="button"
			class="large"
			data-key="n"
			aria-pressed={answer === false}
			onclick={() => desk.did({ kind: 'answered', step: step.id, yes: false })}>No <kbd>N</kbd></button
		>
	</div>
	{#if answer === false}<p role="status">Correct the mark first. If the pack is upside down, use “Something is wrong”.</p>
	{:else if answer === undefined}<p class="quiet">Answer this to continue.</p>{/if}
</fieldset>

<style>
	fieldset {
		margin: 6px 0 16px;
	}
	legend {
		margin-bottom: 8px;
		font-size: 20px;
		font-weight: 600;
	}
</style>
