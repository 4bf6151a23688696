<script lang="ts">
	/** The dark bar on top of every screen. */
	import { AppBar } from '@skeletonlabs/skeleton-svelte';
	import type { Snippet } from 'svelte';
	import Links from './Links.svelte';
	import Lamp from '@lucide/svelte/icons/lamp-desk';
	import { changeLook } from './look.ts';
	import Tip from './Tip.svelte';
	import PlacesMenu from './PlacesMenu.svelte';

	type Props = {
		here?: string;
		/** Much else stands on it: on a narrow screen the name gives room. */ tight?: boolean;
		children?: Snippet;
	};
	const { here = '', tight = false, children }: Props = $props();
	const PLACES = [
		{ href: '/', name: 'Today' },
		{ href: '/cutting', name: 'Cutting' },
		{ href: '/bench', name: 'Bench' },
		{ href: '/stock/materials', name: 'Stock' },
		{ href: '/walls', name: 'Walls' },
		{ href: '/light', name: 'Light' },
		{ href: '/handbook', name: 'Handbook' },
		{ href: '/shop', name: 'Shop' }
	];
</script>

<AppBar class="bar">
	<AppBar.Toolbar>
		<div class="narrow"><PlacesMenu places={PLACES} {here} /></div>
		<AppBar.Lead class={tight ? 'gives-room' : ''}><a class="brand" href="/">Rare Keep</a></AppBar.Lead>
		<div class="wide"><Links name="Places" places={PLACES} {here} /></div>
		{@render children?.()}
		<div class="lamp"><Tip name="Bench light" key="D" onpress={changeLook}><Lamp size={17} aria-hidden="true" /></Tip></div>
	</AppBar.Toolbar>
</AppBar>

<style>
	.brand {
		display: inline-flex;
		align-items: center;
		min-height: var(--on-bar);
		font-family: var(--serif);
		font-weight: 600;
		font-size: 19px;
		white-space: nowrap;
	}
	.wide + .lamp {
		margin-left: auto;
	}
	.narrow {
		display: none;
	}
	@media (max-width: 1100px) {
		.wide {
			display: none;
		}
		.narrow {
			display: block;
		}
		:global(.gives-room) {
			display: none;
		}
	}
	@media (max-width: 767px) {
		.brand {
			font-size: 17px;
		}
	}
</style>
