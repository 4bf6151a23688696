<script lang="ts">
	/** Every step in its order: done, open, locked and by what. On a narrow screen it folds away. */
	import { lockOf } from '$core/views/bench/locks.ts';
	import { page } from '$app/state';
	import type { DateLanguage } from '$core/shop/about.ts';
	import { showDate } from '$lib/ui/days.ts';
	import { unbroken } from '$lib/ui/words.ts';
	import type { BenchDesk } from './bench-desk.svelte.ts';

	const { desk }: { desk: BenchDesk } = $props();
	const showClock = (at: number): string => showDate(at, 'time', page.data.dates as DateLanguage);
	const roundsSaid = (rounds: number): string => (rounds === 0 ? '' : rounds === 1 ? ' · 1 round' : ` · ${rounds} rounds`);
	let list = $state<HTMLElement>();
	const begun = $derived(desk.run.rev > 0);
	const lines = $derived(
		desk.steps.map((step) => {
			const done = desk.run.done.get(step.id);
			const lock = done || !begun ? null : lockOf(step.id, desk.run, desk.steps, desk.now);
			const rounds = desk.run.looked.get(step.id)?.length ?? 0;
			const through = !done && step.pieces ? desk.through(step) : 0;
			return { step, done, lock, rounds, through };
		})
	);
	const far = $derived(lines.filter(({ done }) => done).length);

	// The open step stays in sight.
	$effect(() => {
		const id = desk.step?.id;
		list?.querySelector(`[data-step="${id}"]`)?.scrollIntoView({ block: 'nearest' });
	});
</script>

{#snippet steps()}
	<ol>
		{#each lines as { step, done, lock, rounds, through }, index (step.id)}
			<li data-step={step.id}>
				<button
					type="button"
					class:open={step.id === desk.step?.id}
					class:locked={lock !== null}
					aria-current={step.id === desk.step?.id ? 'step' : undefined}
					disabled={!begun}
					onclick={() => desk.show(step.id)}
				>
					<span class="sign" aria-hidden="true">{done ? '✓' : index + 1}</span>
					<span class="words"
						>{unbroken(step.title)}{roundsSaid(rounds)}{through > 0
							? ` · ${through} of ${step.pieces}`
							: ''}{#if lock && lock.until !== null}<span class="why"
								>&nbsp;· {lock.by.title} dries until {showClock(lock.until)}</span
							>{/if}{#if lock}<span class="seen-by-readers">, locked</span>{/if}{#if done}<span class="seen-by-readers"
								>, done</span
							>{/if}</span
					>
				</button>
			</li>
		{/each}
	</ol>
{/snippet}

<nav aria-label="Steps" bind:this={list}>
	<div class="wide">{@render steps()}</div>
	<details class="narrow">
		<summary
			>{desk.step ? `${desk.steps.indexOf(desk.step) + 1} ${desk.step.title}` : 'Steps'} · {far} of {lines.length} done</summary
		>
		{@render steps()}
	</details>
</nav>

<style>
	nav {
		grid-area: list;
		border-right: 1px solid var(--line);
		position: relative;
		overflow-y: auto;
		font-size: 16.5px;
	}
	.narrow {
		display: none;
	}
	button {
		display: grid;
		grid-template-columns: 32px 1fr;
		width: 100%;
		padding: 8px 14px 8px 18px;
		text-align: left;
		align-items: baseline;
		border-left: 5px solid transparent;
		cursor: pointer;
	}
	button:disabled {
		cursor: default;
	}
	button:not(:disabled):hover {
		background: var(--strip-hover);
	}
	.open {
		background: var(--strip-hover);
		border-left-color: var(--accent);
		font-weight: 600;
	}
	.locked {
		color: var(--quiet);
	}
	.why {
		font-weight: 400;
	}
	@media (pointer: coarse) {
		button {
			min-height: 44px;
		}
	}
	@media (max-width: 900px) {
		nav {
			border-right: 0;
			border-bottom: 1px solid var(--line);
			max-height: 50dvh;
		}
		.wide {
			display: none;
		}
		.narrow {
			display: block;
		}
		summary {
			min-height: 44px;
			padding: 10px 18px;
			cursor: pointer;
		}
	}
</style>
