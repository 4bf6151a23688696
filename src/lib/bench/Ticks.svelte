<script lang="ts">
	/** What is laid ready, each ticked as it comes onto the bench. */
	import type { Step } from '$core/stations/step.ts';
	import type { BenchDesk } from './bench-desk.svelte.ts';

	type Props = { desk: BenchDesk; step: Step };
	const { desk, step }: Props = $props();
	const ticks = $derived(step.ticks ?? []);
	const left = $derived(ticks.filter((what) => !desk.run.ticked.has(what)).length);
</script>

<ul>
	{#each ticks as what (what)}
		<li>
			<label
				><input
					type="checkbox"
					class="checkbox"
					checked={desk.run.ticked.has(what)}
					onchange={(event) => desk.did({ kind: 'ticked', what, on: event.currentTarget.checked })}
				/>{what}</label
			>
		</li>
	{/each}
</ul>
<p class="quiet" role="status">
	{left === 0 ? 'Everything is here.' : left === 1 ? 'One is still to come.' : `${left} of ${ticks.length} are still to come.`}
</p>

<style>
	ul {
		columns: 300px;
		column-gap: 28px;
		margin-bottom: 12px;
		max-width: 1000px;
	}
	label {
		display: flex;
		align-items: center;
		gap: 14px;
		min-height: 48px;
		font-size: 21px;
		cursor: pointer;
		break-inside: avoid;
	}
	.checkbox {
		width: 26px;
		height: 26px;
	}
</style>
