<script lang="ts">
	/** A kept plan at the cutter: one sheet, its next cut large, then where its offcuts are put. */
	import { browser } from '$app/environment';
	import { goto, invalidateAll } from '$app/navigation';
	import { shopFrom, type WrittenShop } from '$core/shop/written.ts';
	import { readLength, type Unit } from '$core/units/length.ts';
	import { showLength, showSize } from '$core/units/show.ts';
	import { there } from '$core/units/there.ts';
	import { cutSheetScene, timesOf } from '$core/views/drawing/cut-sheet.ts';
	import type { KeptPlan } from '$lib/server/db/cutting.ts';
	import Bar from '$lib/ui/Bar.svelte';
	import { isInField } from '$lib/ui/keys.ts';
	import Sign from '$lib/ui/Sign.svelte';
	import CutSheet from './CutSheet.svelte';
	import { blankWords, cutRows, groupName, offcutWords, sheetName } from './words.ts';

	type Props = { kept: KeptPlan; places: Record<number, string>; shop: WrittenShop; reads: Unit | null };
	const { kept, places, shop: written, reads }: Props = $props();
	const unit = $derived(reads ?? written.about.unit ?? 'mm');
	const shop = $derived(shopFrom(written));
	const name = $derived(groupName(kept, shop));
	const nameOf = $derived(blankWords(kept.asked.parts, unit));
	const placeOf = (id: string): string => places[Number(id.replace('stock ', ''))] ?? '';

	const firstOpen = $derived(kept.plan.sheets.findIndex((_, index) => !kept.cut.includes(index)));
	let chosen = $state<number | null>(null);
	const at = $derived(chosen ?? Math.max(0, firstOpen));
	const sheet = $derived(there(kept.plan.sheets[at], 'sheet'));
	const stock = $derived(
		there(
			kept.asked.job.sheets.find(({ id }) => id === sheet.sheet),
			'sheet'
		)
	);
	const isCut = $derived(kept.cut.includes(at));
	const rows = $derived(cutRows({ plan: sheet, width: stock.width, height: stock.height, kerf: kept.asked.job.kerf }, unit));
	/** Cuts that are made on the sheet that is being cut; they survive a reload in this browser. */
	const mark = $derived(`cutting ${kept.id} ${at}`);
	let made = $derived(isCut ? rows.length : browser ? Math.min(rows.length, Number(localStorage.getItem(mark) ?? 0)) : 0);
	const next = $derived(rows[made]);
	const scene = $derived(
		cutSheetScene(
			{
				plan: sheet,
				width: stock.width,
				height: stock.height,
				kerf: kept.asked.job.kerf,
				title: `Sheet ${at + 1}`,
				times: stock.id.startsWith('stick ') ? timesOf(stock.height) : 1
			},
			nameOf,
			offcutWords(unit),
			made
		)
	);

	type Left = { width: string; height: string; place: string; keep: boolean };
	const left = $derived.by(() => {
		const lines: Left[] = $state(
			sheet.offcuts.map(({ width, height }) => ({
				width: showLength(width, unit).text,
				height: showLength(height, unit).text,
				place: '',
				keep: true
			}))
		);
		return lines;
	});
	let busy = $state(false);
	let refused = $state('');
	const room = $state({ width: 0, height: 0 });
	/** Px round the sheet: the numbers of cuts, the margin. */
	const ROUND = 60;
	const scale = $derived(
		Math.max(0.08, Math.min((room.width - ROUND) / stock.width, (Math.max(360, room.height) - ROUND) / stock.height))
	);

	function step(by: 1 | -1) {
		if (isCut) return;
		made = Math.min(rows.length, Math.max(0, made + by));
		localStorage.setItem(mark, String(made));
	}

	function onkeydown(event: KeyboardEvent) {
		if (isInField(event) || event.ctrlKey || event.metaKey || event.altKey) return;
		const by = event.key === ' ' || event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
		if (by === 0 || (event.key === ' ' && event.target instanceof HTMLButtonElement)) return;
		event.preventDefault();
		step(by);
	}

	/** A side as it was measured, mm; null when nobody can read it. */
	function read(text: string): number | null {
		const length = readLength(text, unit);
		return length.ok && length.mm > 0 ? length.mm : null;
	}
	const unread = $derived(left.some(({ width, height, keep }) => keep && (read(width) === null || read(height) === null)));

	async function send(method: string, path: string, body?: unknown): Promise<boolean> {
		busy = true;
		refused = '';
		try {
			const response = await fetch(path, {
				method,
				...(body === undefined ? {} : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) })
			});
			if (response.ok) return true;
			refused = ((await response.json()) as { faults?: { says: string }[] }).faults?.[0]?.says ?? 'This could not be kept.';
		} catch {
			refused = 'The server does not answer. What was typed stays here; try again.';
		} finally {
			busy = false;
		}
		return false;
	}

	async function sheetIsCut() {
		const offcuts = left
			.filter(({ keep }) => keep)
			.map(({ width, height, place }) => ({ width: read(width), height: read(height), place: place.trim() }));
		if (!(await send('POST', `/api/cutting/${kept.id}/sheets/${at}`, { offcuts }))) return;
		localStorage.removeItem(mark);
		chosen = null;
		await invalidateAll();
	}

	async function giveUp() {
		if (await send('DELETE', `/api/cutting/${kept.id}`)) await goto('/cutting');
	}
