<script lang="ts">
	/** Units, paper, currency, the shop's name and address: asked once, and changed in Shop. */
	import { invalidateAll } from '$app/navigation';
	import { DATE_LANGUAGES, readAbout, type About, type DateLanguage, type PaperSize } from '$core/shop/about.ts';
	import type { Unit } from '$core/units/length.ts';
	import Choice from '$lib/ui/Choice.svelte';
	import { showDay } from '$lib/ui/days.ts';
	import { rememberUnit } from '$lib/ui/reads.ts';
	import { ShopList } from './shop-list.svelte.ts';

	type Props = {
		about: About;
		rev: number;
		/** The word on its button. */ does: string;
	};
	const { about, rev, does }: Props = $props();
	const id = $props.id();
	const asked = (of: About) => ({
		name: '',
		address: '',
		currency: '',
		paper: 'a4' as PaperSize,
		unit: 'mm' as Unit,
		dates: 'en-GB' as DateLanguage,
		...of
	});
	// The page is loaded with it as it stands; from then on it is written here until it is kept.
	// svelte-ignore state_referenced_locally
	let said = $state(asked(about));
	// svelte-ignore state_referenced_locally
	const list = new ShopList<About>('/api/shop/about', 'about', about, rev);
	let tried = $state(false);
	const read = $derived(readAbout(said));
	const faults = $derived(read.ok ? {} : Object.fromEntries(read.faults.map((fault) => [fault.path, fault.says])));
	const UNITS = [
		{ value: 'mm', label: 'Millimetres' },
		{ value: 'in', label: 'Inches' }
	] as const;
	const PAPERS = [
		{ value: 'a4', label: 'A4' },
		{ value: 'letter', label: 'Letter' }
	] as const;
	/** Each in its own words, with a day as it would stand. */
	const LANGUAGES = DATE_LANGUAGES.map((value) => ({
		value,
		label: `${new Intl.DisplayNames(value, { type: 'language' }).of(value) ?? value}: ${showDay('2026-12-03', value, 'day')}`
	}));
	const TEXTS = [
		{ key: 'name', label: 'Shop name', lines: 1 },
		{ key: 'address', label: 'Address, as printed on papers', lines: 3 },
		{ key: 'currency', label: 'Currency, such as € or kr', lines: 1 }
	] as const;

	async function keep(event: SubmitEvent) {
		event.preventDefault();
		tried = true;
		if (!read.ok) return;
		const isKept = await list.keep(
			read.about,
			'Saved. Papers and prices use it from now on.',
			(before) => (said = asked(before))
		);
		if (!isKept) return;
		rememberUnit(said.unit);
		await invalidateAll();
	}
</script>

<form onsubmit={keep} novalidate>
	<span>Measured and cut in</span>
	<Choice label="Measured and cut in" value={said.unit} options={UNITS} onchange={(unit) => (said.unit = unit)} />
	<span>Paper</span>
	<Choice label="Paper" value={said.paper} options={PAPERS} onchange={(paper) => (said.paper = paper)} />
	{#each TEXTS as { key, label, lines } (key)}
		{@const fault = tried ? faults[`about.${key}`] : undefined}
		<label for="{id}-{key}">{label}</label>
		<div>
			{#if lines > 1}<textarea id="{id}-{key}" class="textarea" rows={lines} bind:value={said[key]}></textarea>
			{:else}<input
					id="{id}-{key}"
					class="input"
					class:short={key === 'currency'}
					autocomplete="off"
					aria-invalid={fault ? 'true' : undefined}
					aria-describedby={fault ? `${id}-${key}-says` : undefined}
					bind:value={said[key]}
				/>{/if}
			{#if fault}<p class="fault" id="{id}-{key}-says" role="status">{fault}</p>{/if}
		</div>
	{/each}
	<label for="{id}-dates">Date format</label>
	<select id="{id}-dates" class="select" bind:value={said.dates}>
		{#each LANGUAGES as { value, label } (value)}<option {value}>{label}</option>{/each}
	</select>
	<div class="presses"><button type="submit" class="btn preset-filled-brand" disabled={list.busy}>{does}</button></div>
	{#if list.refused}<p class="fault wide" role="alert">{list.refused}</p>{/if}
</form>

<style>
	form {
		display: grid;
		grid-template-columns: 190px minmax(0, 1fr);
		gap: 10px 16px;
		align-items: center;
		text-align: left;
	}
	.short {
		width: 110px;
	}
	.presses {
		grid-column: 2;
	}
	.fault {
		color: var(--stop);
		font-size: var(--text-sm);
	}
	.wide {
		grid-column: 1 / -1;
	}
	@media (max-width: 520px) {
		form {
			grid-template-columns: minmax(0, 1fr);
			gap: 4px;
		}
		.presses {
			grid-column: 1;
			margin-top: 8px;
		}
	}
</style>
