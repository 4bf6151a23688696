<script lang="ts">
	/** The questions of a station on which practitioners differ, folded away until somebody asks. */
	import { SCHOOLS, type School } from '$core/job/schools.ts';
	import { useWorkspace } from '../context.ts';
	import SchoolChoice from './SchoolChoice.svelte';

	type Props = { at: School['at'] };
	const { at }: Props = $props();
	const { editor } = useWorkspace();
	const here = $derived(SCHOOLS.filter((school) => school.at === at));
	const own = $derived(here.filter(({ id }) => editor.file.schools?.[id as 'cockle'] !== undefined).length);
</script>

<details>
	<summary>Ways of working <span class="quiet">{own === 0 ? 'as the house does' : `${own} of this job’s own`}</span></summary>
	<div class="questions">
		{#each here as { id } (id)}<SchoolChoice {id} />{/each}
		<p><a class="plain-link" href="/handbook/schools">Why practitioners differ</a></p>
	</div>
</details>

<style>
	details {
		margin-bottom: 16px;
	}
	summary {
		cursor: pointer;
		font-size: 13.5px;
		font-weight: 600;
		color: #474f53;
		padding-bottom: 3px;
		border-bottom: 1px solid var(--line);
	}
	summary .quiet {
		font-weight: 400;
	}
	.questions {
		display: grid;
		gap: 12px;
		padding-top: 8px;
	}
</style>
