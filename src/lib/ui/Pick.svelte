<script lang="ts">
	/** One of a list. */
	import { stable } from '$lib/ui/stable.svelte.ts';

	type Props = {
		label: string;
		value: string;
		options: readonly { value: string; label: string }[];
		onchange: (value: string) => void;
		bare?: boolean;
	};
	const { label, value, options, onchange, bare = false }: Props = $props();
	const offered = stable(() => options);
	const chosen = $derived(value);
	const id = $props.id();
</script>

<div class="pick" class:bare>
	<label for={id} class={bare ? 'seen-by-readers' : ''}>{label}</label>
	<select {id} class="select" value={chosen} onchange={(event) => onchange(event.currentTarget.value)}>
		{#each offered() as option (option.value)}<option value={option.value}>{option.label}</option>{/each}
	</select>
</div>

<style>
	.pick {
		display: grid;
		gap: 3px;
	}
	select {
		padding-block: 0;
		line-height: var(--control);
	}
</style>
