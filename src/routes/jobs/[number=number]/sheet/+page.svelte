<script lang="ts">
	import type { PageProps } from './$types';
	import JobSheet from '$lib/papers/JobSheet.svelte';
	import type { PaperSize } from '$core/shop/about.ts';
	import PaperBar from '$lib/papers/PaperBar.svelte';

	const { data }: PageProps = $props();
	// svelte-ignore state_referenced_locally
	let paper = $state<PaperSize>(data.shop.about.paper ?? 'a4');
</script>

<svelte:head><title>Job sheet {data.number} · Rare Keep</title></svelte:head>
<PaperBar number={data.number} title={data.job.title ?? ''} size={paper} onsize={(next) => (paper = next)} />
<main id="main"><JobSheet {...data} {paper} /></main>
