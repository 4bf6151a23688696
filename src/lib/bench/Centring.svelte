<script lang="ts">
	/** Eight readings of the seen border, one instruction, and where the blade goes. */
	import { tick } from 'svelte';
	import { askServer } from '$lib/ui/ask-server.ts';
	import type { Step } from '$core/stations/step.ts';
	import { showLength } from '$core/units/show.ts';
	import {
		centred,
		centringSays,
		READING_PLACES,
		spansOf,
		type ReadingPlace,
		type Readings
	} from '$core/views/bench/centring.ts';
	import { centringScene, seenOf } from '$core/views/drawing/centring.ts';
	import { bladeScene } from '$core/views/drawing/hands.ts';
	import Drawing from '$lib/drawing/Drawing.svelte';
	import type { BenchDesk } from './bench-desk.svelte.ts';
	import ReadLength from '$lib/ui/ReadLength.svelte';

	type Props = { desk: BenchDesk; step: Step };
	const { desk }: Props = $props();
	const { job, plan, shop } = $derived(desk.planned);
	const { reader } = $derived(job);
	const seen = $derived(seenOf(plan, shop.house));
	const NAMES: Record<ReadingPlace, string> = {
		tl: 'top, left',
		tr: 'top, right',
		bl: 'bottom, left',
		br: 'bottom, right',
		lt: 'left, top',
		lb: 'left, bottom',
		rt: 'right, top',
		rb: 'right, bottom'
	};
	/** Readings of this round: empty until they are typed. */
	let typed = $state<Partial<Record<ReadingPlace, number | null>>>({});
	let round = $state(0);
	let refused = $state('');
	let fields = $state<HTMLElement>();
	const latest = $derived(desk.run.read.at(-1));
	const whole = $derived.by((): Readings | null => {
		// Correcting one figure is a new set of eight: the others stay as they were measured.
		const now = round === 0 ? { ...latest, ...typed } : typed;
		return READING_PLACES.every((place) => typeof now[place] === 'number') ? (now as Readings) : null;
	});
	const readings = $derived(whole ?? undefined);
	const centring = $derived(
		seen && readings
			? centred({
					targets: seen.targets,
					readings,
					spans: spansOf(seen.opening),
					pack: seen.pack,
					allowance: seen.allowance,
					step: seen.step
				})
			: null
	);
	const blade = bladeScene();
	const scene = $derived(seen && centringScene(job, seen, centring));
	const length = (mm: number): string => showLength(mm, reader, 'fine').text;

	const sentences = (says: string): string[] => says.split(/(?<=\.) (?=[A-Z])/);

	function read(place: ReadingPlace, mm: number | null) {
		typed = { ...typed, [place]: mm };
	}

	/** The calliper reads the next place that is empty; a whole round is begun anew. */
	async function measure() {
		if (!seen) return;
		if (whole) await again();
		const place = READING_PLACES.find((one) => typeof typed[one] !== 'number');
		if (!place) return;
		const asked = await askServer<{ mm: number }>('POST', '/api/instruments/calliper', {
			job: desk.number,
			round: desk.run.read.length,
			place,
			targets: seen.targets,
			spans: spansOf(seen.opening)
		});
		refused = asked.ok ? '' : 'No answer from the calliper. Enter its reading.';
		if (!asked.ok) return;
		read(place, asked.answer.mm);
		keep();
	}

	/** All eight are there: they are kept as they were read. */
	function keep() {
		if (whole && JSON.stringify(whole) !== JSON.stringify(latest)) desk.did({ kind: 'read', readings: { ...whole } });
	}

	async function again() {
		keep();
		typed = {};
		round += 1;
		await tick();
		fields?.querySelector('input')?.focus();
	}
</script>

{#if seen && scene}
	<div class="centring">
		<section aria-label="Measurements" onfocusout={keep} bind:this={fields}>
			<p>
				Measure the visible border near both ends of each side. Planned: {length(seen.targets.left)} left, {length(
					seen.targets.right
				)} right,
				{length(seen.targets.top)} top, {length(seen.targets.bottom)} bottom.
			</p>
			{#key round}
				<div class="readings">
					{#each READING_PLACES as place (place)}<ReadLength
							label={NAMES[place]}
							{reader}
							zero
							value={typed[place] ?? (round === 0 ? (latest?.[place] ?? null) : null)}
							onread={(mm) => read(place, mm)}
						/>{/each}
				</div>
			{/key}
			<button type="button" class="large" data-key="m" onclick={measure}>From the calliper (simulated) <kbd>M</kbd></button>
			{#if refused}<p role="alert">{refused}</p>{/if}
			<button type="button" class="seen-by-readers" data-key="r" onclick={again}>Measure again</button>
			<div role="status" class="says" class:recut={centring && centring.do !== 'push'}>
				{#if centring}
					<p class="front">{sentences(centringSays(centring, seen.pack, reader))[0]}</p>
					{#each sentences(centringSays(centring, seen.pack, reader)).slice(1) as more (more)}<p>{more}</p>{/each}
					{#if centring.do === 'push'}<p class="quiet">
							From the back: {sentences(centringSays(centring, seen.pack, reader, 'back'))[0]}
						</p>{/if}
				{/if}
			</div>
			{#if desk.run.read.length > 0}<p class="quiet">
					{desk.run.read.length === 1 ? 'Measured once, saved.' : `Measured ${desk.run.read.length} times, all saved.`} Shift it, then
					measure again.
				</p>{/if}
		</section>
		<div class="drawn">
			<div class="board by-day"><Drawing {scene} {reader} /></div>
			<div class="board low by-day"><Drawing scene={blade} {reader} /></div>
		</div>
	</div>
{/if}

<style>
	.centring {
		display: grid;
		grid-template-columns: minmax(0, 1.15fr) minmax(240px, 1fr);
		gap: 24px;
		margin-bottom: 12px;
	}
	.readings {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 8px;
		margin: 8px 0 12px;
	}
	.says {
		min-height: 64px;
		margin-top: 10px;
	}
	.front {
		color: var(--accent);
		font-size: 26px;
		line-height: 1.25;
		font-weight: 600;
	}
	.recut .front {
		color: var(--stop);
	}
	.board {
		height: min(46dvh, 420px);
		background: #c8c7c2;
		padding: 8px;
	}
	.drawn {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		align-content: start;
		gap: 12px;
	}
	.low {
		height: 240px;
	}
	@media (max-width: 1100px) {
		.centring {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
