<script lang="ts">
	import type { PageProps } from './$types';
	import type { PaperSize } from '$core/shop/about.ts';
	import PaperBar from '$lib/papers/PaperBar.svelte';
	import CareSheet from '$lib/papers/CareSheet.svelte';

	const { data }: PageProps = $props();
	// svelte-ignore state_referenced_locally
	let paper = $state<PaperSize>(data.shop.about.paper ?? 'a4');
</script>

<svelte:head><title>Care {data.number} · Rare Keep</title></svelte:head>
<PaperBar number={data.number} title={data.job.title ?? ''} size={paper} onsize={(next) => (paper = next)} />
<main id="main" class="paper-room"><CareSheet {...data} {paper} /></main>
