<script lang="ts">
	/** Stops stand at the door of the bench: named, and passed only with a reason that the record keeps. */
	import Sign from '$lib/ui/Sign.svelte';
	import Reason from './Reason.svelte';
	import type { BenchDesk } from './bench-desk.svelte.ts';

	const { desk }: { desk: BenchDesk } = $props();
</script>

<section aria-labelledby="door">
	<h3 id="door">{desk.stops.length === 1 ? 'One stop' : `${desk.stops.length} stops`} before this begins</h3>
	<ul>
		{#each desk.stops as says (says)}<li><Sign of="stop" size={16} /> <span>{says}</span></li>{/each}
	</ul>
	<p><a class="anchor" href="/jobs/{desk.number}">Open the job</a> and clear them.</p>
	{#if desk.aside === 'door'}
		<Reason
			label="Reason for beginning all the same"
			does="Begin all the same"
			leaves="Cancel"
			ondo={(reason) => desk.begin(reason)}
			onleave={() => (desk.aside = null)}
		/>
	{/if}
</section>

<style>
	section {
		margin: 16px 0;
		padding: 12px 16px;
		border: 1px solid var(--stop);
	}
	ul {
		display: grid;
		gap: 8px;
		margin: 10px 0;
	}
	li {
		display: grid;
		grid-template-columns: 22px minmax(0, 1fr);
		align-items: baseline;
	}
	/* It stands in the frame of its stops already. */
	section > :global(form) {
		margin: 12px 0 0;
		padding: 0;
		border: 0;
	}
</style>
