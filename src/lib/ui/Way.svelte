<script lang="ts">
	/** Where one is in a few steps that follow each other. */
	import { Steps } from '@skeletonlabs/skeleton-svelte';

	type Props = { label: string; names: readonly string[]; /** From 0. */ at: number };
	const { label, names, at }: Props = $props();
</script>

<Steps count={names.length} step={at} linear aria-label={label}>
	<Steps.List>
		{#each names as name, index (name)}
			<Steps.Item {index}>
				<span class="step" data-scope="steps" data-part="trigger" data-current={index === at ? '' : undefined}>
					<Steps.Indicator>{index + 1}</Steps.Indicator>
					{name}
				</span>
				{#if index < names.length - 1}<Steps.Separator />{/if}
			</Steps.Item>
		{/each}
	</Steps.List>
</Steps>
