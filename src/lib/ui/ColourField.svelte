<script lang="ts">
	/** A colour: one that the shop has, or the name and the code under which the shop or the maker has it; its value beside it. */
	import { COLOURS, readColour, writtenColour, type Colour, type Swatch, type WrittenColour } from '$core/shop/colours.ts';
	import Combo from './Combo.svelte';
	import { there } from '$core/units/there.ts';

	type Props = {
		label: string;
		/** What the shop has. */
		swatches: readonly Swatch[];
		/** null: none, or what `none` says. */
		value: Colour | null;
		onchange: (colour: WrittenColour) => void;
		/** What having none is called, where there may be none. */
		none?: string;
		onnone?: () => void;
	};
	const { label, swatches, value, onchange, none, onnone }: Props = $props();
	const id = $props.id();
	const OWN = 'own';
	/** The one of the shop that is written here. */
	const ofShop = $derived.by(() => {
		const written = JSON.stringify(value?.written);
		return value === null ? undefined : swatches.find((swatch) => JSON.stringify(writtenColour(swatch)) === written);
	});
	const own = $derived.by(() => {
		const written = value?.written;
		if (written === undefined || (typeof written === 'string' && Object.hasOwn(COLOURS, written)) || ofShop) return null;
		return typeof written === 'string'
			? { name: '', code: '', hex: readColour(written).hex }
			: { name: '', code: '', ...written };
	});
	const options = $derived([
		...(none === undefined ? [] : [{ value: '', label: none }]),
		...swatches
			.filter(({ withdrawn, id }) => !withdrawn || id === ofShop?.id)
			.map(({ id, name, code, hex }) => ({ value: id, label: name, swatch: hex, ...(code === '' ? {} : { figure: code }) })),
		{ value: OWN, label: 'by name and code', ...(own ? { swatch: there(value, 'value').hex } : {}) }
	]);

	function choose(next: string) {
		const swatch = swatches.find(({ id: one }) => one === next);
		if (next === '') onnone?.();
		else if (swatch) onchange(writtenColour(swatch));
		else onchange({ name: value?.said ?? '', hex: value?.hex ?? there(COLOURS.white, 'white') });
	}

	/** What is left empty is left out. */
	function set(part: 'name' | 'code' | 'hex', text: string) {
		const next = { ...own, hex: value?.hex, [part]: text.trim() };
		onchange(Object.fromEntries(Object.entries(next).filter(([, one]) => one)) as WrittenColour);
	}
</script>

<div class="colour">
	<Combo
		{label}
		value={value === null ? '' : own ? OWN : (ofShop?.id ?? (value.written as string))}
		{options}
		onchange={choose}
	/>
	<label for={id} class="seen-by-readers">{label}, appearance</label>
	{#if value}<input
			{id}
			type="color"
			class="input"
			value={value.hex}
			onchange={(event) => set('hex', event.currentTarget.value)}
		/>{/if}
	{#if own}
		<div class="own">
			<label
				>Name <input
					class="input"
					maxlength="40"
					autocomplete="off"
					aria-label="{label}, name"
					value={own.name}
					onchange={(event) => set('name', event.currentTarget.value)}
				/></label
			>
			<label
				>Code <input
					class="input"
					maxlength="40"
					autocomplete="off"
					aria-label="{label}, code"
					value={own.code}
					onchange={(event) => set('code', event.currentTarget.value)}
				/></label
			>
		</div>
	{/if}
</div>

<style>
	.colour {
		display: grid;
		grid-template-columns: minmax(110px, 1fr) 38px;
		gap: 6px;
		align-items: end;
	}
	.own {
		grid-column: 1 / -1;
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 6px;
		font-size: var(--text-sm);
	}
	input[type='color'] {
		width: 38px;
		height: var(--control);
		padding: 2px;
		cursor: pointer;
	}
</style>
