<script lang="ts">
	/** Each part measured once it is cut: as planned, recut, or the plan goes on from what was cut. */
	import { partName } from '$core/stations/cut/part-name.ts';
	import { patched } from '$core/job/patch.ts';
	import type { Step } from '$core/stations/step.ts';
	import { showSize } from '$core/units/show.ts';
	import { cutChecked, fromWhatWasCut, partsToMeasure, whyNotFollowed, type PartToMeasure } from '$core/views/bench/checks.ts';
	import { differingSteps } from '$core/views/bench/differing.ts';
	import type { Measured } from '$core/views/bench/run.ts';
	import { invalidateAll } from '$app/navigation';
	import { keepNext } from '$lib/ui/keep-job.ts';
	import type { BenchDesk } from './bench-desk.svelte.ts';
	import ReadLength from '$lib/ui/ReadLength.svelte';

	type Props = { desk: BenchDesk; step: Step };
	const { desk, step }: Props = $props();
	const parts = $derived(partsToMeasure(step));
	const { reader } = $derived(desk.planned.job);
	let open = $state<string | null>(null);
	type Field = 'width' | 'height' | 'd1' | 'd2' | 'openingWidth' | 'openingHeight' | 'left' | 'top';
	let typed = $state<Partial<Record<Field, number | null>>>({});
	let refused = $state('');

	const FIELDS = [
		['width', 'Width'],
		['height', 'Height'],
		['d1', 'Diagonal'],
		['d2', 'The other']
	] as const;
	const WINDOW = [
		['openingWidth', 'Window, width'],
		['openingHeight', 'Window, height'],
		['left', 'Left border, from the front'],
		['top', 'Top border']
	] as const;

	/** What is typed, once it is enough to be held against the plan. */
	const measured = $derived.by((): Measured | null => {
		const { width, height, d1, d2, openingWidth, openingHeight, left, top } = typed;
		if (!width || !height) return null;
		return {
			width,
			height,
			...(d1 && d2 ? { d1, d2 } : {}),
			...(openingWidth && openingHeight ? { opening: { width: openingWidth, height: openingHeight } } : {}),
			...(left && top ? { left, top } : {})
		};
	});

	function begin(part: PartToMeasure) {
		const known = desk.run.measured.get(part.part);
		open = part.part;
		refused = '';
		typed = known
			? {
					width: known.width,
					height: known.height,
					d1: known.d1 ?? null,
					d2: known.d2 ?? null,
					openingWidth: known.opening?.width ?? null,
					openingHeight: known.opening?.height ?? null,
					left: known.left ?? null,
					top: known.top ?? null
				}
			: stopsOf(part);
	}

	/** The stops to begin with: a blade set by them cuts two borders true, and throws the error to the others. */
	function stopsOf({ mat }: PartToMeasure) {
		const border = mat === undefined ? undefined : desk.planned.plan.window?.mats[mat]?.border;
		return border ? { left: border.left, top: border.top } : {};
	}

	function keep(part: string) {
		if (!measured) return;
		desk.did({ kind: 'measured', part, ...measured });
		open = null;
	}

	/** What the plan would be with the mat as cut; null where it cannot follow. */
	function followed(part: PartToMeasure, as: Measured) {
		const patch = fromWhatWasCut(desk.planned.file, desk.planned.job, desk.planned.plan, part, as);
		if (!patch) return null;
		try {
			const file = patched(desk.planned.file, patch);
			const next = desk.plan(file);
			const why = whyNotFollowed(desk.planned.plan.findings, next.plan.findings);
			return { file, why, moves: differingSteps(desk.steps, next.steps).filter(({ step: one }) => one.id !== 'gather') };
		} catch {
			return null;
		}
	}

	async function follow(part: PartToMeasure, as: Measured) {
		const next = followed(part, as);
		if (!next || next.why) return;
		const kept = await keepNext(desk.number, desk.rev, next.file, `Recalculated from ${part.part} as cut`);
		if (!kept.ok) {
			refused = kept.says;
			return;
		}
		desk.did({ kind: 'taken-over', rev: kept.rev });
		await invalidateAll();
	}
</script>

<ul>
	{#each parts as part (part.part)}
		{@const known = desk.run.measured.get(part.part)}
		{@const checked = known ? cutChecked(part, known, reader) : null}
		<li class:off={checked && !checked.good}>
			<div class="line">
				<span class="name">{partName(part.part)}</span>
				<span class="figures"
					>{showSize(part.planned, reader)}{#if part.opening}<span class="window">window {showSize(part.opening, reader)}</span
						>{/if}</span
				>
				{#if open !== part.part}<button type="button" class="btn preset-outlined-brand" onclick={() => begin(part)}
						>{known ? 'Check the cut again' : 'Check the cut'}</button
					>{/if}
			</div>
			{#if open === part.part}
				<form
					onsubmit={(event) => {
						event.preventDefault();
						keep(part.part);
					}}
				>
					{#each [...FIELDS, ...(part.opening ? WINDOW : [])] as [field, label] (field)}<ReadLength
							{label}
							{reader}
							value={typed[field] ?? null}
							onread={(mm) => (typed = { ...typed, [field]: mm })}
						/>{/each}
					<p class="ways">
						<button type="submit" class="btn preset-filled-brand" disabled={!measured}>Save measurements</button>
						<button type="button" class="btn preset-quiet" onclick={() => (open = null)}>cancel</button>
					</p>
				</form>
			{:else if known && checked}
				<p role="status" class:good={checked.good}>{showSize(known, reader)}: {checked.says}</p>
				{#if !checked.good}
					{@const next = followed(part, known)}
					{#if next?.why}<p>It can’t continue from this cut: {next.why} Recut it.</p>
					{:else if next}<p class="ways">
							<button type="button" class="btn preset-outlined-brand" onclick={() => follow(part, known)}
								>Replan from this cut</button
							>
							<span class="quiet"
								>{next.moves.length === 0
									? 'No steps change.'
									: `This makes a new revision; these change: ${next.moves.map((one) => one.step.title).join(', ')}.`}</span
							>
						</p>{/if}
				{/if}
			{/if}
		</li>
	{/each}
</ul>
{#if refused}<p role="alert" class="refused">{refused}</p>{/if}

<style>
	ul {
		margin-bottom: 14px;
		max-width: 820px;
	}
	li {
		padding: 8px 0;
		border-top: 1px solid var(--line);
	}
	.off {
		border-left: 4px solid var(--stop);
		padding-left: 12px;
	}
	.line {
		display: grid;
		grid-template-columns: 120px minmax(0, 1fr) auto;
		align-items: center;
		gap: 4px 18px;
	}
	.window {
		display: block;
		color: var(--quiet);
	}
	.name::first-letter {
		text-transform: uppercase;
	}
	.btn {
		min-height: 48px;
		font-size: 17px;
	}
	form {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
		gap: 8px;
		margin: 8px 0;
	}
	.good {
		color: var(--accent);
	}
	.refused {
		color: var(--stop);
	}
</style>
