<script lang="ts">
	/** What is not needed every time: a word that opens it. */
	import Chevron from '@lucide/svelte/icons/chevron-right';
	import { Accordion } from '@skeletonlabs/skeleton-svelte';
	import type { Snippet } from 'svelte';

	type Props = { title: string | Snippet; /** Whether it is open at first. */ open?: boolean; children: Snippet };
	const { title, open = false, children }: Props = $props();
	// It begins as it is told to; from then on it is the reader's.
	// svelte-ignore state_referenced_locally
	let opened = $state(open ? ['it'] : []);
</script>

<Accordion collapsible value={opened} onValueChange={({ value }) => (opened = value)}>
	<Accordion.Item value="it">
		<Accordion.ItemTrigger>
			<Accordion.ItemIndicator><Chevron size={15} aria-hidden="true" /></Accordion.ItemIndicator>
			{#if typeof title === 'string'}{title}{:else}{@render title()}{/if}
		</Accordion.ItemTrigger>
		<Accordion.ItemContent
			>{#if opened.length > 0}{@render children()}{/if}</Accordion.ItemContent
		>
	</Accordion.Item>
</Accordion>
