<script lang="ts">
	/** Where the bar has no room for them, the places open from one button. */
	import MenuIcon from '@lucide/svelte/icons/menu';
	import { Menu, Portal } from '@skeletonlabs/skeleton-svelte';
	import type { HTMLAnchorAttributes } from 'svelte/elements';

	type Props = { places: readonly { href: string; name: string }[]; here: string };
	const { places, here }: Props = $props();
	let isOpen = $state(false);
</script>

<Menu onOpenChange={({ open }) => (isOpen = open)} positioning={{ placement: 'bottom-start', gutter: 6, strategy: 'fixed' }}>
	<Menu.Trigger class="btn preset-on-bar" aria-label="Places"><MenuIcon size={17} aria-hidden="true" /></Menu.Trigger>
	{#if isOpen}
		<Portal>
			<Menu.Positioner>
				<Menu.Content>
					{#each places as { name, href } (href)}<Menu.Item value={href}>
							{#snippet element(attributes)}<a
									{...attributes as HTMLAnchorAttributes}
									{href}
									aria-current={here === name ? 'page' : undefined}>{name}</a
								>{/snippet}
						</Menu.Item>{/each}
				</Menu.Content>
			</Menu.Positioner>
		</Portal>
	{/if}
</Menu>
