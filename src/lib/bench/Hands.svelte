<script lang="ts">
	/** Whose hands these are: initials, written once, changed by one key. */
	import type { Initials } from './initials.svelte.ts';

	const { initials }: { initials: Initials } = $props();
	let typed = $state('');

	function take(event: SubmitEvent) {
		event.preventDefault();
		initials.take(typed);
		typed = '';
		(document.activeElement as HTMLElement | null)?.blur();
	}
</script>

<form onsubmit={take}>
	{#if initials.known.length > 1}<button type="button" class="who" onclick={() => initials.turn()} title="I: next person"
			>{initials.now}</button
		>{:else if initials.now}<span class="who">{initials.now}</span>{/if}
	<label for="initials" class="seen-by-readers">Bench framer’s initials</label>
	<input
		id="initials"
		class="input"
		maxlength="3"
		placeholder={initials.now ? 'else' : 'initials'}
		autocomplete="off"
		bind:value={typed}
	/>
</form>

<style>
	form {
		display: flex;
		align-items: center;
		gap: 8px;
	}
	.who {
		font-weight: 600;
		min-width: 44px;
		min-height: 44px;
		display: inline-grid;
		place-items: center;
	}
	button.who {
		border: 1px solid var(--line-strong);
	}
	input {
		width: 84px;
		height: 44px;
		text-transform: uppercase;
	}
	input::placeholder {
		color: var(--quiet);
		text-transform: none;
	}
</style>
