<script lang="ts">
	/** Where it will hang: a typical place, one of the shop's own, or light that was read there; its wall, and who comes near. */
	import { drop, put, type Key } from '$core/job/patch.ts';
	import { putLight } from '$core/job/place.ts';
	import { PLACE_CLIMATES, SOURCES } from '$core/shop/places.ts';
	import { showNumber } from '$core/units/show.ts';
	import { readLightMeter } from '$lib/light/meter.ts';
	import Combo from '$lib/ui/Combo.svelte';
	import Flag from '$lib/ui/Flag.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import TextField from '$lib/ui/TextField.svelte';
	import { useWorkspace } from '../context.ts';
	import { takeStep } from '../steps.ts';
	import { placeOptions } from '../options.ts';
	import { nth } from '$core/units/there.ts';

	const { editor } = useWorkspace();
	const place = $derived(editor.file.place ?? {});
	const exposure = $derived(editor.job.place.exposure);
	const own = editor.written.places;
	const rooms = $derived([
		{ value: '', label: 'not set: living room assumed' },
		...placeOptions(own),
		{ value: 'other', label: 'another place' }
	]);
	const chosen = $derived(own.some(({ name }) => name === place.name) ? `own ${place.name}` : (place.room ?? ''));
	const sources = Object.entries(SOURCES).map(([value, { name }]) => ({ value, label: name }));
	const CLIMATES = [
		{ value: '', label: 'not set' },
		...Object.entries(PLACE_CLIMATES).map(([value, label]) => ({ value, label }))
	];
	const WALLS = [
		{ value: '', label: 'not set' },
		{ value: 'plasterboard', label: 'plasterboard' },
		{ value: 'masonry', label: 'masonry' },
		{ value: 'lath-plaster', label: 'lath and plaster' },
		{ value: 'wood', label: 'wood' }
	];
	const LIGHT: Key[] = ['name', 'room', 'source', 'lux', 'uv', 'hoursPerDay', 'monthsPerYear', 'sources'];
	let meterSays = $state('');

	/** The place's light anew; what the wall is, and who comes near, stays. */
	function choose(value: string) {
		const of = own.find(({ name }) => `own ${name}` === value);
		if (value === '') return void editor.apply(LIGHT.flatMap((key) => drop(editor.file, ['place', key])));
		editor.apply(putLight(editor.file, of ? { room: 'other', ...of } : { room: value as 'corridor' }));
	}

	function set(key: string, value: unknown) {
		if (value === '' || value === false) editor.apply(drop(editor.file, ['place', key]));
		else editor.put(['place', key], value);
	}

	async function meter() {
		const read = await readLightMeter(place.room ?? 'living-room');
		if (!read.ok) return void (meterSays = read.says);
		editor.apply([
			...drop(editor.file, ['place', 'sources']),
			...put(editor.file, ['place', 'lux'], read.lux),
			{ op: 'add', path: '/place/uv', value: read.uv }
		]);
		meterSays = `Measured: ${read.lux} lx, ${read.uv} µW/lm (simulated meter).`;
	}

	function addSource() {
		const list = place.sources ?? exposure.sources.map(({ lux, hoursPerDay, uv }) => ({ lux, hoursPerDay, uv }));
		const single = ['lux', 'hoursPerDay', 'uv', 'source'].flatMap((key) => drop(editor.file, ['place', key]));
		editor.apply([
			...single,
			...put(editor.file, ['place', 'sources'], [...list, { source: 'halogen', lux: 100, hoursPerDay: 4 }])
		]);
	}

	function removeLight(index: number) {
		const left = (place.sources ?? []).filter((_, at) => at !== index);
		const keys = ['place', 'sources'];
		takeStep(editor, `Light ${index + 1} removed.`, left.length > 0 ? put(editor.file, keys, left) : drop(editor.file, keys));
	}
</script>

<div class="group">
	<h2>Where it will hang</h2>
	<Combo label="Place" value={chosen} options={rooms} onchange={choose} />
	{#if place.sources}
		{#each exposure.sources as source, index (index)}
			<h3>Light {index + 1}</h3>
			<TextField
				label="Light {index + 1}"
				unit="lx"
				keys={['place', 'sources', index, 'lux']}
				value={String(source.lux)}
				number
			/>
			<TextField
				label="Hours a day of light {index + 1}"
				keys={['place', 'sources', index, 'hoursPerDay']}
				value={String(source.hoursPerDay)}
				number
			/>
			<TextField
				label="UV of light {index + 1}"
				unit="µW/lm"
				keys={['place', 'sources', index, 'uv']}
				value={String(source.uv)}
				number
			/>
			<div>
				<button type="button" class="btn btn-sm preset-quiet" onclick={() => removeLight(index)}>remove light {index + 1}</button>
			</div>
		{/each}
	{:else}
		<Pick
			label="Source of the light"
			value={place.source ?? ''}
			options={[{ value: '', label: 'from the place' }, ...sources]}
			onchange={(value) => set('source', value)}
		/>
		<TextField
			label="Light at the picture"
			unit="lx"
			keys={['place', 'lux']}
			value={String(nth(exposure.sources, 0).lux)}
			number
		/>
		<TextField label="Hours a day" keys={['place', 'hoursPerDay']} value={String(nth(exposure.sources, 0).hoursPerDay)} number />
		<TextField label="UV in it" unit="µW/lm" keys={['place', 'uv']} value={String(nth(exposure.sources, 0).uv)} number />
	{/if}
	<TextField label="Months a year" keys={['place', 'monthsPerYear']} value={showNumber(exposure.monthsPerYear, 1)} number />
	<div class="presses">
		<button type="button" class="btn btn-sm preset-quiet" onclick={meter}>read the light meter</button>
		<button type="button" class="btn btn-sm preset-quiet" onclick={addSource}>add a light</button>
	</div>
	{#if meterSays}<p class="quiet" role="status">{meterSays}</p>{/if}
	<Pick label="The room" value={place.climate ?? ''} options={CLIMATES} onchange={(value) => set('climate', value)} />
	<Pick label="Wall" value={place.wall ?? ''} options={WALLS} onchange={(value) => set('wall', value)} />
	<Flag label="An outside wall" value={editor.job.place.outside} onchange={(on) => set('outside', on)} />
	{#if editor.job.place.outside}
		<TextField
			label="Temperature of the wall"
			unit="°C"
			keys={['place', 'wallCelsius']}
			value={place.wallCelsius === undefined ? '' : String(place.wallCelsius)}
			number
		/>
	{/if}
	<Flag label="Children play near it" value={editor.job.place.children} onchange={(on) => set('children', on)} />
	<Flag label="It hangs on a door" value={editor.job.place.door} onchange={(on) => set('door', on)} />
	<Flag label="Over a bed or a seat" value={editor.job.place.overBed} onchange={(on) => set('overBed', on)} />
</div>

<style>
	h3 {
		font-family: inherit;
		font-size: var(--text-sm);
	}
	.presses {
		display: flex;
		gap: 14px;
	}
</style>
