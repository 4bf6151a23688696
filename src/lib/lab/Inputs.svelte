<script lang="ts">
	/** What the laboratory looks at: the place's light, the piece, its pack, the room. */
	import { goto } from '$app/navigation';
	import { TYPICAL_ROOMS } from '$core/stations/climate/rooms.ts';
	import { DOSES } from '$core/shop/fade.ts';
	import { ROOMS } from '$core/shop/places.ts';
	import { MM_PER_INCH, readLength } from '$core/units/length.ts';
	import { showMass, showSize } from '$core/units/show.ts';
	import Pick from '$lib/ui/Pick.svelte';
	import type { LabKeep } from './keep.svelte.ts';
	import type { Lab } from './lab.svelte.ts';
	import NumberField from './NumberField.svelte';

	type Props = { lab: Lab; keep: LabKeep; jobs: { number: string; title: string }[]; onfile: (file: File) => void };
	const { lab, keep, jobs, onfile }: Props = $props();
	const { job } = $derived(lab);

	const roomOptions = $derived([
		...TYPICAL_ROOMS.map(({ id, name }) => ({ value: id, label: name })),
		...keep.rooms.map(({ id, name }) => ({ value: `kept ${id}`, label: `Logger: ${name}` })),
		...(lab.room === 'file' && lab.ownRoom ? [{ value: 'file', label: `File: ${lab.ownRoom.name}` }] : [])
	]);
	const placeOptions = $derived([
		...(lab.chosenPlace === '' ? [{ value: '', label: lab.placeName || 'its own light' }] : []),
		...Object.entries(ROOMS).map(([value, { name }]) => ({ value, label: name })),
		...lab.places.map(({ name }) => ({ value: `own ${name}`, label: name }))
	]);
	const number = (name: string, least: number, most: number) => (text: string) => {
		const value = Number(text.trim().replace('−', '-'));
		if (text.trim() === '' || !Number.isFinite(value)) return { ok: false as const, says: 'Write a number, such as 0.7.' };
		return value < least || value > most
			? { ok: false as const, says: `${name} is between ${least} and ${most}.` }
			: { ok: true as const, value };
	};
	const inUnit = (mm: number) => (lab.unit === 'mm' ? mm : mm / MM_PER_INCH);
	const length = (text: string) => {
		const read = readLength(text, lab.unit);
		return read.ok ? { ok: true as const, value: read.mm } : { ok: false as const, says: read.says };
	};
</script>

