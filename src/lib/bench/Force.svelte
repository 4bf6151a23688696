<script lang="ts">
	/** A locked step is done all the same: the reason is kept with it. */
	import type { BenchDesk } from './bench-desk.svelte.ts';

	const { desk }: { desk: BenchDesk } = $props();
	let reason = $state('');

	function force(event: SubmitEvent) {
		event.preventDefault();
		if (reason.trim() !== '') desk.goOn(reason.trim());
	}
</script>

<form onsubmit={force}>
	<label for="force">Reason for overriding the lock</label>
	<!-- svelte-ignore a11y_autofocus -->
	<input id="force" class="input" maxlength="300" autocomplete="off" autofocus bind:value={reason} />
	<button type="submit" class="btn preset-outlined-brand" disabled={reason.trim() === ''}>Do it anyway</button>
	<button type="button" class="btn preset-quiet" onclick={() => (desk.aside = null)}>Leave it locked</button>
</form>

<style>
	form {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 10px;
		margin-bottom: 16px;
		padding: 12px;
		border: 1px solid var(--caution);
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
