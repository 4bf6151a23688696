<script lang="ts">
	/** How far long work is. */
	import { Progress } from '@skeletonlabs/skeleton-svelte';

	type Props = {
		label: string;
		/** 0 to 1; null while nobody can say. */ done: number | null;
		/** The label is read out but not shown. */ bare?: boolean;
	};
	const { label, done, bare = false }: Props = $props();
</script>

<Progress value={done === null ? null : Math.round(done * 100)}>
	<Progress.Label class={bare ? 'seen-by-readers' : ''}>{label}</Progress.Label>
	<Progress.Track><Progress.Range /></Progress.Track>
</Progress>
