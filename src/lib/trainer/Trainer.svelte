<script lang="ts">
	/** The trainer: twelve pieces, each with one fault built in, and what was tried on each. */
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import type { DateLanguage } from '$core/shop/about.ts';
	import { shopFrom, type WrittenShop } from '$core/shop/written.ts';
	import { showMinutes } from '$core/units/show.ts';
	import { asItHangs } from '$core/views/drawing/as-it-hangs.ts';
	import { frontScene } from '$core/views/drawing/front.ts';
	import { caseOf, type CaseId } from '$core/views/trainer/cases/all.ts';
	import { madeOf } from '$core/views/trainer/judge.ts';
	import Shapes from '$lib/drawing/Shapes.svelte';
	import type { CaseRecord } from '$lib/server/trainer.ts';
	import { askServer } from '$lib/ui/ask-server.ts';
	import Bar from '$lib/ui/Bar.svelte';
	import { showDate } from '$lib/ui/days.ts';
	import Sign from '$lib/ui/Sign.svelte';

	type Props = { cases: readonly CaseRecord[]; shop: WrittenShop };
	const { cases, shop: written }: Props = $props();
	const id = $props.id();
	/** Height of the tallest piece, px. */
	const TALLEST = 84;

	const rows = $derived.by(() => {
		const shop = shopFrom(written);
		return cases.map((record) => {
			const of = caseOf(record.id);
			const { plan, job } = madeOf(of.job, shop);
			const scene = frontScene(plan, job);
			return { record, of, scene: scene && asItHangs(scene) };
		});
	});
	const scale = $derived(TALLEST / Math.max(300, ...rows.map(({ scene }) => scene?.box.height ?? 0)));
	const solved = $derived(cases.filter((one) => one.solved > 0).length);
	let refused = $state('');
	let busy = $state(false);

	async function begin(which: CaseId) {
		busy = true;
		const asked = await askServer<{ at: string }>('POST', `/api/trainer/${which}`);
		if (asked.ok) await goto(asked.answer.at);
		else refused = asked.says;
		busy = false;
	}

	const day = (at: Date): string => showDate(new Date(at).getTime(), 'moment', page.data.dates as DateLanguage);
	const toldOf = ({ solved: well, told }: CaseRecord['latest'][number]): string =>
		well ? 'fixed' : told ? 'fault shown' : 'not fixed yet';
	const timesOf = (count: number): string => (count === 1 ? 'once' : count === 2 ? 'twice' : `${count} times`);
	const isRun = (which: CaseId): boolean => 'done' in caseOf(which).fault;
</script>

<svelte:head><title>Trainer · Rare Keep</title></svelte:head>
<div class="screen">
	<Bar here="Bench" />
	<main id="main">
		<h1>Trainer</h1>
		<p class="about">
			Twelve practice pieces, each with one fault, from measuring to hanging. Find it, fix it, and check it by the rules every job
			follows. Nothing here counts in the shop’s work.
			{solved > 0 ? `${solved} of ${cases.length} fixed so far.` : ''}
		</p>
		{#if refused}<p class="fault" role="alert">{refused}</p>{/if}
		<ol>
			{#each rows as { record, of, scene }, at (record.id)}
				<li>
					<span class="piece by-day" style:height="{TALLEST}px" aria-hidden="true">
						{#if scene}<svg
								viewBox="{scene.box.left} {scene.box.top} {scene.box.width} {scene.box.height}"
								width={scene.box.width * scale}
								height={scene.box.height * scale}><Shapes {scene} id="{id}-{record.id}" /></svg
							>{/if}
					</span>
					<div class="words">
						<h2><span class="no">{at + 1}</span> {of.title}</h2>
						<p>{of.told}</p>
						{#if record.tries === 0}<p class="quiet">Not tried yet.</p>{:else}
							<details>
								<summary
									>{#if record.solved > 0}<Sign of="settled" size={12} /> Fixed{:else}Not fixed yet{/if} · {record.tries === 1
										? '1 try'
										: `${record.tries} tries`}{record.told > 0 ? ` · fault shown ${timesOf(record.told)}` : ''}</summary
								>
								<ul>
									{#each record.latest as one, index (index)}<li>
											{day(one.at)}{one.by ? `, ${one.by}` : ''}: {toldOf(one)}, {one.minutes < 1
												? 'within a minute'
												: `after ${showMinutes(Math.round(one.minutes))}`}
										</li>{/each}
								</ul>
							</details>
						{/if}
					</div>
					<div class="ways">
						{#if record.begun}<a
								class="btn preset-outlined-brand"
								href={isRun(record.id) ? `/jobs/${record.begun}/bench` : `/jobs/${record.begun}`}
								aria-label="Go on with {record.begun}, {of.title}">Go on with {record.begun}</a
							>{/if}
						<button
							type="button"
							class="btn {record.begun ? 'preset-quiet' : 'preset-outlined-brand'}"
							aria-label="{record.tries > 0 || record.begun ? 'Start over' : 'Begin'}: {of.title}"
							disabled={busy}
							onclick={() => begin(record.id)}>{record.tries > 0 || record.begun ? 'Start over' : 'Begin'}</button
						>
					</div>
				</li>
			{/each}
		</ol>
	</main>
</div>

<style>
	main {
		max-width: 1080px;
		padding: 22px 24px 60px;
	}
	h1 {
		font-size: 27px;
	}
	.about {
		max-width: 660px;
		color: var(--quiet);
	}
	ol > li {
		display: grid;
		grid-template-columns: 88px minmax(0, 1fr) auto;
		gap: 22px;
		align-items: start;
		padding: 10px 0;
		border-bottom: 1px solid var(--line);
	}
	.piece {
		display: flex;
		align-items: flex-end;
		justify-content: center;
		background: #c8c7c2;
		padding: 0 4px;
	}
	h2 {
		font-family: var(--serif);
		font-size: 18px;
	}
	.no {
		display: inline-block;
		min-width: 22px;
		color: var(--quiet);
		font-family: var(--sans);
		font-variant-numeric: tabular-nums;
	}
	.words > p,
	details {
		margin-left: 26px;
		max-width: 78ch;
	}
	summary {
		cursor: pointer;
		color: var(--soft);
	}
	summary :global(svg) {
		display: inline;
	}
	.ways {
		display: grid;
		gap: 6px;
		justify-items: stretch;
		min-width: 160px;
	}
	.fault {
		color: var(--stop);
	}
	@media (max-width: 700px) {
		main {
			padding-inline: 14px;
		}
		ol > li {
			grid-template-columns: 84px minmax(0, 1fr);
			gap: 6px 14px;
		}
		.words > p,
		details {
			margin-left: 0;
		}
		.ways {
			grid-column: 2;
		}
	}
	@media (pointer: coarse) {
		summary {
			min-height: 44px;
			padding: 10px 0;
		}
	}
</style>
