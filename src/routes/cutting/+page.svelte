<script lang="ts">
	import type { PageProps } from './$types';
	import Cutting from '$lib/cutting/Cutting.svelte';

	const { data }: PageProps = $props();
</script>

<Cutting
	jobs={data.jobs}
	more={data.more}
	left={data.left}
	stock={data.stock}
	plans={data.plans}
	shop={data.shop}
	reads={data.reads}
/>
