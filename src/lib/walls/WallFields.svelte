<script lang="ts">
	/** The wall itself: its name, its size, what it is made of, and what stands before it. */
	import { PLACE_CLIMATE_IDS, PLACE_CLIMATES, type PlaceClimate } from '$core/shop/places.ts';
	import { THING_KINDS, THING_NAMES, WALL_KINDS, type Thing, type ThingKind, type WallKind } from '$core/wall/wall.ts';
	import Flag from '$lib/ui/Flag.svelte';
	import ReadLength from '$lib/ui/ReadLength.svelte';
	import LightFields from './LightFields.svelte';
	import type { WallDesk } from './wall-desk.svelte.ts';

	const { desk }: { desk: WallDesk } = $props();
	const KINDS: Record<WallKind, string> = {
		masonry: 'Masonry',
		plasterboard: 'Plasterboard',
		'lath-plaster': 'Lath and plaster',
		wood: 'Wood'
	};
	const capital = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
	const { wall } = $derived(desk.file);
	const NEW: Thing = { name: '', kind: 'furniture', left: 0, bottom: 0, width: 1000, height: 800 };
	const SIDES = [
		['left', 'From the left'],
		['bottom', 'From the floor'],
		['width', 'Width'],
		['height', 'Height']
	] as const;
	const isZero = (key: string): boolean => key === 'left' || key === 'bottom';
	const nameOf = (thing: Thing, at: number): string => thing.name || `${THING_NAMES[thing.kind]} ${at + 1}`;
</script>

<section aria-labelledby="the-wall">
	<h2 id="the-wall">The wall</h2>
	<label class="line"
		>Name <input
			class="input"
			aria-label="Name of the wall"
			maxlength="80"
			autocomplete="off"
			value={desk.name}
			oninput={(event) => desk.call(event.currentTarget.value)}
		/></label
	>
	<div class="pair">
		<ReadLength small label="Width" value={wall.width} reader={desk.reader} onread={(mm) => mm && desk.setWall({ width: mm })} />
		<ReadLength
			small
			label="Height"
			value={wall.height}
			reader={desk.reader}
			onread={(mm) => mm && desk.setWall({ height: mm })}
		/>
	</div>
	<label class="line"
		>Made of <select
			class="select"
			aria-label="Made of"
			value={wall.kind}
			onchange={(event) => desk.setWall({ kind: event.currentTarget.value as WallKind })}
		>
			{#each WALL_KINDS as kind (kind)}<option value={kind}>{KINDS[kind]}</option>{/each}
		</select></label
	>
	<label class="line"
		>In <select
			class="select"
			aria-label="What the room is like"
			value={wall.climate ?? 'steady'}
			onchange={(event) => desk.setWall({ climate: event.currentTarget.value as PlaceClimate })}
		>
			{#each PLACE_CLIMATE_IDS as climate (climate)}<option value={climate}>{PLACE_CLIMATES[climate]}</option>{/each}
		</select></label
	>
	<Flag label="An outside wall, cold in winter" value={wall.outside ?? false} onchange={(outside) => desk.setWall({ outside })} />
	<LightFields {desk} />
	<details>
		<summary>In front of it, {wall.things.length}</summary>
		{#each wall.things as thing, at (at)}
			<fieldset>
				<legend>{nameOf(thing, at)}</legend>
				<div class="pair">
					<select
						class="select"
						aria-label="Kind of {nameOf(thing, at)}"
						value={thing.kind}
						onchange={(event) => desk.setThing(at, { kind: event.currentTarget.value as ThingKind })}
					>
						{#each THING_KINDS as kind (kind)}<option value={kind}>{capital(THING_NAMES[kind])}</option>{/each}
					</select>
					<input
						class="input"
						aria-label="Name of {nameOf(thing, at)}"
						placeholder="name"
						maxlength="80"
						autocomplete="off"
						value={thing.name}
						onchange={(event) => desk.setThing(at, { name: event.currentTarget.value.trim() })}
					/>
				</div>
				<div class="pair">
					{#each SIDES as [key, label] (key)}<ReadLength
							small
							zero={isZero(key)}
							{label}
							value={thing[key]}
							reader={desk.reader}
							onread={(mm) => mm !== null && desk.setThing(at, { [key]: mm })}
						/>{/each}
				</div>
				<button
					type="button"
					class="btn btn-sm preset-quiet"
					aria-label="remove {nameOf(thing, at)}"
					onclick={() => desk.removeThing(at)}>remove</button
				>
			</fieldset>
		{/each}
		<button type="button" class="btn btn-sm preset-quiet" onclick={() => desk.addThing(NEW)}>add an obstacle</button>
	</details>
</section>

<style>
	h2 {
		font-family: var(--serif);
		font-size: 19px;
		margin: 8px 0 6px;
	}
	.line {
		display: grid;
		grid-template-columns: 86px minmax(0, 1fr);
		align-items: center;
		margin-bottom: 6px;
	}
	.pair {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 6px;
		margin-bottom: 6px;
	}
	summary {
		cursor: pointer;
		padding: 4px 0;
		min-height: var(--word);
	}
	fieldset {
		border-top: 1px solid var(--line);
		padding: 6px 0;
	}
	legend {
		float: left;
		width: 100%;
		font-weight: 600;
		padding-bottom: 4px;
	}
	legend + .pair {
		clear: left;
	}
</style>
