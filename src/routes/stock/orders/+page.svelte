<script lang="ts">
	import type { PageProps } from './$types';
	import Orders from '$lib/orders/Orders.svelte';

	const { data }: PageProps = $props();
</script>

<Orders {...data} />