</script>

<svelte:window {onkeydown} />
<svelte:head><title>Plan {kept.id}, {name} · Rare Keep</title></svelte:head>
<div class="screen">
	<Bar here="Cutting">
		<div class="actions">
			<button type="button" class="btn preset-on-bar" onclick={() => print()}>Print this sheet</button>
			{#if kept.state === 'open'}<button type="button" class="btn preset-on-bar" disabled={busy} onclick={giveUp}
					>Give the rest up</button
				>{/if}
		</div>
	</Bar>
	<main id="main" class="page">
		<section class="sheet" aria-label="The sheet" bind:clientWidth={room.width} bind:clientHeight={room.height}>
			<div class="by-day"><CutSheet {scene} {scale} cut={next?.cut.order ?? null} /></div>
		</section>
		<section class="now" aria-label="What is cut now">
			<h1>{name}</h1>
			<nav aria-label="Sheets of the plan">
				{#each kept.plan.sheets as one, index (index)}
					<button
						type="button"
						aria-pressed={index === at}
						aria-label="Sheet {index + 1}{kept.cut.includes(index) ? ', cut' : ''}"
						onclick={() => (chosen = index)}
						><span class="figures">{index + 1}</span>{#if kept.cut.includes(index)}<Sign of="settled" size={10} />{/if}<span
							class="seen-by-readers">{one.sheet}</span
						></button
					>
				{/each}
			</nav>
			<p>{at + 1} of {kept.plan.sheets.length}: {sheetName(stock, placeOf(stock.id), unit)}</p>
			{#if isCut}
				<p class="done"><Sign of="settled" /> This sheet is cut.</p>
			{:else if kept.state !== 'open'}
				<p>This plan was given up; the sheet was not cut.</p>
			{:else if next}
				<div class="next" aria-live="polite">
					<p class="which">Cut {next.cut.order} of {rows.length}, {next.runs}</p>
					<p class="fence figures"><span class="word">fence</span> {showLength(next.cut.fence, unit).text}</p>
					<p class="gives"><span>{next.cut.axis === 'x' ? 'left' : 'above'}</span> {next.gives[0]}</p>
					<p class="gives"><span>{next.cut.axis === 'x' ? 'right' : 'below'}</span> {next.gives[1]}</p>
				</div>
				<div class="keys">
					<button type="button" class="btn preset-outlined-brand" disabled={made === 0} onclick={() => step(-1)}>Back</button>
					<button type="button" class="btn preset-filled-brand" onclick={() => step(1)}>Cut {next.cut.order} is made</button>
				</div>
				<p class="quiet">Space or → goes on, ← back.</p>
			{:else}
				<form
					onsubmit={(event) => {
						event.preventDefault();
						void sheetIsCut();
					}}
				>
					{#if left.length > 0}
						<h2>Offcuts, as they measure</h2>
						{#each left as one, index (index)}
							<fieldset>
								<legend>Offcut {index + 1}, planned {showSize(there(sheet.offcuts[index], 'offcut'), unit)}</legend>
								<label
									><span>width</span>
									<input
										class="input figures"
										bind:value={one.width}
										aria-invalid={one.keep && read(one.width) === null ? 'true' : undefined}
									/></label
								>
								<label
									><span>height</span>
									<input
										class="input figures"
										bind:value={one.height}
										aria-invalid={one.keep && read(one.height) === null ? 'true' : undefined}
									/></label
								>
								<label class="place"><span>where it is put</span> <input class="input" bind:value={one.place} /></label>
								<label class="flag"><input type="checkbox" class="checkbox" bind:checked={one.keep} /> kept</label>
							</fieldset>
						{/each}
					{:else}<p>Nothing is left of it that is worth keeping.</p>{/if}
					{#if unread}<p class="unread">A size is not readable as a length, such as 420 or 16 1/2 in.</p>{/if}
					<div class="keys">
						<button type="button" class="btn preset-outlined-brand" onclick={() => step(-1)}>Back</button>
						<button type="submit" class="btn preset-filled-brand" disabled={busy || unread}>Sheet {at + 1} is cut</button>
					</div>
				</form>
			{/if}
			{#if refused}<p class="unread" role="alert"><Sign of="stop" /> {refused}</p>{/if}
			{#if kept.state === 'cut'}<p>All its sheets are cut. <a class="anchor" href="/cutting">Back to Cutting</a></p>{/if}
			<ol class="cuts" aria-label="Cuts">
				{#each rows as { cut, runs, gives } (cut.order)}
					<li class:made={cut.order <= made} class:here={cut === next?.cut}>
						<span class="number figures">{cut.order}</span>
						<strong class="figures">{showLength(cut.fence, unit).text}</strong>
						<span>{runs}</span><span class="quiet">{gives.join(' · ')}</span>
					</li>
				{/each}
			</ol>
		</section>
	</main>
</div>

<style>
	.screen {
		display: flex;
		flex-direction: column;
		height: 100%;
	}
	.actions {
		display: flex;
		gap: 12px;
		margin-left: auto;
	}
	.page {
		flex: 1;
		min-height: 0;
		display: grid;
		grid-template-columns: minmax(0, 1fr) 400px;
	}
	.sheet {
		display: grid;
		place-content: center;
		overflow: hidden;
		background: var(--strip);
	}
	.now {
		overflow-y: auto;
		padding: 16px 22px 24px;
		background: var(--panel);
		border-left: 1px solid var(--line);
	}
	h1 {
		font-size: 20px;
	}
	h2 {
		font-size: 17px;
	}
	nav {
		display: flex;
		flex-wrap: wrap;
		gap: 4px;
		margin: 8px 0;
	}
	nav button {
		display: flex;
		align-items: center;
		justify-content: center;
		gap: 4px;
		min-width: 40px;
		min-height: var(--control);
		border: 1px solid var(--line-strong);
		border-radius: 4px;
	}
	nav button[aria-pressed='true'] {
		background: var(--chosen);
		color: var(--on-chosen);
	}
	.next {
		margin-top: 12px;
		padding: 12px 16px;
		background: var(--sheet);
		border-left: 4px solid var(--accent);
	}
	.which {
		color: var(--soft);
	}
	.fence {
		font-size: 46px;
		font-weight: 600;
		line-height: 1.15;
	}
	.word {
		font-size: 17px;
		font-weight: 400;
		color: var(--soft);
	}
	.gives {
		font-size: 18px;
	}
	.gives span {
		display: inline-block;
		width: 56px;
		font-size: 15px;
		color: var(--soft);
	}
	.keys {
		display: grid;
		grid-template-columns: 110px 1fr;
		gap: 10px;
		margin: 12px 0 6px;
	}
	.keys .btn {
		min-height: 64px;
		font-size: 18px;
	}
	fieldset {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 6px 12px;
		padding: 8px 0;
		border-bottom: 1px solid var(--line);
	}
	fieldset label span {
		display: block;
		font-size: var(--text-sm);
		color: var(--soft);
	}
	.input {
		width: 100%;
	}
	.flag {
		display: flex;
		align-items: center;
		gap: 8px;
		align-self: end;
		min-height: var(--control);
	}
	.unread {
		color: var(--stop);
	}
	.done {
		font-size: 18px;
		margin: 10px 0;
	}
	.cuts {
		margin-top: 16px;
		border-top: 1px solid var(--line-strong);
	}
	.cuts li {
		display: grid;
		grid-template-columns: 26px 64px 1fr;
		gap: 0 8px;
		padding: 4px 0;
		border-bottom: 1px solid var(--line);
		font-size: var(--text-sm);
	}
	.cuts .quiet {
		grid-column: 2 / -1;
	}
	.cuts .made {
		color: var(--quiet);
		text-decoration: line-through;
	}
	.cuts .made strong {
		font-weight: 400;
	}
	.cuts .here {
		background: var(--accent-soft);
	}
	.number {
		color: var(--accent);
		font-weight: 600;
	}
	@media (max-width: 1100px) {
		.screen {
			height: auto;
			min-height: 100%;
		}
		.page {
			grid-template-columns: 1fr;
			grid-template-rows: 46vh auto;
		}
		.now {
			overflow: visible;
			border-left: 0;
		}
	}
	@media print {
		.screen,
		.page {
			display: block;
			height: auto;
		}
		.screen > :global(.bar),
		.next,
		.keys,
		nav,
		form,
		.now > .quiet {
			display: none;
		}
		.now {
			border: 0;
			overflow: visible;
		}
	}
</style>
