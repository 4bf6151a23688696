<script lang="ts">
	/** Today: the rack with every open piece to one scale, and what each needs next. */
	import { differenceInCalendarDays, parseISO } from 'date-fns';
	import { goto } from '$app/navigation';
	import { onMount } from 'svelte';
	import type { PageProps } from './$types';
	import Bar from '$lib/ui/Bar.svelte';
	import Places from '$lib/ui/Places.svelte';
	import { isInField } from '$lib/ui/keys.ts';
	import { showDate, showDay } from '$lib/ui/days.ts';
	import Sign from '$lib/ui/Sign.svelte';
	import { lowered } from '$lib/ui/words.ts';
	import { JOB_STATE_NAMES, type JobState } from '$core/job/state.ts';
	import { GRADE_NAMES, GRADES, gradeSaid } from '$core/shop/grades.ts';
	import { beginPiece } from '$lib/today/new-piece.ts';
	import AtTheBench from '$lib/today/AtTheBench.svelte';
	import FirstRun from '$lib/today/FirstRun.svelte';
	import Rack from '$lib/today/Rack.svelte';

	const { data }: PageProps = $props();
	const COUNTS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];
	/** Between two sentences of a list: white space at its edges is not drawn. */
	const SPACE = ' ';
	const LISTS = [
		{ shown: 'open', name: 'All open' },
		{ shown: 'late', name: 'Late' },
		{ shown: 'stopped', name: 'Stopped' },
		{ shown: 'ready', name: 'Ready for the bench' },
		{ shown: 'handed-over', name: 'Handed over' },
		{ shown: 'archived', name: 'Archived' }
	] as const;
	const lists = $derived(
		LISTS.map(({ shown, name }) => ({ href: `/?shown=${shown}`, name: `${name} ${data.counts[shown]}`, shown }))
	);
	const open = $derived(lists.find(({ shown }) => shown === data.shown && !data.find)?.name ?? '');

	// The day is that of the person who looks, so it is said in the browser.
	let today = $state<Date | null>(null);
	let making = $state(false);
	/** A piece was begun before the shop said in which unit it measures. */
	let waits = $state(false);
	const isEmpty = $derived(data.counts.open + data.counts.archived + data.counts['handed-over'] === 0);
	const asksUnit = $derived(isEmpty && data.reads === null && data.about.items.unit === undefined);
	let trouble = $state('');
	onMount(() => (today = new Date()));

	async function newPiece() {
		if (making) return;
		if (asksUnit) {
			waits = true;
			return;
		}
		making = true;
		try {
			await goto(await beginPiece(data.reads ?? data.about.items.unit ?? 'mm'));
		} catch {
			trouble = 'No answer from the server. The new piece was not created; try again.';
		} finally {
			making = false;
		}
	}

	function onkeydown(event: KeyboardEvent) {
		if (isInField(event) || event.ctrlKey || event.metaKey || event.altKey) return;
		if (event.key.toLowerCase() === 'n') {
			event.preventDefault();
			void newPiece();
		}
	}

	function hasReached({ reached, aimed }: (typeof data.pieces)[number]['grade']): boolean {
		return reached !== null && GRADES.indexOf(reached) <= GRADES.indexOf(aimed);
	}

	function counted(count: number): string {
		return `${COUNTS[count] ?? count} ${count < 2 ? 'piece' : 'pieces'}`;
	}

	function isLate({ wanted, state }: (typeof data.pieces)[number]): boolean {
		return state === 'open' && wanted !== null && wanted < data.today;
	}

	/** How far off a day is, as one says it. */
	function sayWanted(wanted: string): string {
		const days = differenceInCalendarDays(parseISO(wanted), parseISO(data.today));
		if (days === 0) return 'today';
		if (days === 1) return 'tomorrow';
		if (days === -1) return 'yesterday';
		return days < 0 ? `${-days} days late` : days < 7 ? showDay(wanted, data.dates, 'weekday') : '';
	}

	function capital(text: string): string {
		return text.charAt(0).toUpperCase() + text.slice(1);
	}
</script>

<svelte:window {onkeydown} />
<svelte:head><title>Today · Rare Keep</title></svelte:head>

