<script lang="ts" generics="T extends string">
	/** One of a few, side by side. */
	import { SegmentedControl } from '@skeletonlabs/skeleton-svelte';

	type Props = {
		label: string;
		value: T;
		options: readonly { value: T; label: string }[];
		onchange: (value: T) => void;
		compact?: boolean;
		dark?: boolean;
	};
	const { label, value, options, onchange, compact = false, dark = false }: Props = $props();
	// A job made anew with the same choice is no change for the control.
	const chosen = $derived(value);
</script>

<SegmentedControl
	value={chosen}
	onValueChange={(change) => change.value !== null && onchange(change.value as T)}
	aria-label={label}
	class="choice {compact ? 'compact' : ''} {dark ? 'dark-bar' : ''}"
>
	<SegmentedControl.Label class="seen-by-readers">{label}</SegmentedControl.Label>
	<SegmentedControl.Control class="choice-row">
		{#each options as option (option.value)}
			<SegmentedControl.Item value={option.value} class="choice-item">
				<SegmentedControl.ItemText>{option.label}</SegmentedControl.ItemText>
				<SegmentedControl.ItemHiddenInput />
			</SegmentedControl.Item>
		{/each}
	</SegmentedControl.Control>
</SegmentedControl>

<style>
	:global(.choice-row) {
		display: flex;
		width: 100%;
		padding: 0;
		gap: 0;
		border: 1px solid var(--line-strong);
		border-radius: var(--radius-base);
		background: var(--color-surface-50);
		overflow: hidden;
	}
	:global(.choice-item) {
		flex: 1;
		display: flex;
		align-items: center;
		justify-content: center;
		min-height: 30px;
		padding: 0 10px;
		font-size: 14px;
		cursor: pointer;
		border-right: 1px solid var(--line-strong);
	}
	:global(.choice-item:last-child) {
		border-right: 0;
	}
	:global(.choice-item[data-state='checked']) {
		background: var(--bar);
		color: #fff;
		font-weight: 600;
	}
	:global(.choice-item[data-focus-visible], .choice-item:has(input:focus-visible)) {
		outline: 2px solid var(--accent);
		outline-offset: -3px;
		box-shadow: inset 0 0 0 2px #fff;
	}
	:global(.compact .choice-item) {
		min-height: 26px;
		padding: 0 6px;
		white-space: nowrap;
	}
	:global(.dark-bar .choice-row) {
		background: transparent;
		border-color: #6d8290;
	}
	:global(.dark-bar .choice-item) {
		color: #dfe6ea;
	}
	:global(.dark-bar .choice-item[data-state='checked']) {
		background: #f5f4f1;
		color: var(--bar);
	}
</style>
