<script lang="ts">
	import '../app.css';
	import type { Snippet } from 'svelte';
	import { afterNavigate } from '$app/navigation';
	import { isInField, leaveByEscape, leaveListByEscape } from '$lib/ui/keys.ts';
	import { changeLook } from '$lib/ui/look.ts';
	import Everywhere from '$lib/find/Everywhere.svelte';
	import Away from '$lib/ui/Away.svelte';
	import Toasts from '$lib/ui/Toasts.svelte';

	function onkeydown(event: KeyboardEvent) {
		leaveByEscape(event);
		const command = event.ctrlKey || event.metaKey || event.altKey;
		if (event.key.toLowerCase() === 'd' && !command && !isInField(event)) changeLook();
	}

	const { children }: { children: Snippet } = $props();
	// From here on buttons of the page answer: tests and scripts wait for it.
	afterNavigate(() => {
		document.documentElement.dataset.alive = 'yes';
	});
</script>

<svelte:window {onkeydown} onkeydowncapture={leaveListByEscape} />
<a class="skip" href="#main">Skip to content</a>
{@render children()}
<Everywhere />
<Away />
<Toasts />

<style>
	.skip {
		position: absolute;
		left: 8px;
		top: -60px;
		z-index: 10;
		padding: 8px 14px;
		background: var(--sheet);
		color: var(--accent);
	}
	.skip:focus {
		top: 8px;
	}
</style>
