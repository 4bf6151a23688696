<script lang="ts">
	import '../app.css';
	import { onMount, type Snippet } from 'svelte';
	import Toasts from '$lib/ui/Toasts.svelte';

	const { children }: { children: Snippet } = $props();
	// From here on buttons answer: tests and scripts wait for it.
	onMount(() => {
		document.documentElement.dataset.alive = 'yes';
	});
</script>

<a class="skip" href="#main">To the content</a>
{@render children()}
<Toasts />

<style>
	.skip {
		position: absolute;
		left: 8px;
		top: -60px;
		z-index: 10;
		padding: 8px 14px;
		background: #fff;
		color: var(--accent);
	}
	.skip:focus {
		top: 8px;
	}
</style>
