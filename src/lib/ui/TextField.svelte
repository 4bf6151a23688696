<script lang="ts">
	/** Words, or a plain number that is no length. */
	import { drop, pointer, put, type Key, type Operation } from '$core/job/patch.ts';
	import { walkOn } from './keys.ts';
	import { useWorkspace } from '$lib/workspace/context.ts';
	import { waitsWhileShown } from './waiting.svelte.ts';

	type Props = {
		label: string;
		keys: Key[];
		value: string;
		number?: boolean;
		unit?: string;
		/** A number may be left out. */ optional?: boolean;
		/** Rows of a longer text. */ lines?: number;
		/** The change that a text makes, where it is not the text alone that is put in its place. */
		write?: (text: string) => Operation[];
		/** The same of a number that is written with its unit; a sentence where it is none. */ change?: (
			text: string
		) => Operation[] | string;
		/** A number with words in it: letters are to be had on a phone too. */ words?: boolean;
	};
	const { label, keys, value, number = false, optional = false, unit, lines, write, change, words = false }: Props = $props();
	const { editor } = useWorkspace();
	const id = $props.id();
	const place = $derived(pointer(keys));
	const draft = $derived(editor.drafts[place]);
	/** As it is being typed, until the field is left or the job is another: `5 lb` is not written out while the ounces follow. */
	let typed = $state.raw<{ text: string; file: unknown } | null>(null);
	const shown = $derived(draft?.text ?? (typed?.file === editor.file ? typed.text : value));

	waitsWhileShown(editor, () => place);

	function take(text: string) {
		read(text);
		typed = { text, file: editor.file };
	}

	function leave() {
		typed = null;
		editor.endTyping();
	}

	function read(text: string) {
		if (change) {
			const made = change(text);
			if (typeof made === 'string') return editor.type(place, text, null, made);
			return editor.type(place, text, () => {
				const now = change(text);
				return typeof now === 'string' ? made : now;
			});
		}
		if (!number) return editor.type(place, text, () => (write ? write(text) : put(editor.file, keys, text)));
		if (optional && text.trim() === '') return editor.type(place, text, () => drop(editor.file, keys));
		const figure = Number(text);
		if (text.trim() === '' || !Number.isFinite(figure)) return editor.type(place, text, null, 'Enter a number.');
		editor.type(place, text, () => put(editor.file, keys, figure));
	}
</script>

<div class="text" class:number>
	<label for={id}
		>{label}{#if unit}<span class="quiet">, {unit}</span>{/if}</label
	>
	{#if lines}
		<textarea {id} class="textarea" rows={lines} value={shown} oninput={(event) => take(event.currentTarget.value)} onblur={leave}
		></textarea>
	{:else}
		<input
			{id}
			class="input"
			class:figures={number}
			inputmode={number && !words ? 'decimal' : undefined}
			autocomplete="off"
			value={shown}
			aria-invalid={draft ? 'true' : undefined}
			aria-describedby={draft ? `${id}-says` : undefined}
			oninput={(event) => take(event.currentTarget.value)}
			onblur={leave}
			onkeydown={(event) => event.key === 'Enter' && walkOn(event.currentTarget)}
		/>
	{/if}
	{#if draft}<p id="{id}-says" class="says" role="status">{draft.says}</p>{/if}
</div>

<style>
	.text {
		display: grid;
		gap: 3px;
	}
	textarea {
		height: auto;
		padding-block: 5px;
		resize: vertical;
	}
	.number {
		grid-template-columns: 1fr 96px;
		align-items: center;
	}
	.says {
		grid-column: 1 / -1;
		color: var(--stop);
		font-size: var(--text-sm);
	}
</style>
