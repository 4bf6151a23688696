<script lang="ts">
	/** The one find and the list of keys, by their keys on every screen; what draws them is loaded once they are asked for. */
	import { beforeNavigate } from '$app/navigation';
	import { isInField } from '$lib/ui/keys.ts';
	import { everywhere } from './everywhere.svelte.ts';

	function onkeydown(event: KeyboardEvent) {
		const key = event.key.toLowerCase();
		const command = event.ctrlKey || event.metaKey;
		if (command && key === 'k' && !event.altKey && !event.shiftKey) everywhere.find = true;
		else if (command || event.altKey || isInField(event)) return;
		else if (key === '/') everywhere.find = true;
		else if (key === '?') everywhere.keys = !everywhere.keys;
		else return;
		event.preventDefault();
	}
	beforeNavigate(() => {
		everywhere.find = false;
	});
</script>

<svelte:window {onkeydown} />
{#if everywhere.find}{#await import('./Find.svelte') then { default: Find }}<Find
			onclose={() => (everywhere.find = false)}
		/>{/await}{/if}
{#if everywhere.keys}{#await import('$lib/ui/Keys.svelte') then { default: Keys }}<Keys
			onclose={() => (everywhere.keys = false)}
		/>{/await}{/if}
