<script lang="ts">
	/** Undo, redo, the unit, and whether what was changed is kept. */
	import Redo from '@lucide/svelte/icons/redo-2';
	import Undo from '@lucide/svelte/icons/undo-2';
	import { onMount } from 'svelte';
	import { page } from '$app/state';
	import type { DateLanguage } from '$core/shop/about.ts';
	import { JOB_STATE_NAMES } from '$core/job/state.ts';
	import Choice from '$lib/ui/Choice.svelte';
	import { showMoment } from '$lib/ui/days.ts';
	import Tip from '$lib/ui/Tip.svelte';
	import { redo, undo } from './steps.ts';
	import PapersMenu from './PapersMenu.svelte';
	import { useWorkspace } from './context.ts';

	type Props = { onkeys: () => void };
	const { onkeys }: Props = $props();
	const { editor } = useWorkspace();
	/** The minute is that of the person who looks, so it is said in the browser. */
	let isHere = $state(false);
	onMount(() => (isHere = true));
	const said = $derived.by(() => {
		switch (editor.keeping.state) {
			case 'keeping':
				return 'saving';
			case 'unsent':
				return 'no connection to the server: entries are saved in this browser';
			case 'conflict':
				return 'two versions';
			case 'refused':
				return `not saved: ${editor.keeping.refusal || 'the server refused it'}`;
			case 'kept':
				return `${editor.keeping.fromElsewhere ? 'saved elsewhere' : 'saved'}${isHere ? ` ${showMoment(editor.keeping.at, page.data.dates as DateLanguage)}` : ''}`;
		}
	});

	const UNITS = [
		{ value: 'mm', label: 'mm' },
		{ value: 'in', label: 'inch' }
	] as const;
</script>

<div class="state">
	<Tip name="Undo" key="Ctrl Z" disabled={!editor.canUndo} onpress={() => undo(editor)}><Undo size={17} aria-hidden="true" /></Tip
	>
	<Tip name="Redo" key="Ctrl Shift Z" disabled={!editor.canRedo} onpress={() => redo(editor)}
		><Redo size={17} aria-hidden="true" /></Tip
	>
	<div class="unit">
		<Choice label="Show in" value={editor.unit} options={UNITS} onchange={(unit) => editor.read(unit)} compact dark />
	</div>
	<a class="btn preset-on-bar" href="/jobs/{editor.number}/sheet">Job sheet</a>
	<PapersMenu />
	{#if editor.keeping.ended !== 'open'}<p class="kept">{JOB_STATE_NAMES[editor.keeping.ended].toLowerCase()}</p>{/if}
	<p
		class="kept figures"
		class:loud={editor.keeping.state === 'unsent' || editor.keeping.state === 'conflict' || editor.keeping.state === 'refused'}
		class:elsewhere={editor.keeping.fromElsewhere}
		role="status"
	>
		rev {editor.keeping.rev} · {said}
	</p>
	<span class="break" aria-hidden="true"></span>
	<Tip name="List of keys" key="?" onpress={onkeys}>?</Tip>
</div>

<style>
	.state {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 10px;
		white-space: nowrap;
	}
	.kept {
		font-size: var(--text-sm);
		line-height: 1.2;
	}
	.unit {
		width: 104px;
	}
	.break {
		display: none;
	}
	/* On a phone the first row says what it is and how it is kept, the second what can be done. */
	@media (max-width: 767px) {
		.state {
			display: contents;
		}
		.kept {
			order: 1;
		}
		.break {
			display: block;
			order: 2;
			flex-basis: 100%;
		}
		.state > :global(:not(.kept, .break)) {
			order: 3;
		}
		.loud {
			order: 4;
			flex-basis: 100%;
		}
	}
	@media (pointer: coarse) {
		.state > :global([aria-label='List of keys']) {
			display: none;
		}
	}
	.elsewhere {
		font-weight: 600;
	}
	.loud {
		padding: 3px 8px;
		background: var(--sheet);
		color: var(--stop);
		font-weight: 600;
		white-space: normal;
	}
	/* A long reason stands in lines of its own; the piece's name stays beside it. */
	@media (min-width: 1101px) {
		.loud {
			max-width: 300px;
		}
	}
</style>