<aside aria-label="What is looked at">
	<h1>{job ? job.number : 'A place'}</h1>
	<p class="quiet">{job ? job.title : 'without a piece of its own'}</p>
	<Pick
		label="Piece"
		value={job?.number ?? ''}
		options={[
			{ value: '', label: 'none: figures of your own' },
			...jobs.map(({ number: of, title }) => ({ value: of, label: `${of} ${title}` }))
		]}
		onchange={(value) => goto(value ? `/light?job=${value}` : '/light')}
	/>
	<div class="group">
		<h2>Light</h2>
		<Pick label="Place" value={lab.chosenPlace} options={placeOptions} onchange={(value) => lab.choosePlace(value)} />
		{#each lab.exposure.sources as source, index (index)}
			{@const which = lab.exposure.sources.length > 1 ? ` ${index + 1}` : ''}
			<NumberField
				label="Light at the picture{which}"
				unit="lx"
				value={source.lux}
				of="lux"
				onchange={(value) => (source.lux = value)}
			/>
			<NumberField
				label="Hours a day{which}"
				value={source.hoursPerDay}
				of="hoursPerDay"
				onchange={(value) => (source.hoursPerDay = value)}
			/>
			<NumberField label="UV in it{which}" unit="µW/lm" value={source.uv} of="uv" onchange={(value) => (source.uv = value)} />
		{/each}
		<NumberField
			label="Months a year"
			value={lab.exposure.monthsPerYear}
			of="monthsPerYear"
			onchange={(value) => (lab.exposure.monthsPerYear = value)}
		/>
		<div class="presses">
			<button type="button" class="text-press" onclick={() => keep.readMeter()}>read the light meter</button>
		</div>
		<label class="named">Its name<input class="field" autocomplete="off" maxlength="80" bind:value={lab.placeName} /></label>
		<div class="presses">
			<button
				type="button"
				class="text-press"
				disabled={!lab.placeName.trim() || lab.exposure.sources.length > 1}
				onclick={() => keep.keepPlace()}>keep this place</button
			>
			{#if job}<button type="button" class="text-press" onclick={() => keep.usePlace()}>use it for {job.number}</button>{/if}
		</div>
	</div>
	<div class="group">
		<h2>Piece</h2>
		<Pick
			label="Fade class of the most fugitive part"
			value={String(lab.fade)}
			options={DOSES.map(({ examples }, index) => ({ value: String(index + 1), label: `${index + 1}: ${examples}` }))}
			onchange={(value) => (lab.fade = Number(value))}
		/>
		<Pick
			label="Glazing"
			value={lab.glazing}
			options={lab.glazings.map(({ id, name }) => ({ value: id, label: name }))}
			onchange={(value) => (lab.glazing = value)}
		/>
	</div>
	<div class="group">
		<h2>Pack</h2>
		{#if job && lab.buffer}
			<dl>
				<dt>Size, {lab.unit}</dt>
				<dd>{showSize(lab.buffer.size, lab.decided?.reader ?? lab.unit)}</dd>
				<dt>Paper and board before the back</dt>
				<dd>{showMass(lab.buffer.kg, lab.unit)}</dd>
			</dl>
		{:else if job}
			<p class="quiet">The pack has no size yet: measure the sheet first.</p>
		{:else}
			<NumberField
				label="Boards and sheet"
				unit="kg"
				value={lab.kg}
				of={number('Their mass', 0.01, 100)}
				onchange={(value) => (lab.kg = value)}
			/>
			<NumberField
				label="Width"
				unit={lab.unit}
				value={inUnit(lab.width)}
				of={length}
				onchange={(value) => (lab.width = value)}
			/>
			<NumberField
				label="Height"
				unit={lab.unit}
				value={inUnit(lab.height)}
				of={length}
				onchange={(value) => (lab.height = value)}
			/>
		{/if}
		<NumberField
			label="Outside wall at its coldest"
			unit="°C"
			value={lab.wallCelsius}
			of={number('A wall', -30, 60)}
			empty={() => (lab.wallCelsius = null)}
			onchange={(value) => (lab.wallCelsius = value)}
		/>
		<Pick label="Room" value={lab.room} options={roomOptions} onchange={(value) => keep.chooseRoom(value)} />
		<label class="text-press import"
			>import a logger’s file<input
				type="file"
				accept=".csv,.txt,text/csv,text/plain"
				class="seen-by-readers"
				onchange={(event) => {
					const [file] = event.currentTarget.files ?? [];
					if (file) onfile(file);
					event.currentTarget.value = '';
				}}
			/></label
		>
	</div>
	<p class="quiet">Estimates for comparing choices, not a promise of years.</p>
</aside>

<style>
	aside {
		background: var(--panel);
		border-right: 1px solid var(--line-strong);
		overflow-y: auto;
		padding: 14px 18px;
		display: grid;
		align-content: start;
		gap: 8px;
	}
	h1 {
		font-size: 23px;
	}
	h1 + p {
		margin-top: -8px;
	}
	aside h2 {
		font-family: inherit;
		font-size: 14px;
		border-bottom: 1px solid var(--line);
		padding-bottom: 2px;
	}
	.group {
		display: grid;
		gap: 3px;
		margin-top: 6px;
	}
	.named {
		display: grid;
		gap: 3px;
	}
	.presses {
		display: flex;
		gap: 14px;
	}
	.import:focus-within {
		outline: 2px solid var(--accent);
	}
	dl {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 4px 8px;
	}
</style>
