<script lang="ts">
	/** A question on which practitioners differ: this job's side of it, with the reason of each. */
	import { SCHOOLS } from '$core/job/schools.ts';
	import Pick from '$lib/ui/Pick.svelte';
	import { useWorkspace } from '../context.ts';

	type Props = { id: string; names: Record<string, string> };
	const { id, names }: Props = $props();
	const { editor } = useWorkspace();
	const school = $derived(SCHOOLS.find((one) => one.id === id)!);
	const offered = $derived(school.options.filter((option) => !school.notPlanned?.includes(option)));
	const value = $derived(editor.job.schools[id]!);
</script>

<div class="school">
	<Pick
		label="School: {school.question}"
		{value}
		options={offered.map((option) => ({ value: option, label: names[option] ?? option }))}
		onchange={(option) => editor.put(['schools', id], option)}
	/>
	<ul>
		{#each offered as option (option)}<li class:chosen={option === value}>
				{names[option] ?? option}: {school.because[option]}
			</li>{/each}
	</ul>
</div>

<style>
	.school {
		display: grid;
		gap: 4px;
	}
	li {
		font-size: 13px;
		color: var(--quiet);
	}
	.chosen {
		color: var(--ink);
	}
</style>
