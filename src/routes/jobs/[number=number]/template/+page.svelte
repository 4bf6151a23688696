<script lang="ts">
	import type { PageProps } from './$types';
	import type { PaperSize } from '$core/shop/about.ts';
	import PaperBar from '$lib/papers/PaperBar.svelte';
	import Template from '$lib/papers/Template.svelte';

	const { data }: PageProps = $props();
	// svelte-ignore state_referenced_locally
	let paper = $state<PaperSize>(data.shop.about.paper ?? 'a4');
</script>

<svelte:head><title>Template {data.number} · Rare Keep</title></svelte:head>
<PaperBar number={data.number} title={data.job.title ?? ''} size={paper} onsize={(next) => (paper = next)} />
<main id="main" class="paper-room">
	<h1 class="seen-by-readers">Template of the back, {data.number}</h1>
	<Template {...data} {paper} />
</main>
