<script lang="ts">
	/** The pack's layers from the front, their sum, and what the rabbet leaves. */
	import type { Severity } from '$core/rule/rule.ts';
	import Figure from '$lib/ui/Figure.svelte';
	import Sign from '$lib/ui/Sign.svelte';
	import { useWorkspace } from './context.ts';
	import { layerName } from '$core/stations/guard/layers/all.ts';
	import { frameKindOf } from '$core/stations/frame/kinds/all.ts';
	import { there } from '$core/units/there.ts';

	const { editor } = useWorkspace();
	const { plan, job } = $derived(editor.settled);
	const depth = $derived(`${frameKindOf(job)?.recess === 'channel' ? 'Channel' : 'Rabbet'} depth`);
	/** The sign that a figure of the pack carries in the findings. */
	function signOf(where: string): Severity | undefined {
		return plan.findings.find((finding) => finding.where === where && finding.severity !== 'note')?.severity;
	}
	const clearanceSign = $derived(signOf('pack.clearance'));
	const gapSign = $derived(signOf('pack.gap'));
</script>

{#if plan.pack}
	<ol>
		{#each plan.pack.layers as layer, index (index)}
			{@const name = layerName(layer, job, editor.shopIn(job.cutIn))}
			<li><span>{name}</span><Figure path="pack.layers[{index}].thickness" {name} value={layer.thickness} /></li>
		{/each}
		<li class="sum">
			<strong>Pack</strong><strong><Figure path="pack.thickness" name="Pack" value={plan.pack.thickness} /></strong>
		</li>
		{#if plan.frame}
			<li>
				<span>{depth}</span><Figure path="frame.section.rabbetDepth" name={depth} value={plan.frame.section.rabbetDepth} />
			</li>
			<li class={clearanceSign}>
				<span
					>Clearance{#if clearanceSign}&nbsp;<Sign of={clearanceSign} size={11} />{/if}</span
				><Figure path="pack.clearance" name="Clearance" value={there(plan.pack.clearance, 'clearance')} />
			</li>
		{/if}
		{#if job.guard.glazing.family !== 'none'}
			<li class={gapSign}>
				<span
					>Gap over the piece{#if gapSign}&nbsp;<Sign of={gapSign} size={11} />{/if}</span
				><Figure path="pack.gap" name="Gap over the piece" value={plan.pack.gap} />
			</li>
		{/if}
	</ol>
{/if}

<style>
	ol {
		font-size: var(--text-sm);
		padding-bottom: 18px;
	}
	li {
		display: flex;
		justify-content: space-between;
		align-items: baseline;
		gap: 10px;
		line-height: 17px;
		padding: 2px 0;
	}
	li :global(svg) {
		display: inline;
	}
	.sum {
		border-top: 1px solid var(--line-strong);
		margin-top: 2px;
	}
	.stop {
		color: var(--stop);
		font-weight: 600;
	}
	.caution {
		color: var(--caution-ink);
		font-weight: 600;
	}
</style>
