<script lang="ts">
	/** Of several windows: which one the panel speaks of. */
	import Choice from '$lib/ui/Choice.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import { useWorkspace } from '../context.ts';

	const { editor } = useWorkspace();
	/** More than these do not stand side by side. */
	const ABREAST = 6;
	const options = $derived(editor.job.windows.map((_, index) => ({ value: String(index), label: String(index + 1) })));
	const value = $derived(String(editor.here.index));
	const choose = (index: string) => (editor.at = Number(index));
</script>

{#if editor.job.several && options.length > 1}
	<div class="which">
		{#if options.length <= ABREAST}
			<span class="quiet" aria-hidden="true">Window</span>
			<Choice label="Window" {value} {options} onchange={choose} compact />
		{:else}
			<Pick label="Window" {value} {options} onchange={choose} />
		{/if}
	</div>
{/if}

<style>
	.which {
		display: grid;
		gap: 3px;
		margin-bottom: 14px;
	}
</style>
