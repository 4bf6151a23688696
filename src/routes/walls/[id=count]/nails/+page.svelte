<script lang="ts">
	import type { PageProps } from './$types';
	import NailPapers from '$lib/walls/NailPapers.svelte';

	const { data }: PageProps = $props();
</script>

<NailPapers {...data} />
