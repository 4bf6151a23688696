<script lang="ts">
	/** The shop's own words at a step: what it is called, what is said there, and how long it takes. */
	import { SAYS_MOST, TITLE_MOST } from '$core/shop/own-steps.ts';
	import { afterOf, STEP_NAMES, type AnyStepId, type StepId } from '$core/shop/step-names.ts';
	import type { OwnSteps, TypedKey } from './own-steps.svelte.ts';

	type Props = { own: OwnSteps; step: AnyStepId };
	const { own, step }: Props = $props();
	const after = $derived(afterOf(step));
	const typed = $derived(own.of(step));
	const name = $derived(after ? typed.title || `own step after ${STEP_NAMES[after]}` : STEP_NAMES[step as StepId]);
	const fault = (key: TypedKey) => own.faults[`${step} ${key}`];
</script>

{#snippet short(key: TypedKey, label: string, most: number, placeholder: string)}
	<label class={key}
		>{label}
		<input
			class="input"
			aria-label="{name}: {label}"
			aria-invalid={fault(key) ? 'true' : undefined}
			{placeholder}
			maxlength={most}
			autocomplete="off"
			value={typed[key]}
			oninput={(event) => own.type(step, key, event.currentTarget.value)}
		/>
		{#if fault(key)}<span class="fault">{fault(key)}</span>{/if}
	</label>
{/snippet}

<div class="fields">
	{@render short('title', 'Called', TITLE_MOST, after ? '' : STEP_NAMES[step as StepId])}
	{@render short('minutes', 'Minutes of work', 8, after ? '0' : 'by the shop figures')}
	{#if after}{@render short('waitMinutes', 'Then wait, minutes', 8, '0')}{/if}
	<label class="says"
		>{after ? 'Instructions, one sentence a line' : 'After the job’s own figures, one sentence a line'}
		<textarea
			class="textarea"
			rows={Math.max(2, typed.says.split('\n').length)}
			maxlength={6 * SAYS_MOST}
			aria-label="{name}: sentences"
			aria-invalid={fault('says') ? 'true' : undefined}
			value={typed.says}
			oninput={(event) => own.type(step, 'says', event.currentTarget.value)}></textarea>
		{#if fault('says')}<span class="fault">{fault('says')}</span>{/if}
	</label>
</div>

<style>
	.fields {
		display: grid;
		grid-template-columns: minmax(0, 2fr) minmax(0, 1fr) minmax(0, 1fr);
		gap: 8px 16px;
		padding: 6px 0 14px;
	}
	label {
		display: grid;
		align-content: start;
		gap: 2px;
		font-size: var(--text-sm);
		color: var(--quiet);
	}
	.says {
		grid-column: 1 / -1;
	}
	.fault {
		color: var(--stop);
	}
	@media (max-width: 700px) {
		.fields {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
