<script lang="ts">
	/** What dries next, at this job and at the others; over when it is. */
	import { showMinutes } from '$core/units/show.ts';
	import type { BenchDesk } from './bench-desk.svelte.ts';

	const { desk }: { desk: BenchDesk } = $props();
	/** What was over longer ago is no news. */
	const NEWS_MS = 30 * 60_000;
	const MOST = 2;
	const shown = $derived(desk.waits.filter(({ until }) => until > desk.now - NEWS_MS));
	const left = (until: number): string =>
		until <= desk.now ? 'dry' : `${showMinutes(Math.ceil((until - desk.now) / 60_000))} left`;
</script>

{#if shown.length > 0}
	<ul aria-label="Drying">
		{#each shown.slice(0, MOST) as wait (`${wait.number} ${wait.step}`)}<li class:dry={wait.until <= desk.now}>
				{#if wait.number === desk.number}{wait.what}{:else}<a href="/jobs/{wait.number}/bench">{wait.number} {wait.what}</a
					>{/if}&nbsp;· {left(wait.until)}
			</li>{/each}
		{#if shown.length > MOST}<li class="quiet"><a href="/bench">and more</a></li>{/if}
	</ul>
{/if}

<style>
	ul {
		display: flex;
		flex-wrap: wrap;
		justify-content: flex-end;
		gap: 2px 18px;
		color: var(--caution);
	}
	@media (max-width: 900px) {
		ul {
			justify-content: flex-start;
		}
		li:nth-child(2):not(:last-child) {
			display: none;
		}
	}
	.dry {
		color: var(--accent);
		font-weight: 600;
	}
	a {
		color: inherit;
	}
</style>
