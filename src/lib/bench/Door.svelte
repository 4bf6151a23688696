<script lang="ts">
	/** Stops stand at the door of the bench: named, and passed only with a reason that the record keeps. */
	import Sign from '$lib/ui/Sign.svelte';
	import type { BenchDesk } from './bench-desk.svelte.ts';

	const { desk }: { desk: BenchDesk } = $props();
	let reason = $state('');

	function begin(event: SubmitEvent) {
		event.preventDefault();
		if (reason.trim() !== '') desk.begin(reason.trim());
	}
</script>

<section aria-labelledby="door">
	<h3 id="door">{desk.stops.length === 1 ? 'One stop' : `${desk.stops.length} stops`} before this begins</h3>
	<ul>
		{#each desk.stops as says (says)}<li><Sign of="stop" size={16} /> <span>{says}</span></li>{/each}
	</ul>
	<p><a class="anchor" href="/jobs/{desk.number}">Open the job</a> and clear them.</p>
	{#if desk.aside === 'door'}
		<form onsubmit={begin}>
			<label for="despite">Reason for beginning all the same</label>
			<!-- svelte-ignore a11y_autofocus -->
			<input id="despite" class="input" maxlength="300" autocomplete="off" autofocus bind:value={reason} />
			<button type="submit" class="btn preset-outlined-brand" disabled={reason.trim() === ''}>Begin all the same</button>
			<button type="button" class="btn preset-quiet" onclick={() => (desk.aside = null)}>Cancel</button>
		</form>
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
	form {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 10px;
		margin-top: 12px;
	}
	label {
		flex: 1 0 100%;
	}
	.input {
		flex: 1 1 260px;
		height: 52px;
		font-size: 20px;
	}
	.btn {
		min-height: 52px;
		font-size: 18px;
	}
</style>
