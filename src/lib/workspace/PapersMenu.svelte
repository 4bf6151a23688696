<script lang="ts">
	/** Every other paper and file of the job, from anywhere in it. */
	import More from '@lucide/svelte/icons/ellipsis';
	import { Menu, Portal } from '@skeletonlabs/skeleton-svelte';
	import type { HTMLAnchorAttributes } from 'svelte/elements';
	import { changeLook } from '$lib/ui/look.ts';
	import { useWorkspace } from './context.ts';
	import { redo } from './steps.ts';
	import { filesOf } from './files.ts';

	const { editor } = useWorkspace();
	let isOpen = $state(false);
	/** Where the bar has no room for what else stands there. */
	const isNarrow = $derived(isOpen && matchMedia('(max-width: 900px)').matches);
	const IN_THE_HAND: Record<string, (() => void) | undefined> = {
		unit: () => editor.read(editor.unit === 'mm' ? 'in' : 'mm'),
		light: changeLook,
		redo: () => redo(editor)
	};
	const files = $derived(filesOf(editor.number, editor.settled.plan));
</script>

<Menu
	onOpenChange={({ open }) => (isOpen = open)}
	onSelect={({ value }) => IN_THE_HAND[value]?.()}
	positioning={{ placement: 'bottom-end', gutter: 6, strategy: 'fixed' }}
>
	<Menu.Trigger class="btn preset-on-bar" aria-label="Papers and files"><More size={17} aria-hidden="true" /></Menu.Trigger>
	{#if isOpen}
		<Portal>
			<Menu.Positioner>
				<Menu.Content>
					{#if isNarrow}
						<Menu.ItemGroup>
							<Menu.ItemGroupLabel>On this screen</Menu.ItemGroupLabel>
							<Menu.Item value="unit">Show in {editor.unit === 'mm' ? 'inches' : 'millimetres'}</Menu.Item>
							<Menu.Item value="redo" disabled={!editor.canRedo}>Redo</Menu.Item>
							<Menu.Item value="light">Bench light</Menu.Item>
						</Menu.ItemGroup>{/if}
					<Menu.ItemGroup>
						<Menu.ItemGroupLabel>Papers</Menu.ItemGroupLabel>
						{#each files.papers as { name, href, key } (href)}<Menu.Item value={href}>
								{#snippet element(attributes)}<a
										{...attributes as HTMLAnchorAttributes}
										{href}
										data-sveltekit-preload-data="off"
										aria-keyshortcuts={key}>{name} <kbd class="quiet">{key.toUpperCase()}</kbd></a
									>{/snippet}
							</Menu.Item>{/each}
					</Menu.ItemGroup>
					<Menu.ItemGroup>
						<Menu.ItemGroupLabel>Files, in mm</Menu.ItemGroupLabel>
						{#each files.files as { name, kind, href } (href)}<Menu.Item value={href}>
								{#snippet element(attributes)}<a {...attributes as HTMLAnchorAttributes} {href} download
										>{name} <span class="quiet">{kind}</span></a
									>{/snippet}
							</Menu.Item>{/each}
					</Menu.ItemGroup>
				</Menu.Content>
			</Menu.Positioner>
		</Portal>
	{/if}
</Menu>
