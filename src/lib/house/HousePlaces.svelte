<script lang="ts">
	/** What Shop holds: one place beside the other. */
	import HardDrive from '@lucide/svelte/icons/hard-drive';
	import { page } from '$app/state';
	import Places from '$lib/ui/Places.svelte';

	type Props = { here: string };
	const { here }: Props = $props();
	const PLACES = [
		{ href: '/shop/details', name: 'Details' },
		{ href: '/shop', name: 'Frame sizes' },
		{ href: '/shop/rules', name: 'Rules' },
		{ href: '/shop/defaults', name: 'Defaults' },
		{ href: '/shop/ways', name: 'Ways of working' },
		{ href: '/shop/steps', name: 'Steps' }
	];
</script>

<Places name="Shop" places={PLACES} {here} />
{#if page.data.littleSpace}<p class="space" role="status">
		<HardDrive size={16} aria-hidden="true" />
		{page.data.littleSpace as string}
	</p>{/if}

<style>
	.space {
		display: flex;
		gap: 8px;
		align-items: center;
		margin-bottom: 14px;
		padding: 8px 12px;
		border-left: 3px solid var(--caution);
		background: var(--sheet);
	}
</style>
