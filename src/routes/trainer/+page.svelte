<script lang="ts">
	import type { PageProps } from './$types';
	import Trainer from '$lib/trainer/Trainer.svelte';

	const { data }: PageProps = $props();
</script>

<Trainer cases={data.cases} shop={data.shop} />
