<script lang="ts">
	import type { PageProps } from './$types';
	import Workspace from '$lib/workspace/Workspace.svelte';

	const { data }: PageProps = $props();
</script>

{#key data.number}<Workspace
		number={data.number}
		rev={data.rev}
		at={data.at}
		file={data.job}
		ended={data.state}
		shop={data.shop}
		practice={data.practice}
	/>{/key}
