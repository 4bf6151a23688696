<script lang="ts">
	import { page } from '$app/state';
	import Bar from '$lib/ui/Bar.svelte';
</script>

<svelte:head><title>{page.status} · Rare Keep</title></svelte:head>
<Bar />
<main id="main">
	<h1>{page.status === 404 ? 'Page not found' : page.status === 409 ? 'This can’t be planned yet' : 'Something went wrong'}</h1>
	<p>{page.error?.message}</p>
	<p>
		{#if page.status === 409 && page.params.number}<a class="anchor" href="/jobs/{page.params.number}"
				>Open {page.params.number}</a
			> ·
		{/if}<a class="anchor" href="/">Go to Today</a>
	</p>
</main>

<style>
	main {
		padding: 60px 24px;
		display: grid;
		gap: 12px;
	}
	h1 {
		font-size: 26px;
	}
</style>
