<script lang="ts">
	/**
	 * A length, as people write it. Every stroke is read and planned; what is no length yet stays, with its sentence.
	 * ↑ ↓ step by the cutting step, with Shift ten; Enter takes, Esc puts back.
	 */
	import { drop, keysOfPath, pointer, put, valueAt, type Key, type Operation } from '$core/job/patch.ts';
	import { nameUnit } from '$core/job/unit.ts';
	import { isBareFraction, readLength, cuttingStep } from '$core/units/length.ts';
	import { showNearest } from '$core/units/round.ts';
	import { ROUNDED, showLength, showWithUnit, type Look } from '$core/units/show.ts';
	import { useWorkspace } from '$lib/workspace/context.ts';
	import { waitsWhileShown } from './waiting.svelte.ts';

	type Props = {
		label: string;
		keys: Key[];
		/** What holds now, mm; null while nothing does. */
		value: number | null;
		zero?: boolean;
		/** May be left out: emptied, it is taken out of the file. */
		optional?: boolean;
		/** The label is read out but not shown. */
		bare?: boolean;
		/** fine: a thickness, which no tape lays. */
		look?: Look;
		/** The change that a length makes, where it is not the length alone that is put in its place. */
		write?: (length: number | string) => Operation[];
	};
	const { label, keys, value, zero = false, optional = false, bare = false, look = 'mark', write }: Props = $props();
	const { editor } = useWorkspace();
	const id = $props.id();

	let focused = $state(false);
	let before: { text: string; value: number | null } | null = null;
	let typed = $state('');
	/** The job as it was when this field last changed it: after an undo it shows the job's length again. */
	let taken = $state.raw<unknown>(null);

	const place = $derived(pointer(keys));
	const typedFault = $derived(editor.drafts[place]);
	/** What is in the file and can't be planned is said where it is typed, as what was just typed is. */
	const draft = $derived(typedFault ?? faultHere());
	const shown = $derived(draft?.text ?? (focused && editor.file === taken ? typed : written()));
	const other = $derived(
		value === null ? '' : showWithUnit(value, { ...editor.reader, unit: editor.unit === 'mm' ? 'in' : 'mm' }, look)
	);
	/** Nobody writes a fraction of a millimetre: it is asked what is meant. */
	const asks = $derived(draft !== undefined && editor.unit === 'mm' && isBareFraction(draft.text));

	waitsWhileShown(editor, () => place);

	function faultHere(): { text: string; says: string } | undefined {
		const fault = editor.faults.find(({ path }) => {
			const at = pointer(keysOfPath(path));
			return at === place || (at !== '' && place.startsWith(`${at}/`));
		});
		return fault && { text: written(), says: fault.says };
	}

	/** As it was typed, when it was typed in this unit; else the length in it. */
	function written(): string {
		const inFile = valueAt(editor.file, keys);
		if (typeof inFile === 'string') {
			if (inFile.endsWith(editor.unit)) return inFile.slice(0, -editor.unit.length).trim();
			if (editor.job.cutIn === editor.unit && /\d$/.test(inFile.trim())) return inFile.trim();
		}
		return value === null ? '' : showLength(value, editor.reader, look).text;
	}

	function take(text: string) {
		typed = text;
		read(text);
		taken = editor.file;
	}

	function read(text: string) {
		if (text.trim() === '' && (optional || (value === null && !draft)))
			return editor.type(place, text, () => drop(editor.file, keys));
		if (editor.unit === 'mm' && isBareFraction(text))
			return editor.type(place, text, null, `“${text.trim()}” is a fraction. Did you mean inches?`);
		const length = readLength(text, editor.unit, zero);
		if (!length.ok) return editor.type(place, text, null, length.says);
		// A plain number of millimetres is kept as one; everything else as it was typed, with its unit.
		const kept = editor.unit === 'mm' && /^\d+(\.\d+)?$/.test(text.trim()) ? length.mm : nameUnit(text, editor.unit);
		editor.type(place, text, () => (write ? write(kept) : put(editor.file, keys, kept)));
	}

	/** Without the mark of what is rounded, which nobody types. */
	const bareText = (text: string) => text.replace(ROUNDED, '');

	function onfocus(event: FocusEvent) {
		typed = bareText(shown);
		focused = true;
		taken = editor.file;
		before = { text: bareText(written()), value };
		(event.target as HTMLInputElement).select();
	}

	function onblur() {
		focused = false;
		editor.endTyping();
	}

	function onkeydown(event: KeyboardEvent) {
		const input = event.target as HTMLInputElement;
		if (event.key === 'Enter') {
			const next = nextField(input);
			if (next) next.focus();
			else input.blur();
		} else if (event.key === 'Escape' && before) {
			editor.dropDraft(place);
			if (before.value !== null && before.text !== input.value) take(before.text);
			typed = before.text;
			input.blur();
		} else if ((event.key === 'ArrowUp' || event.key === 'ArrowDown') && value !== null) {
			event.preventDefault();
			const step = cuttingStep(editor.unit, editor.reader.fraction) * (event.shiftKey ? 10 : 1);
			const stepped = Math.max(
				zero ? 0 : step,
				showNearest(value, cuttingStep(editor.unit, editor.reader.fraction)) + (event.key === 'ArrowUp' ? step : -step)
			);
			take(bareText(showLength(stepped, editor.reader, look).text));
		}
	}

	function asDecimal(text: string): string {
		const read = readLength(`${text.trim()} mm`, 'mm', true);
		return read.ok ? String(read.mm) : text;
	}

	/** Enter walks on, as a tape goes round. */
	function nextField(input: HTMLInputElement): HTMLInputElement | undefined {
		const fields = [...(input.closest('form, section')?.querySelectorAll<HTMLInputElement>('input[data-length]') ?? [])];
		return fields[fields.indexOf(input) + 1];
	}
