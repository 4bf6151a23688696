<script lang="ts">
	/** A severity as a shape with a word: colour is never the only sign. */
	import type { Severity } from '$core/rule/rule.ts';

	type Props = { of: Severity | 'settled'; size?: number };
	const { of, size = 12 }: Props = $props();
	const WORDS = { stop: 'Stop', caution: 'Caution', note: 'Note', settled: 'Settled' };
</script>

<svg class={of} viewBox="0 0 12 12" width={size} height={size} role="img" aria-label={WORDS[of]}>
	{#if of === 'stop'}<rect x="1" y="1" width="10" height="10" />
	{:else if of === 'caution'}<path d="M1 1 L1 11 L11 11 Z" />
	{:else if of === 'note'}<circle cx="6" cy="6" r="4.2" fill="none" stroke="currentColor" stroke-width="1.8" />
	{:else}<path d="M1.5 6.5 L4.7 9.7 L10.8 2.6" fill="none" stroke="currentColor" stroke-width="1.9" />{/if}
</svg>

<style>
	svg {
		flex: none;
		fill: currentColor;
	}
	.stop {
		color: var(--stop);
	}
	.caution {
		color: var(--caution);
	}
	.note {
		color: var(--note);
	}
	.settled {
		color: var(--accent);
	}
</style>
