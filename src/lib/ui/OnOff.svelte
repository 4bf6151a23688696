<script lang="ts">
	/** Something that is on or off at once. A fact about the piece is ticked instead: see Flag. */
	import { Switch } from '@skeletonlabs/skeleton-svelte';

	type Props = { label: string; value: boolean; onchange: (value: boolean) => void };
	const { label, value, onchange }: Props = $props();
	// A job made anew with the same answer is no change for the control.
	const checked = $derived(value);
</script>

<Switch {checked} onCheckedChange={(change) => onchange(change.checked)}>
	<Switch.Control><Switch.Thumb /></Switch.Control>
	<Switch.Label>{label}</Switch.Label>
	<Switch.HiddenInput />
</Switch>
