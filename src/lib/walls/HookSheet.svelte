<script lang="ts">
	/** The paper of a wall: drawn to scale, and every hook from the left corner and the floor. */
	import { page } from '$app/state';
	import type { DateLanguage, PaperSize } from '$core/shop/about.ts';
	import { FRACTION, showLength, showSize } from '$core/units/show.ts';
	import { planWall } from '$core/wall/plan-wall.ts';
	import { wallFrom } from '$core/wall/written.ts';
	import type { WallPage } from '$lib/server/wall.ts';
	import Paper from '$lib/papers/Paper.svelte';
	import PaperBar from '$lib/papers/PaperBar.svelte';
	import { showDate } from '$lib/ui/days.ts';
	import { picturesOf, scenesOf, titleOf } from './pieces.ts';
	import WallDrawing from './WallDrawing.svelte';

	const { id, name, rev, at, file, pieces }: WallPage = $props();
	const reader = $derived({ unit: page.data.reads ?? 'mm', fraction: FRACTION } as const);
	let paper = $state<PaperSize>('a4');
	const wall = $derived(wallFrom(file, picturesOf(pieces)).wall);
	const plan = $derived(planWall(wall, reader));
	const scenes = $derived(scenesOf(file, pieces));
	const called = (which: string): string => titleOf(which, file, pieces);
	const length = (mm: number): string => showLength(mm, reader, 'mark').text;
	const problems = $derived(plan.findings.filter(({ severity }) => severity === 'stop').length);
</script>

<svelte:head><title>Hook list, {name} · Rare Keep</title></svelte:head>
<PaperBar to="/walls/{id}" says={name} size={paper} onsize={(next) => (paper = next)} />
<main id="main" class="paper-room">
	<Paper size={paper}>
		<h1>{name}</h1>
		<p>
			Wall {showSize(wall.wall, reader)}
			{reader.unit}. From the left corner and from the floor, to the nail. Revision {rev}, {showDate(
				at,
				'moment',
				page.data.dates as DateLanguage
			)}.
		</p>
		{#if problems > 0}<p class="draft">
				Draft: {problems === 1 ? 'one problem' : `${problems} problems`} to solve.
			</p>{/if}
		<div class="drawing"><WallDrawing wall={wall.wall} {plan} {reader} {scenes} titleOf={called} /></div>
		<table>
			<thead
				><tr
					><th scope="col">Hook</th><th scope="col">From the left</th><th scope="col">From the floor</th><th scope="col"
						>Picture</th
					><th scope="col">Done</th></tr
				></thead
			>
			<tbody>
				{#each plan.hooks as hook (hook.n)}<tr
						><th scope="row">{hook.n}</th><td>{length(hook.x)}</td><td>{length(hook.height)}</td><td>{called(hook.picture)}</td
						><td class="box"></td></tr
					>{/each}
			</tbody>
		</table>
		<p class="caution">
			<strong>Take care.</strong> Check for cables and pipes, above all near switches and outlets. A ladder on level ground; two
			people over {reader.unit === 'mm' ? '8 kg or 1 m' : '18 lb or 3 ft'}. Local codes and a licensed installer overrule this
			list, over beds and seats, in public rooms and above {reader.unit === 'mm' ? '25 kg' : '55 lb'}.
		</p>
	</Paper>
</main>

<style>
	h1 {
		font-size: 15pt;
	}
	.drawing :global(figcaption) {
		font-size: 8pt;
	}
	.drawing {
		height: 108mm;
		margin: 3mm 0;
	}
	table {
		width: 100%;
		border-collapse: collapse;
		font-variant-numeric: tabular-nums;
	}
	th,
	td {
		padding: 1mm 2mm 1mm 0;
		text-align: left;
		border-bottom: 0.2mm solid #9aa1a5;
	}
	tbody td:nth-child(2),
	tbody td:nth-child(3) {
		font-size: 11pt;
		font-weight: 600;
	}
	tr {
		break-inside: avoid;
	}
	.box::before {
		content: '';
		display: inline-block;
		width: 4mm;
		height: 4mm;
		border: 0.3mm solid #20343f;
	}
	.draft {
		font-weight: 600;
	}
	.caution {
		margin-top: 3mm;
		font-size: 8.5pt;
	}
</style>
