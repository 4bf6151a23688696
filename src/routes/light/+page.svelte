<script lang="ts">
	import type { PageProps } from './$types';
	import Laboratory from '$lib/lab/Laboratory.svelte';

	const { data }: PageProps = $props();
</script>

{#key data.job?.number}<Laboratory shop={data.shop} rooms={data.rooms} jobs={data.jobs} job={data.job} reads={data.reads} />{/key}
