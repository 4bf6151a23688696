<script lang="ts">
	/** The job beside a second version of it: what it looks like, its sizes, its grade so far, and what differs. */
	import { previewScene } from '$core/views/drawing/preview.ts';
	import { differences } from '$core/job/compare.ts';
	import { keysOf, valueAt } from '$core/job/patch.ts';
	import type { JobFile } from '$core/job/definition.ts';
	import type { Plan } from '$core/plan.ts';
	import { gradeSaid } from '$core/shop/grades.ts';
	import { UNIT_WORDS } from '$core/units/length.ts';
	import { showLength, showMass, showSize } from '$core/units/show.ts';
	import Drawing from '$lib/drawing/Drawing.svelte';
	import { placeName } from './place-name.ts';
	import { useWorkspace } from './context.ts';
	import type { Decided } from '$core/job/decided.ts';
	import { there } from '$core/units/there.ts';

	const { editor } = useWorkspace();
	const second = $derived(editor.second);
	const both = $derived([
		{ name: 'Now', file: editor.file, job: editor.settled.job, plan: editor.settled.plan },
		...(second ? [second] : [])
	]);
	const differs = $derived(second ? differences(editor.file, second.file).slice(0, 40) : []);

	/** Both are drawn to one scale: that which the larger needs. */
	const largest = $derived.by(() => {
		const sizes = both.flatMap(({ plan }) => (plan.window ? [plan.frame?.outer ?? plan.window.pack] : []));
		return {
			width: Math.max(0, ...sizes.map((size) => size.width)),
			height: Math.max(0, ...sizes.map((size) => size.height))
		};
	});

	type Row = [label: string, of: (plan: Plan, job: Decided) => string];
	const ROWS: Row[] = [
		['Outer', (plan, job) => (plan.frame ? showSize(plan.frame.outer, job.reader) : 'no frame')],
		['Pack', (plan, job) => showSize(there(plan.window, 'window').pack, job.reader)],
		['Window', (plan, job) => showSize(there(plan.window, 'window').opening, job.reader)],
		[
			'Narrowest visible border',
			(plan, job) => {
				const [first] = there(plan.window, 'window').mats;
				return first ? showLength(Math.min(...Object.values(first.seen ?? first.border)), job.reader, 'mark').text : 'no mat';
			}
		],
		['Pack, thick', (plan, job) => showLength(there(plan.pack, 'pack').thickness, job.reader, 'fine').text],
		['Weight', (plan, job) => (plan.mass ? showMass(plan.mass.kg, job.reader) : 'no frame')],
		['Grade so far', (plan) => gradeSaid(plan.grade)],
		['Stops', (plan) => String(plan.findings.filter((finding) => finding.severity === 'stop').length)],
		['Cautions', (plan) => String(plan.findings.filter((finding) => finding.severity === 'caution').length)]
	];

	function shown(file: JobFile, path: string): string {
		const value = valueAt(file, keysOf(path));
		if (value === undefined) return '–';
		return typeof value === 'object' ? JSON.stringify(value).slice(0, 60) : String(value);
	}
</script>

<div class="compare">
	<div class="pictures" class:alone={!second}>
		{#each both as one (one.name)}
			{@const scene = one.plan.window ? previewScene(one.plan, one.job, largest) : null}
			<section aria-label={one.name}>
				<h2>{one.name}</h2>
				{#if scene}<div class="picture"><Drawing {scene} reader={editor.reader} label={12} /></div>{:else}<p>
						Not measured yet.
					</p>{/if}
			</section>
		{/each}
	</div>
	<div class="words">
		<div class="presses">
			<button type="button" class="btn preset-outlined-brand" onclick={() => editor.keepSecond()}
				>{second ? 'Replace with the current version' : 'Save as version A and keep editing'}</button
			>
			{#if second}
				<button type="button" class="btn preset-filled-brand" onclick={() => editor.takeSecond()}>Switch to {second.name}</button>
				<button type="button" class="btn btn-sm preset-quiet" onclick={() => (editor.second = null)}>close the comparison</button>
			{/if}
		</div>
		{#if second && second.plan.window && editor.settled.plan.window}
			<table class="table">
				<caption class="seen-by-readers">Sizes and grade of both, in {UNIT_WORDS[editor.unit]}</caption>
				<thead
					><tr
						><th scope="col">What</th>{#each both as one (one.name)}<th scope="col">{one.name}</th>{/each}</tr
					></thead
				>
				<tbody>
					{#each ROWS as [label, of] (label)}
						{@const cells = both.map((one) => of(one.plan, one.job))}
						<tr class:same={cells[0] === cells[1]}
							><th scope="row">{label}</th>{#each cells as cell, index (index)}<td class="figures">{cell}</td>{/each}</tr
						>
					{/each}
				</tbody>
			</table>
			<table class="table">
				<caption>{differs.length === 0 ? 'Both are the same.' : 'Differences'}</caption>
				<tbody>
					{#each differs as path (path)}<tr
							><th scope="row">{placeName(path)}</th><td class="figures">{shown(editor.file, path)}</td><td class="figures"
								>{shown(second.file, path)}</td
							></tr
						>{/each}
				</tbody>
			</table>
		{:else}
			<p class="quiet">
				Save the job as version A, then change it: both are drawn on the same wall, with their sizes and grades. A revision from
				Record can be compared the same way.
			</p>
		{/if}
	</div>
</div>

<style>
	.compare {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 310px;
		gap: 18px;
		min-height: 0;
	}
	.pictures {
		display: grid;
		grid-template-columns: repeat(2, minmax(0, 1fr));
		gap: 12px;
		min-height: 0;
	}
	.pictures.alone {
		grid-template-columns: minmax(0, 1fr);
	}
	section {
		display: grid;
		grid-template: auto minmax(0, 1fr) / minmax(0, 1fr);
		min-height: 0;
	}
	.picture {
		min-height: 0;
	}
	h2 {
		font-size: 15px;
	}
	.words {
		position: relative;
		overflow-y: auto;
		display: grid;
		gap: 14px;
		align-content: start;
	}
	.presses {
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
	}
	table {
		width: 100%;
		font-size: var(--text-sm);
	}
	caption {
		text-align: left;
		font-weight: 600;
		padding-bottom: 4px;
	}
	th,
	td {
		text-align: left;
		padding: 3px 8px 3px 0;
		border-bottom: 1px solid var(--line-strong);
		vertical-align: top;
		overflow-wrap: anywhere;
	}
	td {
		font-weight: 600;
		font-size: var(--text-xs);
	}
	.same td {
		font-weight: 400;
		color: var(--quiet);
	}
	@media (max-width: 767px) {
		.compare {
			grid-template: minmax(180px, 1fr) auto / minmax(0, 1fr);
			position: relative;
			overflow-y: auto;
		}
	}
</style>
