<script lang="ts">
	/** A sum of the job, in cents: shown as it is typed until the field is left. */
	import { drop, pointer, put, type Key } from '$core/job/patch.ts';
	import { readCents } from '$core/units/cents.ts';
	import { showNumber } from '$core/units/show.ts';
	import { useWorkspace } from '$lib/workspace/context.ts';
	import { waitsWhileShown } from './waiting.svelte.ts';
	import { walkOn } from './keys.ts';

	type Props = { label: string; keys: Key[]; value: number | null; currency: string };
	const { label, keys, value, currency }: Props = $props();
	const { editor } = useWorkspace();
	const id = $props.id();
	let typed = $state<string | null>(null);
	const place = $derived(pointer(keys));
	const draft = $derived(editor.drafts[place]);

	waitsWhileShown(editor, () => place);

	function take(text: string) {
		typed = text;
		if (text.trim() === '') return editor.type(place, text, () => drop(editor.file, keys));
		const cents = readCents(text);
		if (typeof cents !== 'number') return editor.type(place, text, null, 'Not an amount. Enter it as 48 or 48.50.');
		editor.type(place, text, () => put(editor.file, keys, cents));
	}

	function leave() {
		typed = null;
		editor.endTyping();
	}
</script>

<div class="money">
	<label for={id}>{label}<span class="quiet">, {currency}</span></label>
	<input
		{id}
		class="input figures"
		inputmode="decimal"
		autocomplete="off"
		value={draft?.text ?? typed ?? (value === null ? '' : showNumber(value / 100, 2))}
		aria-invalid={draft ? 'true' : undefined}
		aria-describedby={draft ? `${id}-says` : undefined}
		oninput={(event) => take(event.currentTarget.value)}
		onblur={leave}
		onkeydown={(event) => event.key === 'Enter' && walkOn(event.currentTarget)}
	/>
	{#if draft}<p id="{id}-says" class="says" role="status">{draft.says}</p>{/if}
</div>

<style>
	.money {
		display: grid;
		grid-template-columns: 1fr 96px;
		align-items: center;
		gap: 3px;
	}
	.says {
		grid-column: 1 / -1;
		color: var(--stop);
		font-size: var(--text-sm);
	}
</style>
