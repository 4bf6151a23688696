<script lang="ts">
	/** The pictures of a wall: chosen, placed to the millimetre, put in a row; jobs and others are added. */
	import { showLength, showMass, showSize } from '$core/units/show.ts';
	import { sayYears } from '$core/units/spans.ts';
	import ReadLength from '$lib/ui/ReadLength.svelte';
	import OneSet from './OneSet.svelte';
	import type { WallPiece } from '$lib/server/wall-piece.ts';
	import type { WallDesk } from './wall-desk.svelte.ts';

	type Props = { desk: WallDesk; onchanged: () => Promise<void> };
	const { desk, onchanged }: Props = $props();
	/** At the height of the eye, mm. */
	const EYE = 1500;
	const timesThere = (number: string): number => desk.file.pictures.filter(({ job }) => job === number).length;
	/** Two that are alike hang twice. */
	const offered = $derived(desk.pieces.filter(({ number, copies }) => timesThere(number) < copies));
	let own = $state({ name: '', width: null as number | null, height: null as number | null, kg: '' });
	let says = $state('');
	const LINES = [
		['row', 'a row'],
		['column', 'a column'],
		['grid', 'a grid']
	] as const;

	/** An estimate, from a meter’s readings on the wall or the place that its job names. */
	function lightSays(id: string): string {
		const lit = desk.plan.light.find(({ picture }) => picture === id);
		if (!lit) return '';
		const lux = `about ${Number(lit.lux.toPrecision(2))} lx`;
		if (lit.years === undefined) return lux;
		return lit.years === null ? `${lux}, no fade` : `${lux}, ${sayYears(lit.years)} to a visible fade`;
	}

	function addJob(number: string) {
		if (number === '') return;
		const ids = new Set(desk.file.pictures.map(({ id }) => id));
		let id = number;
		for (let again = 2; ids.has(id); again += 1) id = `${number}, ${again}`;
		desk.add({ id, job: number }, EYE);
	}

	function addOwn(event: SubmitEvent) {
		event.preventDefault();
		const { width, height } = own;
		const id = own.name.trim();
		const kg = Number(own.kg.replace(',', '.'));
		if (id === '') says = 'Give it a name.';
		else if (!width || !height) says = 'Enter width and height.';
		else if (own.kg.trim() !== '' && !(kg > 0)) says = 'Enter kilograms, or leave empty if not known.';
		else if (!desk.add({ id, outer: { width, height }, ...(kg > 0 ? { kg } : {}), hooks: hooksFor(width, height) }, EYE))
			says = `“${id}” is already on this wall.`;
		else {
			says = '';
			own = { name: '', width: null, height: null, kg: '' };
		}
	}

	/** Until it is measured: two rings straight on hooks, a third down. */
	const hooksFor = (width: number, height: number) => [-1, 1].map((side) => ({ x: side * (width / 2 - 15), down: height / 3 }));
</script>

