<script lang="ts">
	/** What Shop holds: one place beside the other. */
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
