<script lang="ts">
	import { page } from '$app/state';
	import Level from '$lib/level/Level.svelte';

	const asked = $derived(Number(page.url.searchParams.get('width')));
	const width = $derived(Number.isFinite(asked) && asked > 0 ? asked : null);
</script>

<Level {width} />
