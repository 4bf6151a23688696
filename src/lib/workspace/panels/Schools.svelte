<script lang="ts">
	/** The questions of a station on which practitioners differ, folded away until somebody asks. */
	import { SCHOOLS, type School } from '$core/job/schools.ts';
	import Fold from '$lib/ui/Fold.svelte';
	import { useWorkspace } from '../context.ts';
	import SchoolChoice from './SchoolChoice.svelte';

	type Props = { at: School['at'] };
	const { at }: Props = $props();
	const { editor } = useWorkspace();
	const here = $derived(SCHOOLS.filter((school) => school.at === at));
	const own = $derived(here.filter(({ id }) => editor.file.schools?.[id as 'cockle'] !== undefined).length);
</script>

<div class="ways">
	<Fold>
		{#snippet title()}Ways of working <span class="quiet">{own === 0 ? 'shop defaults' : `${own} set for this job`}</span
			>{/snippet}
		<div class="questions">
			{#each here as { id } (id)}<SchoolChoice {id} />{/each}
			<p><a class="anchor" href="/handbook/schools">Why framers differ</a></p>
		</div>
	</Fold>
</div>

<style>
	.ways {
		margin-bottom: 16px;
		border-bottom: 1px solid var(--line);
	}
	.quiet {
		font-weight: 400;
	}
	.questions {
		display: grid;
		gap: 12px;
		padding-top: 8px;
	}
</style>
