<script lang="ts" generics="T extends string">
	/** One of a few, side by side. */
	import { SegmentedControl } from '@skeletonlabs/skeleton-svelte';

	type Props = {
		label: string;
		value: T;
		options: readonly { value: T; label: string }[];
		onchange: (value: T) => void;
		compact?: boolean;
		/** It stands on the dark bar. */
		dark?: boolean;
		/** What is shown was chosen by nobody yet: pressing it decides for it. */
		undecided?: boolean;
	};
	const { label, value, options, onchange, compact = false, dark = false, undecided = false }: Props = $props();
	// A job made anew with the same choice is no change for the control.
	const chosen = $derived(value);
	/** The control is silent where its choice stays: a label hands its click on to its input, and only that one counts. */
	function again({ target }: MouseEvent, pressed: T) {
		if (undecided && pressed === chosen && target instanceof HTMLInputElement) onchange(pressed);
	}
</script>

<SegmentedControl
	value={chosen}
	onValueChange={(change) => change.value !== null && onchange(change.value as T)}
	aria-label={label}
	class="{compact ? 'compact' : ''} {dark ? 'on-bar' : ''}"
>
	<SegmentedControl.Label class="seen-by-readers">{label}</SegmentedControl.Label>
	<SegmentedControl.Control>
		{#each options as option (option.value)}
			<SegmentedControl.Item value={option.value} onclick={(event) => again(event, option.value)}>
				<SegmentedControl.ItemText>{option.label}</SegmentedControl.ItemText>
				<SegmentedControl.ItemHiddenInput />
			</SegmentedControl.Item>
		{/each}
	</SegmentedControl.Control>
</SegmentedControl>
