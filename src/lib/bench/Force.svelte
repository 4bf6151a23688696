<script lang="ts">
	/** A locked step is done all the same: the reason is kept with it. */
	import type { BenchDesk } from './bench-desk.svelte.ts';
	import Reason from './Reason.svelte';

	const { desk }: { desk: BenchDesk } = $props();
</script>

<Reason
	label="Reason for overriding the lock"
	does="Do it anyway"
	leaves="Leave it locked"
	ondo={(reason) => desk.goOn(reason)}
	onleave={() => (desk.aside = null)}
/>
