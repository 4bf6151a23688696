<script lang="ts" module>
	export type ComboOption = {
		value: string;
		label: string;
		/** The figure that matters in choosing. */
		figure?: string;
		/** Its colour, `#rrggbb`. */
		swatch?: string;
	};
</script>

<script lang="ts">
	/** One of a longer list: typed to find, each with its swatch and the figure that matters. */
	import Chevron from '@lucide/svelte/icons/chevron-down';
	import { Combobox, Portal, useListCollection } from '@skeletonlabs/skeleton-svelte';
	import { stable } from '$lib/ui/stable.svelte.ts';

	type Props = {
		label: string;
		value: string;
		options: readonly ComboOption[];
		onchange: (value: string) => void;
		/** The label is read out but not shown. */
		bare?: boolean;
	};
	const { label, value, options, onchange, bare = false }: Props = $props();
	const offered = stable(() => options);
	// A job made anew with the same choice is no change for the control.
	const same = $derived(value);
	const values = $derived([same]);
	let isOpen = $state(false);
	/** null: nothing was typed since the list was closed, so all is shown. */
	let typed = $state<string | null>(null);
	const words = $derived((typed ?? '').toLowerCase().split(/\s+/).filter(Boolean));
	const found = $derived(
		offered().filter((option) => words.every((word) => `${option.label} ${option.figure ?? ''}`.toLowerCase().includes(word)))
	);
	// What is chosen is known to the control also while the list is narrowed.
	const collection = $derived(
		useListCollection({
			items: isOpen ? found : offered(),
			itemToValue: (option) => option.value,
			itemToString: (option) => option.label
		})
	);
	const chosen = $derived(offered().find((option) => option.value === same));
</script>

<Combobox
	class="combo"
	{collection}
	value={values}
	onValueChange={(change) => change.value[0] !== undefined && change.value[0] !== value && onchange(change.value[0])}
	inputValue={typed ?? chosen?.label ?? ''}
	onOpenChange={({ open }) => {
		isOpen = open;
		// Left without a choice, the field says again what holds.
		if (!open) typed = null;
	}}
	onInputValueChange={({ inputValue, reason }) => {
		if (reason === 'input-change') typed = inputValue;
	}}
	inputBehavior="autohighlight"
	openOnClick
	selectionBehavior="replace"
	positioning={{ placement: 'bottom-start', gutter: 2, strategy: 'fixed' }}
>
	<Combobox.Label class={bare ? 'seen-by-readers' : ''}>{label}</Combobox.Label>
	<Combobox.Control class={chosen?.swatch ? 'with-swatch' : ''}>
		{#if chosen?.swatch}<span class="swatch chosen" style:background={chosen.swatch} aria-hidden="true"></span>{/if}
		<Combobox.Input class="input" autocomplete="off" onfocus={(event) => event.currentTarget.select()} />
		<Combobox.Trigger tabindex={-1} aria-label="Show all: {label}"><Chevron size={15} aria-hidden="true" /></Combobox.Trigger>
	</Combobox.Control>
	{#if isOpen}
		<Portal>
			<Combobox.Positioner>
				<Combobox.Content>
					{#each found as option (option.value)}
						<Combobox.Item item={option}>
							<span class="of">
								{#if option.swatch}<span class="swatch" style:background={option.swatch}></span>{/if}
								<Combobox.ItemText>{option.label}</Combobox.ItemText>
							</span>
							{#if option.figure}<span class="figures quiet figure">{option.figure}</span>{/if}
						</Combobox.Item>
					{:else}
						<p class="quiet none">No match for “{typed}”.</p>
					{/each}
				</Combobox.Content>
			</Combobox.Positioner>
		</Portal>
	{/if}
</Combobox>

<style>
	:global(.combo[data-part='root']) {
		gap: 3px;
	}
	:global(.combo [data-part='input']) {
		padding-right: 24px;
		text-overflow: ellipsis;
	}
	:global(.combo .with-swatch [data-part='input']) {
		padding-left: 30px;
	}
	.swatch {
		flex: none;
		width: 16px;
		height: 16px;
		border: 1px solid var(--line-strong);
	}
	.chosen {
		position: absolute;
		left: 8px;
		top: calc(50% - 8px);
	}
	.of {
		display: flex;
		align-items: center;
		gap: 8px;
	}
	.figure {
		white-space: nowrap;
		font-size: var(--text-sm);
		font-weight: 400;
	}
	.none {
		padding: 6px 10px;
	}
</style>
