<script lang="ts">
	/** A question on which practitioners differ: this job's side of it, with the reason of each. */
	import { optionName, SCHOOLS } from '$core/job/schools.ts';
	import Pick from '$lib/ui/Pick.svelte';
	import { useWorkspace } from '../context.ts';
	import { known, there } from '$core/units/there.ts';

	type Props = { id: string };
	const { id }: Props = $props();
	const { editor } = useWorkspace();
	const school = $derived(
		there(
			SCHOOLS.find((one) => one.id === id),
			'value'
		)
	);
	const value = $derived(known(editor.job.schools, id));
</script>

<div class="school">
	<Pick
		label={school.question}
		{value}
		options={school.options.map((option) => ({ value: option, label: optionName(option) }))}
		onchange={(option) => editor.put(['schools', id], option)}
	/>
	<p>{school.because[value]}</p>
</div>

<style>
	.school {
		display: grid;
		gap: 2px;
	}
	.school :global(label)::first-letter {
		text-transform: uppercase;
	}
	p {
		font-size: var(--text-sm);
		color: var(--quiet);
	}
</style>
