<script lang="ts">
	/** What Stock holds: one place beside the other. */
	import Places from '$lib/ui/Places.svelte';

	type Props = { here: string };
	const { here }: Props = $props();
	const PLACES = [
		{ href: '/stock/materials', name: 'Materials' },
		{ href: '/stock/sheets', name: 'Sheets and offcuts' },
		{ href: '/stock/orders', name: 'Orders' },
		{ href: '/stock/shelf', name: 'Shelf' }
	];
</script>

<Places name="Stock" places={PLACES} {here} />
