<script lang="ts">
	/** House › Steps: the shop's own words and minutes at the steps of the bench, and steps of its own between them. */
	import type { PageProps } from './$types';
	import { tick } from 'svelte';
	import { STEP_NAMES, STEP_ORDER, type AnyStepId, type StepId } from '$core/shop/step-names.ts';
	import type { OwnStep } from '$core/shop/own-steps.ts';
	import HousePlaces from '$lib/house/HousePlaces.svelte';
	import { OwnSteps } from '$lib/house/own-steps.svelte.ts';
	import OwnStepFields from '$lib/house/OwnStepFields.svelte';
	import { ShopList } from '$lib/house/shop-list.svelte.ts';
	import Bar from '$lib/ui/Bar.svelte';

	const { data }: PageProps = $props();
	// The page is loaded with the list as it stands; from then on it is edited here until it is kept.
	// svelte-ignore state_referenced_locally
	const own = new OwnSteps(data.steps);
	// svelte-ignore state_referenced_locally
	const list = new ShopList<OwnStep[]>('/api/shop/steps', 'steps', data.steps, data.rev);
	let open = $state<AnyStepId | null>(null);
	const isChanged = $derived(!own.read.ok || JSON.stringify(own.read.steps) !== JSON.stringify(list.kept));
	const steps = $derived(own.read.ok ? own.read.steps : []);

	/** What a step has of the shop's own, in few words. */
	function saidOf(step: StepId): string {
		const { title, says, minutes } = own.of(step);
		const lines = says.split('\n').filter((line) => line.trim() !== '');
		return [
			...(title.trim() ? [`“${title.trim()}”`] : []),
			...lines.slice(0, 1),
			...(lines.length > 1 ? [`and ${lines.length - 1} more`] : []),
			...(minutes.trim() ? [`${minutes.trim()} min`] : [])
		].join(' · ');
	}

	async function add(after: StepId) {
		const step = own.add(after);
		await tick();
		document.querySelector<HTMLInputElement>(`[data-own="${step}"] input`)?.focus();
	}

	const keep = () => list.keep(steps, 'Saved. Every bench has it now.', (before) => own.show(before));
</script>

<svelte:head><title>Steps · Rare Keep</title></svelte:head>
<div class="with-foot">
	<Bar here="Shop" />
	<main id="main">
		<HousePlaces here="Steps" />
		<h1>Steps</h1>
		<p class="about">
			Every bench step, in order of work. Your wording follows the job’s own figures; minutes are for one piece. Your own step
			appears whenever the job has the step before it. The order of work does not change.
		</p>
		<ol>
			{#each STEP_ORDER as id, at (id)}
				<li aria-label={STEP_NAMES[id]}>
					<div class="row">
						<span class="no">{at + 1}</span>
						<span class="name">{STEP_NAMES[id]}</span>
						<span class="said">{saidOf(id)}</span>
						<span class="ways">
							<button
								type="button"
								class="btn btn-sm preset-quiet"
								aria-label="edit: {STEP_NAMES[id]}"
								aria-expanded={open === id}
								onclick={() => (open = open === id ? null : id)}>edit</button
							>
							<button
								type="button"
								class="btn btn-sm preset-quiet"
								aria-label="own step after it: {STEP_NAMES[id]}"
								onclick={() => add(id)}>own step after it</button
							>
						</span>
					</div>
					{#if open === id}<OwnStepFields {own} step={id} />{/if}
					{#each own.ownAfter(id) as step (step)}
						<div class="own" data-own={step}>
							<OwnStepFields {own} {step} />
							<button
								type="button"
								class="btn btn-sm preset-quiet"
								aria-label="remove {own.of(step).title || `own step after ${STEP_NAMES[id]}`}"
								onclick={() => own.remove(step)}>remove</button
							>
						</div>
					{/each}
				</li>
			{/each}
		</ol>
	</main>
	<footer aria-live="polite" class:shown={isChanged || list.refused}>
		{#if list.refused}<p class="fault" role="alert">{list.refused}</p>{/if}
		{#if isChanged}
			<p class="quiet">Changed here, not saved yet.</p>
			<button type="button" class="btn preset-filled-brand" disabled={!own.read.ok || list.busy} onclick={keep}
				>Save the change</button
			>
		{/if}
	</footer>
</div>

<style>
	h1 {
		font-size: 27px;
	}
	.about {
		max-width: 640px;
		margin-bottom: 14px;
		color: var(--quiet);
	}
	li {
		border-bottom: 1px solid var(--line);
		max-width: 1040px;
	}
	.row {
		display: grid;
		grid-template-columns: 26px minmax(0, 230px) minmax(0, 1fr) auto;
		gap: 4px 12px;
		align-items: baseline;
		padding: 5px 0;
	}
	.no {
		color: var(--quiet);
		text-align: right;
		font-variant-numeric: tabular-nums;
	}
	.name {
		font-weight: 600;
	}
	.said {
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
		color: var(--soft);
	}
	.ways {
		display: flex;
		gap: 16px;
	}
	li > :global(.fields) {
		margin-left: 38px;
	}
	.own {
		margin: 0 0 10px 38px;
		padding-left: 14px;
		border-left: 4px solid var(--accent);
		display: grid;
		justify-items: start;
	}
	.own > :global(.fields) {
		width: 100%;
		padding-bottom: 6px;
	}
	footer {
		display: none;
	}
	.shown {
		display: flex;
		justify-content: flex-end;
		align-items: center;
		gap: 16px;
		padding: 10px 24px;
		background: var(--panel);
		border-top: 1px solid var(--line);
	}
	.fault {
		color: var(--stop);
	}
	@media (max-width: 800px) {
		.row {
			grid-template-columns: 26px minmax(0, 1fr);
		}
		.said,
		.ways {
			grid-column: 2;
			white-space: normal;
		}
		.said:empty {
			display: none;
		}
		li > :global(.fields),
		.own {
			margin-left: 0;
		}
	}
</style>
