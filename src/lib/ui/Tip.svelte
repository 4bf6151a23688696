<script lang="ts">
	/** A button with a sign for a name: the name shows when it is pointed at. */
	import { Portal, Tooltip } from '@skeletonlabs/skeleton-svelte';
	import type { Snippet } from 'svelte';

	type Props = {
		name: string;
		/** Where it has a key, the key. */ key?: string;
		disabled?: boolean;
		onpress: () => void;
		children: Snippet;
	};
	const { name, key, disabled = false, onpress, children }: Props = $props();
</script>

<Tooltip openDelay={400} closeDelay={0} positioning={{ placement: 'bottom', gutter: 6, strategy: 'fixed' }}>
	<Tooltip.Trigger class="btn preset-on-bar" aria-label={name} {disabled} onclick={onpress}>{@render children()}</Tooltip.Trigger>
	<Tooltip.Context>
		{#snippet children(tooltip)}
			{#if tooltip().open}<Portal>
					<Tooltip.Positioner>
						<Tooltip.Content
							>{name}{#if key}<span class="key">{key}</span>{/if}</Tooltip.Content
						>
					</Tooltip.Positioner>
				</Portal>{/if}
		{/snippet}
	</Tooltip.Context>
</Tooltip>

<style>
	.key {
		margin-left: 8px;
		opacity: 0.75;
	}
</style>
