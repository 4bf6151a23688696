<script lang="ts">
	/** What the shop says of itself. */
	import type { PageProps } from './$types';
	import AboutShop from '$lib/house/AboutShop.svelte';
	import HousePlaces from '$lib/house/HousePlaces.svelte';
	import Bar from '$lib/ui/Bar.svelte';

	const { data }: PageProps = $props();
</script>

<svelte:head><title>Shop details · Rare Keep</title></svelte:head>
<Bar here="Shop" />
<main id="main">
	<HousePlaces here="Details" />
	<h1>Shop details</h1>
	<p class="about">
		Its name is printed on labels and papers; unit, paper and currency are the defaults for new pieces, papers and prices.
	</p>
	<AboutShop about={data.about} rev={data.rev} does="Save" />
</main>

<style>
	main {
		max-width: 560px;
		padding: 26px 24px 60px;
	}
	h1 {
		font-size: 27px;
	}
	.about {
		margin-bottom: 14px;
		color: var(--quiet);
	}
</style>
