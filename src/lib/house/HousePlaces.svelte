<script lang="ts">
	/** What House holds: one place beside the other. */
	import Places from '$lib/ui/Places.svelte';

	type Props = { here: string };
	const { here }: Props = $props();
	const PLACES = [
		{ href: '/house/shop', name: 'The shop' },
		{ href: '/house', name: 'Frame sizes' },
		{ href: '/house/rules', name: 'Rules' },
		{ href: '/house/figures', name: 'House figures' },
		{ href: '/house/schools', name: 'Schools' },
		{ href: '/house/steps', name: 'Steps' }
	];
</script>

<Places name="House" places={PLACES} {here} />
