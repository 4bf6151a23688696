<script lang="ts">
	/** The wall’s light, as a meter reads it at a few places: what shines there, for how many hours, and the readings. */
	import { SOURCES, type SourceId } from '$core/shop/places.ts';
	import type { LightReading, WallLight } from '$core/wall/wall.ts';
	import ReadLength from '$lib/ui/ReadLength.svelte';
	import { whole, type WallDesk } from './wall-desk.svelte.ts';

	const { desk }: { desk: WallDesk } = $props();
	const NONE: WallLight = { source: 'daylight-glass', hoursPerDay: 8, readings: [] };
	const { wall } = $derived(desk.file);
	const light = $derived(wall.light ?? NONE);
	const SOURCE_IDS = Object.keys(SOURCES) as SourceId[];
	const HOURS = 24;
	/** At the height of the eye, mm; a room away from its windows, lux. */
	const FIRST: LightReading = { left: 0, height: 1500, lux: 150 };
	/** Where a meter is held next, as a share of the width: the middle, then toward the ends. */
	const PLACES = [0.5, 0.15, 0.85, 0.32, 0.68];
	const next = (): LightReading => ({
		...FIRST,
		left: whole(wall.width * (PLACES[light.readings.length % PLACES.length] ?? 0.5))
	});
	const READINGS_MOST = 50;
	let says = $state('');

	function set(changes: Partial<WallLight>) {
		desk.setWall({ light: { ...light, ...changes } });
	}

	function setReading(at: number, changes: Partial<LightReading>) {
		set({ readings: light.readings.map((one, index) => (index === at ? { ...one, ...changes } : one)) });
	}

	/** Out of bounds it stays where it was typed, and is said. */
	function read(text: string, most: number, take: (value: number) => void) {
		const value = Number(text.replace(',', '.'));
		if (text.trim() === '' || !(value >= 0 && value <= most)) says = `Enter a number from 0 to ${most}.`;
		else {
			says = '';
			take(value);
		}
	}
	const LUX_MOST = 200_000;
</script>

<details>
	<summary>Light on it, {light.readings.length === 0 ? 'not measured' : `${light.readings.length} readings`}</summary>
	<p class="quiet">Measure with a meter at a few points on the wall. An estimate, for comparing places.</p>
	<label class="line"
		>Source <select
			class="select"
			aria-label="Source of the light"
			value={light.source}
			onchange={(event) => set({ source: event.currentTarget.value as SourceId })}
		>
			{#each SOURCE_IDS as source (source)}<option value={source}>{SOURCES[source].name}</option>{/each}
		</select></label
	>
	<label class="line"
		>Hours a day <input
			class="input figures"
			inputmode="decimal"
			autocomplete="off"
			value={light.hoursPerDay}
			onchange={(event) => read(event.currentTarget.value, HOURS, (hoursPerDay) => set({ hoursPerDay }))}
		/></label
	>
	{#each light.readings as reading, at (at)}
		<fieldset>
			<legend>Reading {at + 1}</legend>
			<div class="places">
				<ReadLength
					small
					zero
					label="From the left"
					value={reading.left}
					reader={desk.reader}
					onread={(left) => left !== null && setReading(at, { left })}
				/>
				<ReadLength
					small
					zero
					label="Height"
					value={reading.height}
					reader={desk.reader}
					onread={(height) => height !== null && setReading(at, { height })}
				/>
				<label class="line lux"
					>Lux <input
						class="input figures"
						inputmode="decimal"
						autocomplete="off"
						aria-label="Lux of reading {at + 1}"
						value={reading.lux}
						onchange={(event) => read(event.currentTarget.value, LUX_MOST, (lux) => setReading(at, { lux }))}
					/></label
				>
			</div>
			<button
				type="button"
				class="btn btn-sm preset-quiet"
				aria-label="remove reading {at + 1}"
				onclick={() => set({ readings: light.readings.filter((_, index) => index !== at) })}>remove</button
			>
		</fieldset>
	{/each}
	{#if says}<p class="fault" role="alert">{says}</p>{/if}
	<button
		type="button"
		class="btn btn-sm preset-quiet"
		disabled={light.readings.length >= READINGS_MOST}
		onclick={() => set({ readings: [...light.readings, next()] })}>add a reading</button
	>
</details>

<style>
	summary {
		cursor: pointer;
		padding: 4px 0;
		min-height: var(--word);
	}
	.line {
		display: grid;
		grid-template-columns: 86px minmax(0, 1fr);
		align-items: center;
		margin: 6px 0;
	}
	.lux {
		grid-column: span 2;
		margin: 0;
	}
	.places {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 6px;
	}
	fieldset {
		border-top: 1px solid var(--line);
		padding: 6px 0;
	}
	legend {
		font-weight: 600;
	}
	.fault {
		color: var(--stop);
	}
</style>
