<script lang="ts">
	/** Something that is on or off at once. A fact about the piece is ticked instead: see Flag. */
	import { Switch } from '@skeletonlabs/skeleton-svelte';

	type Props = { label: string; value: boolean; onchange: (value: boolean) => void };
	const { label, value, onchange }: Props = $props();
</script>

<Switch checked={value} onCheckedChange={({ checked }) => onchange(checked)}>
	<Switch.Control><Switch.Thumb /></Switch.Control>
	<Switch.Label>{label}</Switch.Label>
	<Switch.HiddenInput />
</Switch>
