<script lang="ts">
	/** One of a list. */
	type Props = {
		label: string;
		value: string;
		options: readonly { value: string; label: string }[];
		onchange: (value: string) => void;
		bare?: boolean;
	};
	const { label, value, options, onchange, bare = false }: Props = $props();
	const id = $props.id();
</script>

<div class="pick" class:bare>
	<label for={id} class={bare ? 'seen-by-readers' : ''}>{label}</label>
	<select {id} class="field select" {value} onchange={(event) => onchange(event.currentTarget.value)}>
		{#each options as option (option.value)}<option value={option.value}>{option.label}</option>{/each}
	</select>
</div>

<style>
	.pick {
		display: grid;
		gap: 3px;
	}
	select {
		padding-block: 0;
		line-height: 28px;
	}
</style>
