<script lang="ts">
	/** A figure of a place: what can't be read stays as it was typed, with what to do. */
	import { readPlaceFigure, type PlaceFigure } from '$core/shop/own-places.ts';
	import { showNumber } from '$core/units/show.ts';

	type Props = {
		label: string;
		unit?: string;
		value: number | null;
		/** A figure of a place, with its bounds; else any reader of a number. */
		of: PlaceFigure | ((text: string) => { ok: true; value: number } | { ok: false; says: string });
		/** May be left empty. */
		empty?: () => void;
		onchange: (value: number) => void;
	};
	const { label, unit, value, of, empty, onchange }: Props = $props();
	const id = $props.id();
	let draft = $state<{ text: string; says: string } | null>(null);

	function take(text: string) {
		if (text.trim() === '' && empty) {
			draft = null;
			return empty();
		}
		const read = typeof of === 'function' ? of(text) : readPlaceFigure(of, text);
		draft = read.ok ? null : { text, says: read.says };
		if (read.ok) onchange(read.value);
	}
</script>

<div class="number">
	<label for={id}
		>{label}{#if unit}<span class="quiet">, {unit}</span>{/if}</label
	>
	<input
		{id}
		class="input figures"
		inputmode="decimal"
		autocomplete="off"
		value={draft?.text ?? (value === null ? '' : showNumber(value, 2).replace('−', '-'))}
		aria-invalid={draft ? 'true' : undefined}
		aria-describedby={draft ? `${id}-says` : undefined}
		onchange={(event) => take(event.currentTarget.value)}
	/>
	{#if draft}<p id="{id}-says" class="says" role="status">{draft.says}</p>{/if}
</div>

<style>
	.number {
		display: grid;
		grid-template-columns: 1fr 92px;
		align-items: center;
		gap: 2px 8px;
		min-height: 34px;
	}
	.input {
		text-align: right;
	}
	.says {
		grid-column: 1 / -1;
		color: var(--stop);
		font-size: var(--text-sm);
	}
</style>
