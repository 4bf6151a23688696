<script lang="ts">
	/** What is cut, as it lies on the cutter: each mat with its back up and its stops; then every part at one scale. */
	import type { Decided } from '$core/job/decided.ts';
	import type { Plan } from '$core/plan.ts';
	import type { Reader } from '$core/units/show.ts';
	import { matBackScene } from '$core/views/drawing/board.ts';
	import { partsScene } from '$core/views/drawing/parts.ts';
	import Drawing from '$lib/drawing/Drawing.svelte';

	type Props = { plan: Plan; job: Decided; reader: Reader; onask: (path: string) => void };
	const { plan, job, ...shared }: Props = $props();
	const mats = $derived((plan.window?.mats ?? []).flatMap((_, index) => matBackScene(plan, job, index) ?? []));
	const parts = $derived(partsScene(plan, job));
</script>

<div class="parts">
	{#each mats as scene, index (index)}<div class="mat"><Drawing {scene} {...shared} /></div>{/each}
	{#if parts}<div class="all"><Drawing scene={parts} {...shared} /></div>{/if}
</div>

<style>
	.parts {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
		grid-template-rows: minmax(220px, 3fr);
		grid-auto-rows: minmax(180px, 2fr);
		gap: 14px 18px;
		min-height: 0;
		position: relative;
		overflow-y: auto;
	}
	.mat,
	.all {
		min-height: 0;
	}
	.all {
		grid-column: 1 / -1;
	}
</style>
