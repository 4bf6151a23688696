<script lang="ts">
	/** Undo, redo, the unit, and whether what was changed is kept. */
	import Check from '@lucide/svelte/icons/check';
	import Redo from '@lucide/svelte/icons/redo-2';
	import Undo from '@lucide/svelte/icons/undo-2';
	import { onMount } from 'svelte';
	import { page } from '$app/state';
	import type { DateLanguage } from '$core/shop/about.ts';
	import { JOB_STATE_NAMES } from '$core/job/state.ts';
	import { everywhere } from '$lib/find/everywhere.svelte.ts';
	import Choice from '$lib/ui/Choice.svelte';
	import { showMoment } from '$lib/ui/days.ts';
	import Sign from '$lib/ui/Sign.svelte';
	import Tip from '$lib/ui/Tip.svelte';
	import { redo, undo } from './steps.ts';
	import PapersMenu from './PapersMenu.svelte';
	import { useWorkspace } from './context.ts';

	const { editor } = useWorkspace();
	/** The minute is that of the person who looks, so it is said in the browser. */
	let isHere = $state(false);
	onMount(() => (isHere = true));
	const { keeping } = editor;
	/** As short as the bar has room for: whatever it says, nothing beside it moves. */
	const said = $derived.by((): { short: string; whole?: string; sign?: 'stop' | 'kept' } => {
		switch (keeping.state) {
			case 'keeping':
				return { short: 'saving' };
			case 'unsent':
				return { short: 'not sent yet', whole: 'no connection to the server: entries are saved in this browser', sign: 'stop' };
			case 'conflict':
				return { short: 'two versions', sign: 'stop' };
			case 'refused':
				return { short: 'not saved', whole: `not saved: ${keeping.refusal || 'the server refused it'}`, sign: 'stop' };
			case 'kept':
				return {
					short: `${keeping.fromElsewhere ? 'saved elsewhere' : 'saved'}${isHere ? ` ${showMoment(keeping.at, page.data.dates as DateLanguage)}` : ''}`,
					sign: 'kept'
				};
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
	<Tip name="Redo" key="Ctrl Y" disabled={!editor.canRedo} onpress={() => redo(editor)}><Redo size={17} aria-hidden="true" /></Tip
	>
	<div class="unit">
		<Choice label="Show in" value={editor.unit} options={UNITS} onchange={(unit) => editor.read(unit)} compact dark />
	</div>
	<a class="btn preset-on-bar" href="/jobs/{editor.number}/sheet">Job sheet</a>
	<PapersMenu />
	{#if keeping.ended !== 'open'}<p class="kept ended">{JOB_STATE_NAMES[keeping.ended].toLowerCase()}</p>{/if}
	<p
		class="kept figures"
		class:loud={said.sign === 'stop'}
		class:elsewhere={keeping.fromElsewhere}
		role="status"
		title="rev {keeping.rev} · {said.whole ?? said.short}"
	>
		{#if said.sign === 'stop'}<Sign of="stop" size={14} />{:else if said.sign}<Check size={15} aria-hidden="true" />{/if}
		<span class="words"><span class="rev">rev {keeping.rev} ·&nbsp;</span>{said.short}</span>
	</p>
	<Tip name="List of keys" key="?" onpress={() => (everywhere.keys = !everywhere.keys)}>?</Tip>
</div>
{#if said.whole}<p class="at-foot" role="alert"><Sign of="stop" size={15} /> {said.whole}</p>{/if}

<style>
	.state {
		display: flex;
		align-items: center;
		gap: 10px;
		white-space: nowrap;
	}
	.kept {
		font-size: var(--text-sm);
		line-height: 1.2;
	}
	[role='status'] {
		display: flex;
		gap: 5px;
		align-items: center;
		width: 178px;
		padding: 3px 6px;
	}
	.words {
		overflow: hidden;
		text-overflow: ellipsis;
	}
	[role='status'] > :global(svg) {
		flex: none;
	}
	.unit {
		width: 104px;
	}
	.elsewhere {
		font-weight: 600;
	}
	.loud {
		background: var(--sheet);
		color: var(--stop);
		font-weight: 600;
	}
	@media (max-width: 1100px) {
		.state > a {
			display: none;
		}
		.state {
			gap: 8px;
		}
		[role='status'] {
			width: 134px;
		}
		.rev {
			display: none;
		}
	}
	@media (max-width: 900px) {
		.unit {
			display: none;
		}
	}
	@media (max-width: 767px) {
		.ended,
		.state > :global([aria-label='Redo']) {
			display: none;
		}
		[role='status'] {
			width: auto;
		}
		/* The sign alone, where it is all well. */
		[role='status']:not(.loud) .words {
			position: absolute;
			width: 1px;
			height: 1px;
			overflow: hidden;
			clip-path: inset(50%);
		}
	}
	@media (pointer: coarse) {
		.state > :global([aria-label='List of keys']) {
			display: none;
		}
	}
</style>
