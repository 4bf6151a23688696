<script lang="ts">
	/** Something is wrong: it is written down, or the pack is opened again, with its cause. */
	import { inSentence } from '$core/units/in-sentence.ts';
	import { CAUSES, REOPENS, type Cause } from '$core/views/bench/causes.ts';
	import { minutesAgain } from '$core/views/bench/locks.ts';
	import { isUndoneBy } from '$core/views/bench/run.ts';
	import { showMinutes } from '$core/units/show.ts';
	import type { BenchDesk } from './bench-desk.svelte.ts';

	const { desk }: { desk: BenchDesk } = $props();
	let says = $state('');
	/** Only what is closed is opened again. */
	const closed = $derived(desk.run.done.has('close-pack') || desk.run.done.has('fit-first') || desk.run.endedAt !== null);
	const causes = $derived(
		CAUSES.map((cause) => {
			return {
				cause,
				first: desk.steps.find(({ id }) => isUndoneBy(cause, id, (has) => desk.steps.some((step) => step.id === has))),
				minutes: minutesAgain(desk.run, desk.steps, cause)
			};
		}).filter(
			(one): one is { cause: Cause; first: NonNullable<typeof one.first>; minutes: number } =>
				one.first !== undefined && one.minutes > 0
		)
	);

	function write(event: SubmitEvent) {
		event.preventDefault();
		if (says.trim() === '' || !desk.step) return;
		desk.did({ kind: 'wrong', step: desk.step.id, says: says.trim() });
		says = '';
		desk.aside = null;
	}
</script>

<h2>Something is wrong</h2>
{#if closed && causes.length > 0}
	<h3>Reopen because of</h3>
	<ul class="causes">
		{#each causes as { cause, first, minutes }, at (cause)}
			<li>
				<button type="button" data-key={at + 1 < 10 ? at + 1 : undefined} onclick={() => desk.reopen(cause)}
					><strong
						>{REOPENS[cause].name}{#if at + 1 < 10}&nbsp;<kbd>{at + 1}</kbd>{/if}</strong
					><span>from {inSentence(first.title)}, about {showMinutes(minutes)}</span></button
				>
			</li>
		{/each}
	</ul>
{/if}
<form onsubmit={write}>
	<h3><label for="wrong">Record it</label></h3>
	<textarea id="wrong" class="textarea" rows="3" maxlength="300" bind:value={says}></textarea>
	<p class="ways">
		<button type="submit" class="btn preset-outlined-brand" disabled={says.trim() === ''}>Save to this step</button>
		<button type="button" class="btn preset-quiet" onclick={() => (desk.aside = null)}>Nothing is wrong</button>
	</p>
</form>

<style>
	.causes {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
		gap: 10px;
	}
	.causes button {
		display: grid;
		width: 100%;
		min-height: 64px;
		padding: 8px 14px;
		border: 1px solid var(--line-strong);
		text-align: left;
		cursor: pointer;
	}
	.causes button:hover {
		background: var(--strip-hover);
	}
	.causes strong {
		font-size: 20px;
	}
	.causes strong::first-letter {
		text-transform: uppercase;
	}
	.causes span {
		color: var(--quiet);
		font-size: 15px;
	}
	textarea {
		width: min(100%, 640px);
		font-size: 18px;
	}
</style>
