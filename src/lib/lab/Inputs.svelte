<script lang="ts">
	/** What the laboratory looks at: the place's light, the piece, its pack, the room. */
	import { Slider } from '@skeletonlabs/skeleton-svelte';
	import { goto } from '$app/navigation';
	import { TYPICAL_ROOMS } from '$core/stations/climate/rooms.ts';
	import { DOSES } from '$core/shop/fade.ts';
	import { MM_PER_INCH, readLength } from '$core/units/length.ts';
	import { showMass, showNumber, showSize } from '$core/units/show.ts';
	import Combo from '$lib/ui/Combo.svelte';
	import FileField from '$lib/ui/FileField.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import { placeOptions } from '$lib/workspace/options.ts';
	import type { LabKeep } from './keep.svelte.ts';
	import type { Lab } from './lab.svelte.ts';
	import NumberField from './NumberField.svelte';

	type Props = { lab: Lab; keep: LabKeep; jobs: { number: string; title: string }[]; onfile: (file: File) => void };
	const { lab, keep, jobs, onfile }: Props = $props();
	const { job } = $derived(lab);

	const roomOptions = $derived([
		...TYPICAL_ROOMS.map(({ id, name }) => ({ value: id, label: name })),
		...keep.rooms.map(({ id, name }) => ({ value: `room ${id}`, label: `Logger: ${name}` })),
		...(lab.room === 'file' && lab.ownRoom ? [{ value: 'file', label: `File: ${lab.ownRoom.name}` }] : [])
	]);
	const places = $derived([
		...(lab.chosenPlace === '' ? [{ value: '', label: lab.placeName || 'its own light' }] : []),
		...placeOptions(lab.places)
	]);
	const number = (name: string, least: number, most: number) => (text: string) => {
		const value = Number(text.trim().replace('−', '-'));
		if (text.trim() === '' || !Number.isFinite(value)) return { ok: false as const, says: 'Enter a number, such as 0.7.' };
		return value < least || value > most
			? { ok: false as const, says: `${name} must be between ${least} and ${most}.` }
			: { ok: true as const, value };
	};
	const inUnit = (mm: number) => (lab.unit === 'mm' ? mm : mm / MM_PER_INCH);
	const length = (text: string) => {
		const read = readLength(text, lab.unit);
		return read.ok ? { ok: true as const, value: read.mm } : { ok: false as const, says: read.says };
	};
</script>

<aside aria-label="Compare for">
	<h1>{job ? job.number : 'A place'}</h1>
	<p class="quiet">{job ? job.title : 'no piece chosen'}</p>
	<Combo
		label="Piece"
		value={job?.number ?? ''}
		options={[
			{ value: '', label: 'none: your own figures' },
			...jobs.map(({ number: of, title }) => ({ value: of, label: title, figure: of }))
		]}
		onchange={(value) => goto(value ? `/light?job=${value}` : '/light')}
	/>
	<div class="group">
		<h2>Light</h2>
		<Combo label="Place" value={lab.chosenPlace} options={places} onchange={(value) => lab.choosePlace(value)} />
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
		<Slider
			min={1}
			max={12}
			step={0.5}
			value={[lab.exposure.monthsPerYear]}
			aria-label={['Months a year on show']}
			onValueChange={({ value }) => value[0] !== undefined && (lab.exposure.monthsPerYear = value[0])}
		>
			<Slider.Control>
				<Slider.Track><Slider.Range /></Slider.Track>
				<Slider.Thumb index={0}><Slider.HiddenInput /></Slider.Thumb>
			</Slider.Control>
		</Slider>
		<div class="presses">
			<button type="button" class="btn btn-sm preset-quiet" onclick={() => keep.readMeter()}>read the light meter</button>
		</div>
		<label class="named">Name<input class="input" autocomplete="off" maxlength="80" bind:value={lab.placeName} /></label>
		<div class="presses">
			<button
				type="button"
				class="btn btn-sm preset-quiet"
				disabled={!lab.placeName.trim() || lab.exposure.sources.length > 1}
				onclick={() => keep.keepPlace()}>save this place</button
			>
			{#if job}<button type="button" class="btn btn-sm preset-quiet" onclick={() => keep.usePlace()}
					>use it for {job.number}</button
				>{/if}
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
		<Combo
			label="Glazing"
			value={lab.glazing}
			options={lab.glazings.map(({ id, name, uvStoppedPercent }) => ({
				value: id,
				label: name,
				...(id === 'none' ? {} : { figure: `${showNumber(uvStoppedPercent, 0)} % of UV stopped` })
			}))}
			onchange={(value) => (lab.glazing = value)}
		/>
	</div>
	<div class="group">
		<h2>Pack</h2>
		{#if job && lab.buffer}
			<dl>
				<dt>Size, {lab.unit}</dt>
				<dd>{showSize(lab.buffer.size, lab.decided?.reader ?? lab.unit)}</dd>
				<dt>Paper and board in front of the back</dt>
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
		<Combo label="Room" value={lab.room} options={roomOptions} onchange={(value) => keep.chooseRoom(value)} />
		<FileField label="Import a logger file" accept={{ 'text/csv': ['.csv'], 'text/plain': ['.txt'] }} {onfile} />
	</div>
	<p class="quiet">Estimates for comparing choices, not a promise of years.</p>
</aside>

<style>
	aside {
		background: var(--panel);
		border-right: 1px solid var(--line-strong);
		position: relative;
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
	dl {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 4px 8px;
	}
</style>
