<script lang="ts">
	/** The places of one part of the shop, under the bar. */
	import Links from './Links.svelte';

	type Props = { name: string; places: readonly { href: string; name: string }[]; here: string };
	const props: Props = $props();
</script>

<div class="places"><Links {...props} /></div>
