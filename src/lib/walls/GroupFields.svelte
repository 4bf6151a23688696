<script lang="ts">
	/** A group of pictures: its line, where it begins and ends, how they are lined up, and the gaps. */
	import { showLength } from '$core/units/show.ts';
	import { ALIGNS, type Align } from '$core/wall/wall.ts';
	import type { WrittenGroup } from '$core/wall/written.ts';
	import ReadLength from '$lib/ui/ReadLength.svelte';
	import type { WallDesk } from './wall-desk.svelte.ts';

	type Props = { desk: WallDesk; group: WrittenGroup; at: number };
	const { desk, group, at }: Props = $props();
	const NAMES = { row: 'Row', column: 'Column', grid: 'Grid' } as const;
	const ALIGN_NAMES: Record<Align, string> = {
		centre: 'centres',
		top: 'tops',
		bottom: 'bottoms',
		left: 'left sides',
		right: 'right sides'
	};
	const name = $derived(`${NAMES[group.line]} ${at + 1}`);
	const gap = $derived(desk.plan.gaps[at] ?? 0);
	/** Kept when a length is asked for at first: the gap as it is. */
	const length = $derived(typeof group.gap === 'number' ? group.gap : Math.max(0, Number(gap.toFixed(0))));
	const fields = $derived(
		group.line === 'column'
			? ([
					['from', 'From, height'],
					['to', 'Down to'],
					['height', 'Line, from the left']
				] as const)
			: ([
					['from', 'From the left'],
					['to', 'To'],
					['height', 'Line, height']
				] as const)
	);
	const GAPS = [
		['equal', 'equal, ends included'],
		['between', 'equal, ends flush'],
		['length', 'a length']
	] as const;
	let slope = $state<string | null>(null);

	function tilt(text: string) {
		slope = text;
		const percent = Number(text.replace(',', '.'));
		if (text.trim() !== '' && Math.abs(percent) <= 200) desk.setGroup(at, { slope: percent / 100 });
	}
</script>

<section aria-label={name}>
	<h2>{name} <span class="quiet">{group.pictures.length} {group.pictures.length === 1 ? 'picture' : 'pictures'}</span></h2>
	<label class="line"
		>Align <select
			class="select"
			aria-label="{name}: aligned by"
			value={group.align}
			onchange={(event) => desk.setGroup(at, { align: event.currentTarget.value as Align })}
		>
			{#each ALIGNS[group.line] as align (align)}<option value={align}>{ALIGN_NAMES[align]}</option>{/each}
		</select></label
	>
	<label class="line"
		>Gaps <select
			class="select"
			aria-label="{name}: gaps"
			value={typeof group.gap === 'number' ? 'length' : group.gap}
			onchange={({ currentTarget: { value } }) =>
				desk.setGroup(at, { gap: value === 'equal' || value === 'between' ? value : length })}
		>
			{#each GAPS as [value, words] (value)}<option {value}>{words}</option>{/each}
		</select></label
	>
	<div class="pair">
		{#each fields as [key, label] (key)}<ReadLength
				small
				zero
				{label}
				value={group[key]}
				reader={desk.reader}
				onread={(mm) => mm !== null && desk.setGroup(at, { [key]: mm })}
			/>{/each}
		{#if typeof group.gap === 'number'}<ReadLength
				small
				zero
				label="Gap"
				value={group.gap}
				reader={desk.reader}
				onread={(mm) => mm !== null && desk.setGroup(at, { gap: mm })}
			/>{:else}<p class="gap">Gap <strong class="figures">{showLength(gap, desk.reader, 'mark').text}</strong></p>{/if}
		{#if group.line === 'row'}<label class="gap"
				>Slope, % <input
					class="input figures"
					aria-label="{name}: climbs, per cent"
					inputmode="decimal"
					autocomplete="off"
					value={slope ?? String(Number((group.slope * 100).toFixed(1)))}
					oninput={(event) => tilt(event.currentTarget.value)}
					onblur={() => (slope = null)}
				/></label
			>{:else if group.line === 'grid'}<label class="gap"
				>Columns <input
					class="input figures"
					type="number"
					min="1"
					max={group.pictures.length}
					aria-label="{name}: columns"
					value={group.columns ?? 1}
					onchange={({ currentTarget: { valueAsNumber } }) =>
						valueAsNumber >= 1 && desk.setGroup(at, { columns: Math.floor(valueAsNumber) })}
				/></label
			>{/if}
	</div>
	<button type="button" class="btn btn-sm preset-quiet" aria-label="ungroup {name}" onclick={() => desk.takeApart(at)}
		>ungroup</button
	>
</section>

<style>
	h2 {
		font-family: var(--serif);
		font-size: 19px;
		margin: 14px 0 4px;
	}
	h2 .quiet {
		font-family: var(--sans);
		font-size: var(--text-sm);
		font-weight: 400;
	}
	.line {
		display: grid;
		grid-template-columns: 86px minmax(0, 1fr);
		align-items: center;
		margin: 6px 0;
	}
	.pair {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 6px;
		margin-bottom: 4px;
	}
	.gap {
		display: flex;
		justify-content: space-between;
		align-items: center;
		gap: 8px;
		padding: 0 8px;
		font-size: var(--text-sm);
		color: var(--quiet);
	}
	.gap strong {
		font-size: 15px;
		color: var(--ink);
	}
	.gap .input {
		width: 76px;
		text-align: right;
	}
</style>
