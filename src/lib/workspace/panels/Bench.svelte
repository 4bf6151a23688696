<script lang="ts">
	import { planSteps } from '$core/bench/steps.ts';
	import { currentShop } from '../editor.svelte.ts';
	import { useWorkspace } from '../context.ts';
	import Panel from './Panel.svelte';

	const { editor } = useWorkspace();
	const steps = $derived(planSteps(editor.settled.job, editor.settled.plan, currentShop()));
</script>

<Panel name="Bench" about="The steps for this very package, in their order.">
	{#if steps.length === 0}
		<p>The steps come with the sheet’s readings and a moulding.</p>
	{/if}
	<ol>
		{#each steps as step, index (step.id)}
			<li>
				<h2>{index + 1} {step.title}</h2>
				{#each step.does as line (line)}<p>{line}</p>{/each}
				{#if step.because}<p class="quiet">{step.because}</p>{/if}
				{#if step.caution}<p class="caution"><strong>Take care.</strong> {step.caution}</p>{/if}
			</li>
		{/each}
	</ol>
</Panel>

<style>
	li {
		padding-bottom: 12px;
	}
	h2 {
		font-family: var(--serif) !important;
		font-size: 15px !important;
		color: var(--ink) !important;
		border: 0 !important;
	}
	.caution {
		border-left: 3px solid var(--caution);
		padding-left: 8px;
	}
</style>
