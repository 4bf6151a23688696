<script lang="ts">
	/** All that ever happened to a line of stock, the oldest first. */
	import { showJobNumber } from '$core/job/number.ts';
	import type { DateLanguage } from '$core/shop/about.ts';
	import type { KeptMovement } from '$lib/server/db/stock.ts';
	import { showMoment } from '$lib/ui/days.ts';

	type Props = { movements: readonly KeptMovement[]; dates: DateLanguage };
	const { movements, dates }: Props = $props();
	const WORDS: Record<KeptMovement['kind'], string> = {
		arrived: 'arrived',
		counted: 'counted',
		reserved: 'reserved',
		freed: 'released',
		cut: 'cut',
		left: 'offcut',
		used: 'used',
		returned: 'returned'
	};
</script>

<ol>
	{#each movements as { kind, present, reserved, plan, job, at }, index (index)}
		<li>
			<span class="quiet figures">{showMoment(Date.parse(String(at)), dates)}</span>
			{WORDS[kind]}
			<span class="figures">{Math.abs(present || reserved)}</span>
			{#if kind === 'counted'}{present < 0 ? 'fewer' : 'more'}{/if}
			{#if plan !== null}<a class="anchor" href="/cutting/{plan}">plan {plan}</a>{/if}
			{#if job !== null}<a class="anchor" href="/jobs/{showJobNumber(job)}">{showJobNumber(job)}</a>{/if}
		</li>
	{/each}
</ol>

<style>
	li {
		display: inline-block;
		margin-right: 22px;
	}
</style>
