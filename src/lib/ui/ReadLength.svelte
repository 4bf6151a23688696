<script lang="ts">
	/** A length that is read: large at the bench, Enter walks on, what is no length stays with its sentence. */
	import { readLength } from '$core/units/length.ts';
	import { showLength, type Reader } from '$core/units/show.ts';
	import { walkOn } from '$lib/ui/keys.ts';

	type Props = {
		label: string;
		value: number | null;
		reader: Reader;
		onread: (mm: number | null) => void;
		zero?: boolean;
		/** As small as on any screen. */ small?: boolean;
	};
	const { label, value, reader, onread, zero = false, small = false }: Props = $props();
	const id = $props.id();
	let typed = $state<string | null>(null);
	let says = $state('');
	const shown = $derived(typed ?? (value === null ? '' : showLength(value, reader, 'fine').text));

	function take(text: string) {
		typed = text;
		if (text.trim() === '') {
			says = '';
			return onread(null);
		}
		const length = readLength(text, reader.unit, zero);
		says = length.ok ? '' : length.says;
		if (length.ok) onread(length.mm);
	}

	function onkeydown(event: KeyboardEvent) {
		if (event.key !== 'Enter') return;
		event.preventDefault();
		walkOn(event.currentTarget as HTMLElement);
	}
</script>

<div class="reading" class:small>
	<label for={id}>{label}</label>
	<input
		{id}
		class="figures"
		inputmode="decimal"
		autocomplete="off"
		value={shown}
		aria-invalid={says ? 'true' : undefined}
		aria-describedby={says ? `${id}-says` : undefined}
		oninput={(event) => take(event.currentTarget.value)}
		onblur={() => (says === '' ? (typed = null) : undefined)}
		{onkeydown}
	/>
	{#if says}<p id="{id}-says" role="status">{says}</p>{/if}
</div>

<style>
	.reading {
		position: relative;
		display: grid;
		grid-template-columns: 1fr minmax(78px, 40%);
		align-items: center;
		min-height: 52px;
		padding-left: 14px;
		border: 1px solid var(--line-strong);
		background: var(--panel);
	}
	.reading:focus-within {
		outline: 3px solid var(--accent);
		outline-offset: 0;
	}
	label {
		color: var(--quiet);
	}
	input {
		width: 100%;
		height: 100%;
		min-height: 50px;
		padding: 0 14px 0 4px;
		background: transparent;
		text-align: right;
		font-size: 24px;
		font-weight: 600;
		border: 0;
		outline: none;
	}
	.small {
		min-height: var(--control);
		padding-left: 8px;
		background: var(--sheet);
	}
	.small:focus-within {
		outline-width: 2px;
	}
	.small label {
		font-size: var(--text-sm);
	}
	.small input {
		min-height: calc(var(--control) - 2px);
		padding-right: 8px;
		font-size: inherit;
		font-weight: 400;
	}
	.small p {
		font-size: var(--text-sm);
	}
	p {
		grid-column: 1 / -1;
		padding: 0 14px 6px 0;
		color: var(--stop);
		font-size: 16px;
	}
</style>