<div class="today">
	<Bar here="Today">
		<form role="search" action="/" class="find">
			<label class="seen-by-readers" for="find">Find a piece by number, title or artist</label>
			<input class="input" id="find" name="find" value={data.find} placeholder="Filter the rack" autocomplete="off" />
		</form>
		<button type="button" class="btn preset-on-bar" onclick={newPiece} disabled={making}>New piece <kbd>N</kbd></button>
	</Bar>
	<main id="main">
		<header class="day">
			<h1>
				{#if today}{showDate(today, 'weekday', data.dates)}<br />{showDate(today, 'long', data.dates)}{:else}Today{/if}
			</h1>
			<p>
				{#if trouble}<Sign of="stop" /> {trouble}
				{:else if data.find && data.near && data.pieces.length > 0}No match for “{data.find}”. Close matches:
					<a class="anchor" href="/">Show all</a>
				{:else if data.find}{capital(counted(data.pieces.length))} found for “{data.find}”{data.pieces.length === 50
						? ', the newest'
						: ''}.
					<a class="anchor" href="/">Show all</a>
				{:else if data.counts.open === 0}The rack is empty.
				{:else}
					{capital(counted(data.counts.ready))} ready for the bench{data.ready.length > 0 ? ': ' : '.'}
					{#each data.ready as piece, index (piece.number)}<strong>{piece.number}</strong>{index < data.ready.length - 1
							? ', '
							: data.counts.ready > data.ready.length
								? ' and more. '
								: '. '}{/each}
					{#if data.counts.late > 0}{capital(counted(data.counts.late))}
						{data.counts.late === 1 ? 'is' : 'are'} late.{/if}
					{#each data.pressing as piece (piece.number)}{SPACE}
						{#if piece.next.sign === 'stop'}<Sign of="stop" />&nbsp;<strong>{piece.number}</strong>
							{isLate(piece) ? 'is late and ' : ''}can’t be framed as planned: {lowered(piece.next.because)}.
						{:else}<Sign of="caution" />&nbsp;<strong>{piece.number}</strong> was due {sayWanted(piece.wanted ?? '') ===
							'yesterday'
								? 'yesterday'
								: `on ${showDay(piece.wanted ?? '', data.dates, 'long')}`}.{/if}
					{/each}
				{/if}
			</p>
			{#if data.bench.length > 0}<AtTheBench runs={data.bench} now={data.now} />{/if}
		</header>
		{#if !isEmpty}<div class="lists">
				<Places name="Lists of pieces" places={lists} here={open} />
			</div>{/if}
		{#if data.pieces.length > 0}
			<Rack pieces={data.pieces} />
			<table class="table">
				<caption class="seen-by-readers">What each piece needs next</caption>
				<thead>
					<tr
						><th scope="col">No.</th><th scope="col">Piece</th><th scope="col">Owner</th><th scope="col">Due</th><th scope="col"
							>Next</th
						><th scope="col">Grade</th></tr
					>
				</thead>
				<tbody>
					{#each data.pieces as piece (piece.number)}
						<tr class="piece">
							<td class="figures quiet number">{piece.number}</td>
							<th scope="row"
								><a href="/jobs/{piece.number}">{piece.title}</a>
								{#if piece.state !== 'open'}<span class="chip preset-outlined"
										>{JOB_STATE_NAMES[piece.state as JobState].toLowerCase()}</span
									>{/if}</th
							>
							<td class="owner">{piece.owner}</td>
							<td class="wanted figures" class:late={isLate(piece)}
								>{#if piece.wanted}{showDay(piece.wanted, data.dates, 'short')}
									<span class="off"
										>{#if isLate(piece)}<Sign of="caution" size={10} />
										{/if}{sayWanted(piece.wanted)}</span
									>{/if}</td
							>
							<td class="does">
								<span class="next"
									>{#if piece.next.sign && piece.next.sign !== 'settled'}<Sign of={piece.next.sign} />{/if}<strong
										class={piece.next.sign ?? ''}>{piece.next.does}</strong
									> <span class="quiet">{piece.next.because}</span></span
								>
							</td>
							<td class="grade">
								{GRADE_NAMES[piece.grade.aimed]}
								{#if !piece.grade.known}<span class="quiet">{gradeSaid(piece.grade)}</span>
								{:else if hasReached(piece.grade)}<Sign of="settled" />
								{:else}<span class="below"><Sign of="stop" size={10} /> {gradeSaid(piece.grade)}</span>{/if}
							</td>
						</tr>
					{/each}
				</tbody>
			</table>
			{#if data.next}<p class="more">
					<a class="anchor" href="/?shown={data.shown}&after={data.next}">Next 50 pieces</a>
				</p>{/if}
		{:else if !data.find && data.counts.open > 0}
			<p class="none">Nothing in this list.</p>
		{:else if !data.find}
			<FirstRun
				about={data.about}
				isNew={data.counts.archived + data.counts['handed-over'] === 0}
				{asksUnit}
				{waits}
				onnew={newPiece}
			/>
		{/if}
	</main>
</div>

<style>
	.find {
		margin-left: auto;
	}
	.find input {
		--tw-ring-color: var(--bar-line);

		width: 190px;
		background: transparent;
		color: var(--on-dark);
	}
	.find input::placeholder {
		color: var(--bar-quiet);
		opacity: 1;
	}
	kbd {
		margin-left: 5px;
		color: var(--bar-quiet);
	}
	.day {
		display: grid;
		grid-template-columns: 264px minmax(0, 760px);
		padding: 18px 24px;
		background: var(--day);
		border-bottom: 1px solid var(--strip);
		min-height: 92px;
	}
	h1 {
		font-size: 25px;
		line-height: 1.15;
	}
	.day p {
		font-size: 16px;
		line-height: 1.5;
	}
	.day :global(svg) {
		display: inline;
	}
	/* A number is read in one piece. */
	.day :global(:is(strong, a)) {
		white-space: nowrap;
	}
	table {
		width: calc(100% - 48px);
		margin: 14px 24px;
		font-size: var(--text-base);
	}
	thead th {
		font-size: var(--text-sm);
		color: var(--soft);
		font-weight: 600;
	}
	th,
	td {
		text-align: left;
		padding: 9px 14px 9px 0;
		border-bottom: 1px solid var(--strip);
	}
	tbody th {
		font-weight: 600;
	}
	tbody th a:hover {
		text-decoration: underline;
	}
	td :global(svg) {
		display: inline;
	}
	.next :global(svg) {
		margin-right: 6px;
	}
	strong.settled {
		color: var(--accent);
	}
	strong.stop,
	.below {
		color: var(--stop);
	}
	.below {
		margin-left: 6px;
		font-weight: 600;
	}
	.number,
	.grade {
		white-space: nowrap;
	}
	.wanted {
		white-space: nowrap;
	}
	.off {
		margin-left: 4px;
		color: var(--quiet);
	}
	.late .off {
		color: var(--caution-ink);
		font-weight: 600;
	}
	.lists {
		padding: 10px 24px 0;
	}
	.lists :global(.places) {
		margin-bottom: 0;
	}
	.none {
		padding: 40px 24px;
	}
	.more {
		padding: 0 24px 20px;
	}
	@media (max-width: 1023px) {
		th,
		td {
			padding-right: 8px;
		}
		.wanted {
			white-space: normal;
		}
		.off {
			white-space: nowrap;
		}
	}
	/* On a phone a piece is a few lines. */
	@media (max-width: 767px) {
		.day {
			grid-template-columns: 1fr;
			gap: 8px;
			padding-inline: 16px;
		}
		.lists {
			padding-inline: 16px;
		}
		table {
			display: block;
			width: auto;
			margin: 14px 16px;
		}
		tbody {
			display: block;
		}
		thead {
			display: none;
		}
		.piece {
			display: grid;
			grid-template-columns: 66px minmax(0, 1fr) auto;
			gap: 2px 8px;
			padding: 10px 0;
			border-bottom: 1px solid var(--strip);
		}
		.piece > :is(td, th) {
			padding: 0;
			border: 0;
		}
		.owner {
			grid-column: 2;
			grid-row: 2;
			color: var(--quiet);
		}
		.grade {
			grid-column: 3;
			grid-row: 1;
		}
		.wanted {
			grid-column: 3;
			grid-row: 2;
			text-align: right;
		}
		.does {
			grid-column: 2 / -1;
			grid-row: 3;
		}
	}
</style>
