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
		display: flex !important;
		width: 100%;
		padding: 0 !important;
		gap: 0 !important;
		border: 1px solid var(--line-strong) !important;
		border-radius: var(--radius-base) !important;
		background: var(--color-surface-50) !important;
		overflow: hidden;
	}
	:global(.choice-item) {
		flex: 1;
		display: flex !important;
		align-items: center;
		justify-content: center;
		min-height: 30px;
		padding: 0 10px !important;
		font-size: 14px !important;
		cursor: pointer;
		border-right: 1px solid var(--line-strong);
	}
	:global(.choice-item:last-child) {
		border-right: 0;
	}
	:global(.choice-item[data-state='checked']) {
		background: var(--bar);
		color: #fff !important;
		font-weight: 600;
	}
	:global(.choice-item[data-focus-visible], .choice-item:has(input:focus-visible)) {
		outline: 2px solid var(--accent);
		outline-offset: -3px;
		box-shadow: inset 0 0 0 2px #fff;
	}
	:global(.compact .choice-item) {
		min-height: 26px;
		padding: 0 10px !important;
	}
	:global(.dark-bar .choice-row) {
		background: transparent !important;
		border-color: #6d8290 !important;
	}
	:global(.dark-bar .choice-item) {
		color: #dfe6ea;
	}
	:global(.dark-bar .choice-item[data-state='checked']) {
		background: #f5f4f1;
		color: var(--bar) !important;
	}
</style>
