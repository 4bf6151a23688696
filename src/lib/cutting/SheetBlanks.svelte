<script lang="ts">
	/** What lies on the chosen sheet: each blank may stay where it is, be left out, or have its grain along the sheet. */
	import { blankName } from '$core/stations/cut/part-name.ts';
	import type { SheetPlan } from '$core/nesting/figures.ts';
	import type { PartWanted } from '$core/nesting/parts.ts';
	import type { Unit } from '$core/units/length.ts';
	import { showSize } from '$core/units/show.ts';

	type Props = {
		plan: SheetPlan;
		parts: readonly PartWanted[];
		isStick: boolean;
		/** Places of the blanks that stay. */
		stays: readonly number[];
		/** Ids of blanks that are not turned. */
		grained: readonly string[];
		unit: Unit;
		onstay: (placed: number, on: boolean) => void;
		onleave: (blank: string) => void;
		ongrain: (blank: string, on: boolean) => void;
	};
	const { plan, parts, isStick, stays, grained, unit, onstay, onleave, ongrain }: Props = $props();
	const sizeOf = (id: string): string => {
		const part = parts.find((one) => one.id === id);
		return part ? showSize(part, unit) : '';
	};
</script>

<section aria-label="Blanks on this sheet">
	<h2>Blanks on this sheet</h2>
	<ul>
		{#each plan.placed as { blank, turned }, index (index)}
			<li>
				<p>{blankName(blank)} <span class="quiet figures">{sizeOf(blank)}{turned ? ', turned' : ''}</span></p>
				<div class="does">
					<button
						type="button"
						class="btn preset-quiet"
						aria-pressed={stays.includes(index)}
						aria-label="Keep here {blankName(blank)}"
						onclick={() => onstay(index, !stays.includes(index))}
						>keep here{#if stays.includes(index)}<span aria-hidden="true">&nbsp;✓</span>{/if}</button
					>
					<button type="button" class="btn preset-quiet" aria-label="Leave out {blankName(blank)}" onclick={() => onleave(blank)}
						>leave out</button
					>
					{#if !isStick}<label class="flag"
							><input
								type="checkbox"
								class="checkbox"
								aria-label="{blankName(blank)}, grain along the sheet"
								checked={grained.includes(blank)}
								onchange={({ currentTarget }) => ongrain(blank, currentTarget.checked)}
							/> grain along</label
						>{/if}
				</div>
			</li>
		{/each}
	</ul>
</section>

<style>
	section {
		margin-top: 16px;
		border-top: 1px solid var(--line-strong);
		padding-top: 10px;
	}
	h2 {
		font-size: 17px;
	}
	li {
		padding: 6px 0;
		border-bottom: 1px solid var(--line);
	}
	.does {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 4px 14px;
	}
	[aria-pressed='true'] {
		font-weight: 600;
	}
	.flag {
		display: flex;
		align-items: center;
		gap: 6px;
		min-height: var(--control);
		font-size: var(--text-sm);
	}
</style>
