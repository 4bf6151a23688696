<script lang="ts">
	/** Open jobs that ask for sheets; those that are ticked are cut together. */
	import type { JobParts } from '$lib/server/job-parts.ts';
	import Sign from '$lib/ui/Sign.svelte';

	type Props = { jobs: JobParts[]; more: boolean; /** Their numbers. */ chosen: string[]; onchoose: (numbers: string[]) => void };
	const { jobs, more, chosen, onchoose }: Props = $props();

	function choose(number: string, on: boolean) {
		onchoose(on ? [...chosen, number] : chosen.filter((one) => one !== number));
	}
</script>

<div class="part">
	<div class="head">
		<h2>Jobs</h2>
		<button type="button" class="btn preset-quiet" onclick={() => onchoose(jobs.map(({ number }) => number))}>all</button>
		<button type="button" class="btn preset-quiet" onclick={() => onchoose([])}>none</button>
	</div>
	{#if jobs.length === 0}
		<p class="quiet">No open piece asks for board or glazing yet. Measure one, and its blanks come here.</p>
	{/if}
	<ul class="jobs">
		{#each jobs as { number, title, stopped, parts, shelf } (number)}
			<li>
				<label title="{number} {title}">
					<input
						type="checkbox"
						class="checkbox"
						aria-label="{number} {title}"
						checked={chosen.includes(number)}
						onchange={(event) => choose(number, event.currentTarget.checked)}
					/>
					<span class="figures">{number}</span>
					<span class="title">{title}</span>
				</label>
				{#if stopped}<Sign of="stop" size={10} />{/if}
				<span class="quiet figures" title="blanks">{parts.reduce((sum, part) => sum + part.count, 0)}</span>
				{#if shelf.length > 0}<a class="ready" href="/jobs/{number}?at=frame"
						>on the shelf: {shelf[0]?.name}, {shelf[0]?.fits}{shelf.length > 1 ? `, and ${shelf.length - 1} more` : ''}</a
					>{/if}
			</li>
		{/each}
	</ul>
	{#if more}<p class="quiet">The 200 most pressing jobs are listed.</p>{/if}
</div>

<style>
	.head {
		display: flex;
		flex-wrap: wrap;
		align-items: baseline;
		gap: 4px 12px;
	}
	h2 {
		font-size: 17px;
	}
	.quiet {
		color: var(--ink);
	}
	.btn.preset-quiet {
		color: var(--ink);
		text-decoration: underline;
		text-underline-offset: 3px;
	}
	.jobs li {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 8px;
		min-height: var(--row);
	}
	.ready {
		flex-basis: 100%;
		margin: -4px 0 4px 26px;
		font-size: var(--text-sm);
		text-decoration: underline;
		text-underline-offset: 3px;
	}
	.jobs label {
		flex: 1 1 0;
		display: flex;
		align-items: center;
		gap: 8px;
		min-width: 0;
		min-height: var(--row);
		cursor: pointer;
	}
	.jobs .figures {
		white-space: nowrap;
	}
	.jobs input {
		width: 18px;
		height: 18px;
		flex: none;
	}
	.title {
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	.jobs .quiet {
		font-size: var(--text-sm);
	}
</style>
