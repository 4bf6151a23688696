<script lang="ts">
	/** The dark bar on top of every screen. */
	import { AppBar } from '@skeletonlabs/skeleton-svelte';
	import type { Snippet } from 'svelte';
	import Links from './Links.svelte';
	import Search from '@lucide/svelte/icons/search';
	import { everywhere } from '$lib/find/everywhere.svelte.ts';
	import Lamp from '@lucide/svelte/icons/lamp-desk';
	import { changeLook } from './look.ts';
	import Tip from './Tip.svelte';
	import PlacesMenu from './PlacesMenu.svelte';

	type Props = {
		here?: string;
		/** So many letters of a name, and of what it is, stand on it beside much else: it stays one row, and the name is read. */
		letters?: number | null;
		/** On a phone it takes a second row. */
		wraps?: boolean;
		children?: Snippet;
	};
	const { here = '', letters = null, wraps = false, children }: Props = $props();
	/**
	 * What gives way, in this order: the places go into their menu, as soon as the name would be cut; the program's own name; on a tablet
	 * what a menu has too; on a phone all that can wait; then the name is cut.
	 */
	const says = $derived(
		letters === null ? '' : letters <= 16 ? 'little' : letters <= 32 ? 'some' : letters <= 60 ? 'much' : 'most'
	);
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

<AppBar class="bar {letters === null ? '' : `${wraps ? '' : 'one-row'} ${says}`}">
	<AppBar.Toolbar>
		<div class="narrow"><PlacesMenu places={PLACES} {here} /></div>
		<AppBar.Lead class={letters === null ? '' : 'gives-room'}><a class="brand" href="/">Rare Keep</a></AppBar.Lead>
		<div class="wide"><Links name="Places" places={PLACES} {here} /></div>
		{@render children?.()}
		<div class="ask">
			<Tip name="Find anything" key="/" onpress={() => (everywhere.find = true)}><Search size={17} aria-hidden="true" /></Tip>
		</div>
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
	.wide + .ask {
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
	:global(.most) .wide {
		display: none;
	}
	:global(.most) .narrow {
		display: block;
	}
	@media (max-width: 1720px) {
		:global(.much) .wide {
			display: none;
		}
		:global(.much) .narrow {
			display: block;
		}
	}
	@media (max-width: 1500px) {
		:global(.some) .wide {
			display: none;
		}
		:global(.some) .narrow {
			display: block;
		}
	}
	@media (max-width: 1360px) {
		:global(.little) .wide {
			display: none;
		}
		:global(.little) .narrow {
			display: block;
		}
	}
	@media (max-width: 767px) {
		.brand {
			font-size: 17px;
		}
		:global(.one-row) .lamp {
			display: none;
		}
	}
</style>
