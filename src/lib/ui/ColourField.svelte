<script lang="ts">
	/** A colour by its name in the shop's list, or by its value. */
	import { COLOURS, colourOf } from '$core/shop/colours.ts';
	import Pick from './Pick.svelte';

	type Props = { label: string; value: string; onchange: (colour: string) => void };
	const { label, value, onchange }: Props = $props();
	const id = $props.id();
	const options = $derived([
		...(COLOURS[value] ? [] : [{ value, label: value }]),
		...Object.keys(COLOURS).map((name) => ({ value: name, label: name }))
	]);
</script>

<div class="colour">
	<Pick {label} {value} {options} {onchange} />
	<label for={id} class="seen-by-readers">{label}, by its value</label>
	<input {id} type="color" value={colourOf(value)} onchange={(event) => onchange(event.currentTarget.value)} />
</div>

<style>
	.colour {
		display: grid;
		grid-template-columns: minmax(110px, 1fr) 38px;
		gap: 6px;
		align-items: end;
	}
	input {
		height: 32px;
		width: 38px;
		padding: 2px;
		border: 1px solid var(--line-strong);
		border-radius: 3px;
		background: #fff;
		cursor: pointer;
	}
</style>
