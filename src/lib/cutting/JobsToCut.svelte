<script lang="ts">
	/** Open jobs that ask for sheets; those that are ticked are cut together. */
	import { partName } from '$core/stations/cut/part-name.ts';
	import { asItLies } from '$core/nesting/as-it-lies.ts';
	import type { InStock } from '$core/nesting/offer.ts';
	import type { JobParts } from '$lib/server/job-parts.ts';
	import Sign from '$lib/ui/Sign.svelte';

	type Props = {
		jobs: JobParts[];
		stock: readonly InStock[];
		more: boolean;
		/** Those that can't be planned. */ left: JobParts[];
		/** Their numbers. */ chosen: string[];
		onchoose: (numbers: string[]) => void;
	};
	const { jobs, stock, more, left, chosen, onchoose }: Props = $props();

	const FITS: Record<JobParts['shelf'][number]['fits'], string> = {
		'as-is': 'as it is',
		'other-borders': 'with other borders',
		'cut-down': 'cut down'
	};

	/** Parts that lie in the rack as they are wanted, with where. */
	const lyingReady = (parts: JobParts['parts']): string[] =>
		parts.flatMap((part) => {
			const line = asItLies(part, stock);
			return line ? [`${partName(part.name)}${line.place === '' ? '' : ` (${line.place})`}`] : [];
		});

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
		<p class="quiet">No open job needs board or glazing yet. Measure one to see its blanks.</p>
	{/if}
	<ul class="jobs">
		{#each jobs as { number, title, stopped, parts, shelf, taken } (number)}
			{@const lying = lyingReady(parts)}
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
				{#if taken.length > 0}<p class="ready">from the shelf: {taken.join(', ')}</p>{/if}
				{#if shelf[0]}<a class="ready" href="/jobs/{number}?at=frame"
						>on the shelf: {shelf[0].name}, {FITS[shelf[0].fits]}{shelf.length > 1 ? `, and ${shelf.length - 1} more` : ''}</a
					>{/if}
				{#if lying.length > 0}<p class="ready">already cut to size: {lying.join(', ')}</p>{/if}
			</li>
		{/each}
	</ul>
	{#if left.length > 0}
		<p class="left-out"><Sign of="stop" size={10} /> Left out, can’t be planned:</p>
		<ul class="left-out">
			{#each left as { number, title, fault } (number)}
				<li><a class="ready" href="/jobs/{number}"><span class="figures">{number}</span> {title}: {fault}</a></li>
			{/each}
		</ul>
	{/if}
	{#if more}<p class="quiet">Only the 200 most urgent jobs are listed.</p>{/if}
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
	a.ready {
		text-decoration: underline;
		text-underline-offset: 3px;
	}
	.ready {
		flex-basis: 100%;
		margin: -4px 0 4px 26px;
		font-size: var(--text-sm);
	}
	.left-out {
		font-size: var(--text-sm);
		margin-top: 6px;
	}
	.left-out :global(svg) {
		display: inline;
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
