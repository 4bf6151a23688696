<script lang="ts">
	/** A logger's file on its way in: which column is which, its first lines, progress, what was found wrong with it. */
	import Papa from 'papaparse';
	import { encodingOf } from '$core/stations/climate/logger-text.ts';
	import { guessColumns, LoggerError, type Columns, type LoggerYear } from '$core/stations/climate/logger.ts';
	import OnOff from '$lib/ui/OnOff.svelte';
	import Way from '$lib/ui/Way.svelte';
	import Working from '$lib/ui/Working.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import type { ClimateRun } from './climate-run.svelte.ts';
	import { there } from '$core/units/there.ts';

	type Props = { file: File; run: ClimateRun; onread: (year: LoggerYear, name: string) => void; onclose: () => void };
	const { file, run, onread, onclose }: Props = $props();
	/** Enough of a file to see what it is. */
	const BEGINNING = 64 * 1024;
	const SHOWN = 4;
	let rows = $state.raw<string[][]>([]);
	let columns = $state<Columns | null>(null);
	let heading = $state(true);
	let says = $state('');
	const width = $derived(Math.max(0, ...rows.slice(0, SHOWN).map((row) => row.length)));
	const head = $derived(
		Array.from({ length: width }, (_, index) => (heading && rows[0]?.[index]?.trim()) || `column ${index + 1}`)
	);
	const options = $derived(head.map((label, index) => ({ value: String(index), label })));
	const none = { value: '', label: 'none' };

	$effect(() => {
		void look(file);
	});

	async function look(of: File) {
		const beginning = new Uint8Array(await of.slice(0, BEGINNING).arrayBuffer());
		const { data } = Papa.parse<string[]>(new TextDecoder(encodingOf(beginning)).decode(beginning), {
			preview: 20,
			skipEmptyLines: true
		});
		rows = data;
		says = '';
		try {
			({ columns, heading } = guessColumns(data));
		} catch (error) {
			if (!(error instanceof LoggerError)) throw error;
			says = error.message;
			columns = {
				time: 0,
				clock: null,
				rh: Math.min(1, Math.max(0, (data[0]?.length ?? 1) - 1)),
				celsius: null,
				fahrenheit: false,
				comma: false,
				dayFirst: true
			};
		}
	}

	function read() {
		if (columns) run.read(file, $state.snapshot(columns), heading, (year) => onread(year, file.name.replace(/\.\w+$/, '')));
	}
</script>

<section aria-label="Logger file">
	<Way label="Logger file" names={['Choose it', 'Choose the columns', 'Read it']} at={run.progress === null ? 1 : 2} />
	<header>
		<h2>Which column is which?</h2>
		<span class="quiet"
			>{file.name}, {file.size < 1e6
				? `${Math.ceil(file.size / 1000)} kB`
				: `${(file.size / 1e6).toFixed(file.size > 1e7 ? 0 : 1)} MB`}</span
		>
	</header>
	{#if says}<p class="fault" role="alert">{says}</p>{/if}
	{#if columns}
		<div class="columns">
			<Pick
				label="Time, or date"
				value={String(columns.time)}
				{options}
				onchange={(value) => (there(columns, 'columns').time = Number(value))}
			/>
			<Pick
				label="Time, if in its own column"
				value={columns.clock === null ? '' : String(columns.clock)}
				options={[none, ...options]}
				onchange={(value) => (there(columns, 'columns').clock = value === '' ? null : Number(value))}
			/>
			<Pick
				label="Humidity"
				value={String(columns.rh)}
				{options}
				onchange={(value) => (there(columns, 'columns').rh = Number(value))}
			/>
			<Pick
				label="Temperature"
				value={columns.celsius === null ? '' : String(columns.celsius)}
				options={[none, ...options]}
				onchange={(value) => (there(columns, 'columns').celsius = value === '' ? null : Number(value))}
			/>
		</div>
		<div class="flags">
			<OnOff
				label="Temperature in °F"
				value={columns.fahrenheit}
				onchange={(on) => (there(columns, 'columns').fahrenheit = on)}
			/>
			<OnOff label="Decimal comma" value={columns.comma} onchange={(on) => (there(columns, 'columns').comma = on)} />
			<OnOff label="Day before month" value={columns.dayFirst} onchange={(on) => (there(columns, 'columns').dayFirst = on)} />
		</div>
		<table class="table">
			<thead
				><tr
					>{#each head as name, index (index)}<th scope="col">{name}</th>{/each}</tr
				></thead
			>
			<tbody>
				{#each rows.slice(heading ? 1 : 0, SHOWN) as row, index (index)}<tr
						>{#each row as cell, at (at)}<td>{cell}</td>{/each}</tr
					>{/each}
			</tbody>
		</table>
	{/if}
	{#if run.refusal}<p class="fault" role="alert">{run.refusal}</p>{/if}
	<div class="presses">
		{#if run.progress !== null}
			<div class="working"><Working label="Reading the file" done={run.progress} bare /></div>
			<button type="button" class="btn preset-outlined-brand" onclick={() => run.stop()}>Stop</button>
		{:else}
			<button type="button" class="btn preset-filled-brand" disabled={!columns} onclick={read}>Read it</button>
			<button type="button" class="btn btn-sm preset-quiet" onclick={onclose}>cancel</button>
		{/if}
	</div>
</section>

<style>
	section {
		padding: 14px 24px;
		background: var(--sheet);
		border-bottom: 1px solid var(--line-strong);
	}
	header {
		display: flex;
		gap: 14px;
		align-items: baseline;
	}
	h2 {
		font-family: inherit;
		font-size: 15px;
	}
	.columns {
		display: grid;
		grid-template-columns: repeat(4, minmax(0, 1fr));
		gap: 12px;
		margin-top: 8px;
	}
	.flags {
		display: flex;
		gap: 22px;
		margin: 6px 0;
	}
	table {
		font-size: var(--text-sm);
	}
	th,
	td {
		padding: 2px 18px 2px 0;
		text-align: left;
	}
	th {
		color: var(--quiet);
		font-weight: 600;
	}
	.presses {
		display: flex;
		gap: 14px;
		align-items: center;
		margin-top: 10px;
	}
	.working {
		width: 160px;
	}
	.fault {
		color: var(--stop);
	}
</style>
