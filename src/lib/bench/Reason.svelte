<script lang="ts">
	/** What is not to be done is done all the same: the reason is asked for where it stands, and kept with it. */
	type Props = {
		label: string;
		/** What the press does. */ does: string;
		/** And what leaving it does. */ leaves: string;
		ondo: (reason: string) => void;
		onleave: () => void;
	};
	const { label, does, leaves, ondo, onleave }: Props = $props();
	let reason = $state('');

	function onsubmit(event: SubmitEvent) {
		event.preventDefault();
		if (reason.trim() !== '') ondo(reason.trim());
	}
</script>

<form {onsubmit}>
	<label for="reason">{label}</label>
	<!-- svelte-ignore a11y_autofocus -->
	<input id="reason" class="input" maxlength="300" autocomplete="off" autofocus bind:value={reason} />
	<button type="submit" class="btn preset-outlined-brand" disabled={reason.trim() === ''}>{does}</button>
	<button type="button" class="btn preset-quiet" onclick={onleave}>{leaves}</button>
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
