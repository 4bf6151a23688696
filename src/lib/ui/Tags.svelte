<script lang="ts">
	/** Several of a list: each a tag that can be taken off; the next is typed to find, or chosen from the list. */
	import Chevron from '@lucide/svelte/icons/chevron-down';
	import Close from '@lucide/svelte/icons/x';
	import { Combobox, Portal, TagsInput, useListCollection } from '@skeletonlabs/skeleton-svelte';
	import { stable } from './stable.svelte.ts';

	type Option = { value: string; label: string };
	type Props = {
		label: string;
		values: readonly string[];
		options: readonly Option[];
		onchange: (values: string[]) => void;
	};
	const { label, values, options, onchange }: Props = $props();
	const id = $props.id();
	// One field is the input of both controls: of the tags, and of the list beneath.
	const ids = { input: `${id}-input`, control: `${id}-control` };
	// A job made anew with the same tags is no change for the control.
	const chosen = stable(() => values);
	let isOpen = $state(false);
	let typed = $state('');
	const found = $derived(
		options.filter(
			(option) => !chosen().includes(option.value) && option.label.toLowerCase().includes(typed.trim().toLowerCase())
		)
	);
	const collection = $derived(
		useListCollection({ items: found, itemToValue: (option) => option.value, itemToString: (option) => option.label })
	);
	const names = $derived(chosen().map(nameOf));

	function nameOf(value: string): string {
		return options.find((option) => option.value === value)?.label ?? value;
	}

	/** The tags as they are now; a word that the list does not have is none. */
	function takeNames(next: readonly string[]) {
		const taken = next.flatMap((name) => {
			const value = values.find((one) => nameOf(one) === name) ?? options.find((option) => option.label === name)?.value;
			return value === undefined ? [] : [value];
		});
		if (taken.join('\n') !== values.join('\n')) onchange(taken);
	}
</script>

<TagsInput
	{ids}
	value={names}
	onValueChange={({ value }) => takeNames(value)}
	validate={({ inputValue }) => options.some((option) => option.label === inputValue)}
	editable={false}
	class="tags"
>
	<TagsInput.Label>{label}</TagsInput.Label>
	<Combobox
		{ids}
		{collection}
		value={[]}
		onValueChange={({ value }) => value[0] !== undefined && onchange([...values, value[0]])}
		onOpenChange={({ open }) => {
			isOpen = open;
			if (!open) typed = '';
		}}
		onInputValueChange={({ inputValue, reason }) => (typed = reason === 'input-change' ? inputValue : '')}
		selectionBehavior="clear"
		inputBehavior="autohighlight"
		openOnClick
		positioning={{ placement: 'bottom-start', gutter: 2, strategy: 'fixed' }}
	>
		<TagsInput.Control>
			{#each chosen() as value, index (value)}
				<TagsInput.Item {index} value={nameOf(value)}>
					<TagsInput.ItemPreview>
						<TagsInput.ItemText>{nameOf(value)}</TagsInput.ItemText>
						<TagsInput.ItemDeleteTrigger aria-label="Remove {value}"><Close aria-hidden="true" /></TagsInput.ItemDeleteTrigger>
					</TagsInput.ItemPreview>
				</TagsInput.Item>
			{/each}
			<TagsInput.Input placeholder="type to find">
				{#snippet element(attributes)}
					<Combobox.Input {...attributes} />
				{/snippet}
			</TagsInput.Input>
			<Combobox.Trigger tabindex={-1} aria-label="Show all: {label}"><Chevron size={15} aria-hidden="true" /></Combobox.Trigger>
		</TagsInput.Control>
		{#if isOpen}
			<Portal>
				<Combobox.Positioner>
					<Combobox.Content>
						{#each found as option (option.value)}
							<Combobox.Item item={option}><Combobox.ItemText>{option.label}</Combobox.ItemText></Combobox.Item>
						{:else}
							<p class="quiet none">
								{typed ? `No match for “${typed}”.` : 'Everything in the list is chosen.'}
							</p>
						{/each}
					</Combobox.Content>
				</Combobox.Positioner>
			</Portal>
		{/if}
	</Combobox>
</TagsInput>

<style>
	.none {
		padding: 6px 10px;
	}
</style>
