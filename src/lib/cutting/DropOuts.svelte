<script lang="ts">
	/** What fell out of the windows of mats that are cut: put away, it serves another job. */
	import { invalidateAll } from '$app/navigation';
	import { sheetId } from '$core/nesting/sources.ts';
	import type { Unit } from '$core/units/length.ts';
	import { showLength } from '$core/units/show.ts';
	import type { KeptPlan } from '$lib/server/db/cutting.ts';
	import type { KeptRun } from './kept-plan.svelte.ts';
	import { readSide, UNREAD } from './measured.ts';

	type Props = { kept: KeptPlan; run: KeptRun; unit: Unit; /** A smaller one is not kept. */ least: number };
	const { kept, run, unit, least }: Props = $props();

	const open = $derived.by(() => {
		const done = kept.cut.flatMap((at) => kept.plan.sheets[at]?.placed ?? []);
		return kept.asked.parts.flatMap(({ id, drops = [] }) =>
			drops.flatMap(({ width, height }, index) => {
				const sheet = sheetId({ from: 'drop-out', part: id, which: index + 1 });
				const used = kept.plan.sheets.filter((one) => one.sheet === sheet).length;
				const mats = done.filter(({ blank }) => blank === id).length;
				const count = mats - used - (kept.drops[`${index + 1} of ${id}`] ?? 0);
				return count > 0 && Math.min(width, height) >= least ? [{ part: id, which: index + 1, width, height, count }] : [];
			})
		);
	});
	let typed = $state<Record<string, { width?: string; height?: string; place?: string }>>({});
	let unread = $state('');

	async function putAway(one: (typeof open)[number]) {
		const key = `${one.which} ${one.part}`;
		const { width, height, place = '' } = typed[key] ?? {};
		const size = {
			width: width === undefined ? one.width : readSide(width, unit),
			height: height === undefined ? one.height : readSide(height, unit)
		};
		unread = size.width === null || size.height === null ? key : '';
		if (unread) return;
		if (!(await run.send('POST', '/drop-outs', { part: one.part, which: one.which, ...size, place: place.trim() }))) return;
		typed = { ...typed, [key]: { place } };
		await invalidateAll();
	}
	const set = (key: string, field: 'width' | 'height' | 'place', text: string) =>
		(typed = { ...typed, [key]: { ...typed[key], [field]: text } });
</script>

{#if open.length > 0}
	<section aria-label="Drop-outs">
		<h2>Drop-outs, after cutting windows</h2>
		{#each open as one (`${one.which} ${one.part}`)}
			{@const key = `${one.which} ${one.part}`}
			<fieldset>
				<legend>{one.part}{one.count > 1 ? `, ${one.count} left` : ''}</legend>
				<label
					><span>width</span>
					<input
						class="input figures"
						value={typed[key]?.width ?? showLength(one.width, unit).text}
						oninput={({ currentTarget }) => set(key, 'width', currentTarget.value)}
					/></label
				>
				<label
					><span>height</span>
					<input
						class="input figures"
						value={typed[key]?.height ?? showLength(one.height, unit).text}
						oninput={({ currentTarget }) => set(key, 'height', currentTarget.value)}
					/></label
				>
				<label
					><span>location</span>
					<input
						class="input"
						value={typed[key]?.place ?? ''}
						oninput={({ currentTarget }) => set(key, 'place', currentTarget.value)}
					/></label
				>
				<button
					type="button"
					class="btn preset-outlined-brand"
					disabled={run.busy}
					aria-label="Store the drop-out of {one.part}"
					onclick={() => putAway(one)}>Store</button
				>
				{#if unread === key}<p class="unread">{UNREAD}</p>{/if}
			</fieldset>
		{/each}
	</section>
{/if}

<style>
	section {
		margin-top: 16px;
		border-top: 1px solid var(--line-strong);
		padding-top: 10px;
	}
	h2 {
		font-size: 17px;
	}
	fieldset {
		display: grid;
		grid-template-columns: 72px 72px 1fr auto;
		gap: 4px 10px;
		align-items: end;
		padding: 6px 0;
		border-bottom: 1px solid var(--line);
	}
	label span {
		display: block;
		font-size: var(--text-sm);
		color: var(--soft);
	}
	.input {
		width: 100%;
	}
	.unread {
		grid-column: 1 / -1;
		color: var(--stop);
	}
	@media print {
		section {
			display: none;
		}
	}
</style>
