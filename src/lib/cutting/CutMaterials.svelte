<script lang="ts">
	/** What is cut from, each with how far its plan is; plans that are kept; what must be bought. */
	import type { PartGroup } from '$core/nesting/parts.ts';
	import type { Unit } from '$core/units/length.ts';
	import type { ListedPlan } from '$lib/server/db/cutting.ts';
	import Sign from '$lib/ui/Sign.svelte';
	import type { CuttingRun } from './run.svelte.ts';
	import { countSaid, toBuy } from './words.ts';

	type Props = {
		groups: PartGroup[];
		plans: ListedPlan[];
		run: CuttingRun;
		/** Key of the group that is looked at. */
		open: string | null;
		groupName: (group: { material: string; colour: string }) => string;
		unit: Unit;
		onshow: (key: string) => void;
	};
	const { groups, plans, run, open, groupName, unit, onshow }: Props = $props();
	const short = $derived(toBuy(groups, (key) => run.found.get(key), groupName, unit));
</script>

<div class="part">
	<h2>Materials</h2>
	{#if plans.length > 0}
		<ul class="materials kept" aria-label="Saved plans">
			{#each plans as plan (plan.id)}
				<li>
					<a href="/cutting/{plan.id}">
						<span>{groupName(plan)}</span>
						<span class="quiet figures">plan {plan.id}: {plan.cut} of {plan.sheets} cut</span>
					</a>
				</li>
			{/each}
		</ul>
	{/if}
	<ul class="materials">
		{#each groups as group (group.key)}
			{@const here = run.found.get(group.key)}
			<li>
				<button type="button" aria-pressed={group.key === open} onclick={() => onshow(group.key)}>
					<span>{groupName(group)}</span>
					<span class="quiet figures"
						>{#if here}{group.from === 'stick'
								? countSaid(here.plan.used.sheets, 'stick', 'sticks')
								: countSaid(here.plan.used.sheets, 'sheet', 'sheets')}
							{#if here.plan.proven}<Sign of="settled" size={10} />{/if}{:else}…{/if}</span
					>
				</button>
			</li>
		{/each}
	</ul>
	{#if short.length > 0}
		<h2 class="short">To buy</h2>
		<ul aria-label="To buy">
			{#each short as { key, name, sheets: wanted } (key)}
				<li>
					{name}:
					{#each wanted as { says, count }, index (says)}{index > 0 ? ', ' : ''}<span class="figures"
							>{count} × {says.toLowerCase()}</span
						>{/each}
				</li>
			{/each}
		</ul>
	{/if}
</div>

<style>
	h2 {
		font-size: 17px;
	}
	.quiet {
		color: var(--ink);
	}
	.materials :is(button, a) {
		display: flex;
		width: 100%;
		justify-content: space-between;
		align-items: baseline;
		gap: 10px;
		min-height: var(--row);
		padding: 5px 8px;
		margin-inline: -8px;
		text-align: left;
	}
	.kept {
		padding-bottom: 8px;
		margin-bottom: 8px;
		border-bottom: 1px solid var(--strip-line);
	}
	.materials button[aria-pressed='true'] {
		background: var(--panel);
		box-shadow: inset 3px 0 0 var(--accent);
	}
	.materials .quiet {
		display: inline-flex;
		gap: 5px;
		align-items: center;
		white-space: nowrap;
		font-size: var(--text-sm);
	}
	.short {
		margin-top: 16px;
	}
</style>
