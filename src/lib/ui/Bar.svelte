<script lang="ts">
	/** The dark bar on top of every screen. */
	import { AppBar } from '@skeletonlabs/skeleton-svelte';
	import type { Snippet } from 'svelte';
	import Links from './Links.svelte';

	type Props = { here?: string; children?: Snippet };
	const { here = '', children }: Props = $props();
	const PLACES = [
		{ href: '/', name: 'Today' },
		{ href: '/stock/materials', name: 'Stock' },
		{ href: '/light', name: 'Light and climate' },
		{ href: '/handbook', name: 'Handbook' },
		{ href: '/house', name: 'House' }
	];
</script>

<AppBar class="bar">
	<AppBar.Toolbar>
		<AppBar.Lead><a class="brand" href="/">Rare Keep</a></AppBar.Lead>
		<Links name="Places" places={PLACES} {here} />
		{@render children?.()}
	</AppBar.Toolbar>
</AppBar>

<style>
	.brand {
		font-family: var(--serif);
		font-weight: 600;
		font-size: 19px;
		white-space: nowrap;
	}
</style>
