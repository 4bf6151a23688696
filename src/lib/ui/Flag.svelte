<script lang="ts">
	type Props = {
		label: string;
		value: boolean;
		/** It follows from something else, and is not set here. */ follows?: boolean;
		onchange: (value: boolean) => void;
	};
	const { label, value, follows = false, onchange }: Props = $props();
</script>

<label class="flag"
	><input
		type="checkbox"
		class="checkbox"
		checked={value}
		disabled={follows}
		onchange={(event) => onchange(event.currentTarget.checked)}
	/>
	{label}</label
>

<style>
	.flag {
		display: flex;
		align-items: center;
		gap: 8px;
		min-height: var(--row);
		cursor: pointer;
	}
	input {
		width: 18px;
		height: 18px;
		flex: none;
	}
</style>