</script>

<div class="length" class:bare>
	<label for={id} class={bare ? 'seen-by-readers' : ''}>{label}</label>
	<div class="box">
		<input
			{id}
			class="input figures"
			data-length
			data-place={place}
			inputmode="text"
			autocomplete="off"
			value={shown}
			title={other && !draft ? other : undefined}
			aria-invalid={draft ? 'true' : undefined}
			aria-describedby={draft ? `${id}-says` : undefined}
			oninput={(event) => take(event.currentTarget.value)}
			{onfocus}
			{onblur}
			{onkeydown}
		/>
		<span class="unit" aria-hidden="true">{editor.unit}</span>
	</div>
	{#if draft}
		<p id="{id}-says" class="says" role="status">{draft.says}</p>
		{#if asks}<p class="asks">
				<button type="button" class="btn preset-outlined-brand" onclick={() => take(`${draft.text.trim()} in`)}
					>{draft.text.trim()} in</button
				>
				<button type="button" class="btn preset-outlined-brand" onclick={() => take(asDecimal(draft.text))}
					>{asDecimal(draft.text)} mm</button
				>
			</p>{/if}
	{:else if focused && other}
		<p class="says other" aria-hidden="true">{other.startsWith(ROUNDED) ? '' : '= '}{other}</p>
	{/if}
</div>

<style>
	.length {
		display: grid;
		grid-template-columns: 1fr 96px;
		align-items: center;
		column-gap: 8px;
		position: relative;
	}
	.bare {
		grid-template-columns: 1fr;
	}
	.box {
		position: relative;
	}
	.input {
		padding-right: 28px;
	}
	.unit {
		position: absolute;
		right: 8px;
		top: 0;
		line-height: var(--control);
		color: var(--quiet);
		font-size: var(--text-xs);
		pointer-events: none;
	}
	.says {
		grid-column: 1 / -1;
		margin-top: 3px;
		color: var(--stop);
		font-size: var(--text-sm);
	}
	.asks {
		grid-column: 1 / -1;
		display: flex;
		gap: 8px;
	}
	/* It takes no room: a button below must not move away when the field is left by pressing it. */
	.other {
		position: absolute;
		right: 0;
		top: calc(100% - 1px);
		z-index: 2;
		margin: 0;
		padding: 0 6px;
		background: var(--sheet);
		border: 1px solid var(--line-strong);
		color: var(--quiet);
		font-size: var(--text-xs);
		pointer-events: none;
	}
</style>
