<script lang="ts">
	/** What is at the bench, in a sentence: what dries first, and until when. */
	import { onMount } from 'svelte';
	import { page } from '$app/state';
	import type { DateLanguage } from '$core/shop/about.ts';
	import type { OpenRun } from '$lib/server/bench.ts';
	import { showMoment } from '$lib/ui/days.ts';

	const { runs, now }: { runs: OpenRun[]; now: number } = $props();
	const MOST = 4;
	/** The minute is that of the person who looks, so it is said in the browser. */
	let here = $state(false);
	onMount(() => (here = true));
	const lines = $derived(
		runs
			.map((run) => ({ run, wait: run.waits.find(({ until }) => until > now) }))
			.sort((one, other) => (one.wait?.until ?? Infinity) - (other.wait?.until ?? Infinity))
	);
	const clock = (at: number): string => showMoment(at, page.data.dates as DateLanguage);
</script>

<p class="bench">
	<a class="anchor" href="/bench">At the bench</a>:
	{#each lines.slice(0, MOST) as { run, wait }, at (run.number)}{at > 0 ? '; ' : ''}<a
			class="anchor"
			href="/jobs/{run.number}/bench"
			aria-label="Bench run {run.number}">{run.number}</a
		>{#if wait && here}&nbsp;drying until {clock(wait.until)}{/if}{/each}{runs.length > MOST
		? `; and ${runs.length - MOST} more`
		: ''}.
</p>

<style>
	.bench {
		margin-top: 4px;
		font-size: 16px;
		line-height: 1.5;
	}
	.anchor {
		white-space: nowrap;
	}
	@media (min-width: 768px) {
		.bench {
			grid-column: 2;
		}
	}
</style>