{#snippet choices(pieces: readonly WallPiece[])}
	{#each pieces as { number, title, picture } (number)}<option value={number} disabled={typeof picture === 'string'}
			>{number} {title}{typeof picture === 'string' ? ', no frame yet' : ''}</option
		>{/each}
{/snippet}

<section aria-labelledby="pictures">
	<h2 id="pictures">Pictures</h2>
	{#if desk.file.pictures.length === 0}<p class="quiet">
			Nothing hangs here yet. Add a job with a frame, or any picture by its size.
		</p>{/if}
	<ul>
		{#each desk.file.pictures as { id } (id)}
			{@const hung = desk.hung(id)}
			{@const picture = desk.wall.pictures.find((one) => one.id === id)}
			{@const place = desk.file.places.find((one) => one.id === id)}
			<li class:chosen={desk.chosen.includes(id)}>
				<label
					><input
						type="checkbox"
						class="checkbox"
						checked={desk.chosen.includes(id)}
						onchange={(event) => desk.choose(id, event.currentTarget.checked)}
					/>
					<span class="title">{desk.titleOf(id)}</span></label
				>
				<span class="quiet size"
					>{#if picture}{showSize(picture.outer, desk.reader)}, {picture.kg === null
							? 'weight not known'
							: showMass(picture.kg, desk.reader)}{:else}no frame or hangers yet{/if}</span
				>
				{#if lightSays(id)}<span class="quiet size">{lightSays(id)}</span>{/if}
				{#if hung && place && desk.chosen.includes(id)}
					<div class="pair">
						<ReadLength
							small
							zero
							label="From the left"
							value={hung.left}
							reader={desk.reader}
							onread={(mm) => mm !== null && desk.place(id, { left: mm })}
						/>
						<ReadLength
							small
							label="Its centre, height"
							value={place.centre}
							reader={desk.reader}
							onread={(mm) => mm !== null && desk.place(id, { centre: mm })}
						/>
					</div>
				{:else if hung && desk.chosen.includes(id)}<p class="quiet">
						In a group: {showLength(hung.left, desk.reader, 'mark').text} from the left.
					</p>{/if}
				{#if desk.chosen.includes(id)}<button
						type="button"
						class="btn btn-sm preset-quiet"
						aria-label="remove {desk.titleOf(id)}"
						onclick={() => desk.remove(id)}>remove</button
					>{/if}
			</li>
		{/each}
	</ul>
	{#if desk.file.pictures.length > 1}<p class="ways">
			{desk.chosen.length === 0
				? 'Select pictures to group'
				: `Put ${desk.chosen.length === 1 ? 'it' : `the ${desk.chosen.length}`} in`}
			{#each LINES as [line, name] (line)}<button
					type="button"
					class="btn btn-sm preset-outlined-brand"
					disabled={desk.chosen.length === 0}
					onclick={() => desk.arrange(line)}>{name}</button
				>{/each}
			<button
				type="button"
				class="btn btn-sm preset-quiet"
				onclick={() =>
					(desk.chosen = desk.chosen.length === desk.file.pictures.length ? [] : desk.file.pictures.map(({ id }) => id))}
				>{desk.chosen.length === desk.file.pictures.length ? 'clear all' : 'choose all'}</button
			>
		</p>{/if}
	<OneSet {desk} {onchanged} />
	<label class="line"
		>Add a job <select class="select" aria-label="Add a job" value="" onchange={(event) => addJob(event.currentTarget.value)}>
			<option value="">{offered.length === 0 ? 'no other open job' : 'choose'}</option>
			{@render choices(offered.filter(({ number }) => !desk.over.includes(number)))}
			{#if offered.some(({ number }) => desk.over.includes(number))}<optgroup label="Handed over">
					{@render choices(offered.filter(({ number }) => desk.over.includes(number)))}
				</optgroup>{/if}
		</select></label
	>
	<details>
		<summary>Add another picture by its size</summary>
		<form onsubmit={addOwn}>
			<label class="line"
				>Name <input
					class="input"
					aria-label="Name of the picture"
					maxlength="80"
					autocomplete="off"
					bind:value={own.name}
				/></label
			>
			<div class="pair">
				<ReadLength small label="Width, outer" value={own.width} reader={desk.reader} onread={(mm) => (own.width = mm)} />
				<ReadLength small label="Height, outer" value={own.height} reader={desk.reader} onread={(mm) => (own.height = mm)} />
			</div>
			<label class="line"
				>Weight, kg <input class="input figures" inputmode="decimal" autocomplete="off" bind:value={own.kg} /></label
			>
			{#if says}<p class="fault" role="alert">{says}</p>{/if}
			<button type="submit" class="btn btn-sm preset-outlined-brand">Hang it</button>
		</form>
	</details>
</section>

<style>
	h2 {
		font-family: var(--serif);
		font-size: 19px;
		margin: 14px 0 4px;
	}
	li {
		padding: 5px 0;
		border-bottom: 1px solid var(--line);
	}
	li label {
		display: flex;
		gap: 9px;
		align-items: center;
		cursor: pointer;
		min-height: var(--word);
	}
	.checkbox {
		flex: none;
		align-self: center;
	}
	.title {
		min-width: 0;
	}
	.size {
		display: block;
		padding-left: 27px;
		font-size: var(--text-sm);
	}
	.pair {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 6px;
		margin: 6px 0;
	}
	.ways {
		display: flex;
		flex-wrap: wrap;
		gap: 6px;
		align-items: center;
		padding: 8px 0;
	}
	.line {
		display: grid;
		grid-template-columns: 86px minmax(0, 1fr);
		align-items: center;
		margin: 6px 0;
	}
	summary {
		cursor: pointer;
		padding: 4px 0;
		min-height: var(--word);
	}
	.fault {
		color: var(--stop);
	}
</style>
