<script lang="ts">
	import type { PageProps } from './$types';
	import HookSheet from '$lib/walls/HookSheet.svelte';

	const { data }: PageProps = $props();
</script>

<HookSheet {...data} />
