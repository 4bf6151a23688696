<script lang="ts">
	import type { PageProps } from './$types';
	import Walls from '$lib/walls/Walls.svelte';

	const { data }: PageProps = $props();
</script>

<Walls walls={data.walls} />
