<script lang="ts">
	/** Before it begins: how long it takes, and what makes it wait. */
	import { showMinutes } from '$core/units/show.ts';
	import Door from './Door.svelte';
	import type { BenchDesk } from './bench-desk.svelte.ts';

	const { desk }: { desk: BenchDesk } = $props();
	const work = $derived(desk.steps.reduce((sum, { minutes = 0 }) => sum + minutes, 0));
	const waits = $derived(desk.steps.filter(({ waitMinutes }) => waitMinutes));
	const { copies } = $derived(desk.planned.job);
</script>

<h2>{desk.title}</h2>
<p class="does">
	{desk.steps.length} steps{copies > 1 ? `, each for all ${copies} before the next` : ''}. About {showMinutes(work)} of work at shop
	times{waits.length > 0 ? ', and time to dry:' : '.'}
</p>
{#if waits.length > 0}<ul class="does">
		{#each waits as step (step.id)}<li>{step.title}: {showMinutes(step.waitMinutes ?? 0)}</li>{/each}
	</ul>{/if}
{#if desk.stops.length > 0}<Door {desk} />{/if}
<p class="quiet">Space: next, ←: back. Progress is saved: carry on later, on any device.</p>

<style>
	li {
		padding-left: 22px;
	}
</style>
