<script lang="ts">
	/** Undo, redo, the unit, and whether what was changed is kept. */
	import Redo from '@lucide/svelte/icons/redo-2';
	import Undo from '@lucide/svelte/icons/undo-2';
	import { format } from 'date-fns';
	import { JOB_STATE_NAMES } from '$core/job/state.ts';
	import Choice from '$lib/ui/Choice.svelte';
	import Tip from '$lib/ui/Tip.svelte';
	import { redo, undo } from './steps.ts';
	import PapersMenu from './PapersMenu.svelte';
	import { useWorkspace } from './context.ts';

	type Props = { onkeys: () => void };
	const { onkeys }: Props = $props();
	const { editor } = useWorkspace();
	const said = $derived.by(() => {
		switch (editor.keeping.state) {
			case 'keeping':
				return 'keeping';
			case 'unsent':
				return 'not sent yet, kept in this browser';
			case 'conflict':
				return 'two versions';
			case 'refused':
				return 'the server refused it';
			default:
				return `${editor.keeping.fromElsewhere ? 'kept elsewhere' : 'kept'}${editor.keeping.at ? ` ${format(editor.keeping.at, 'HH:mm')}` : ''}`;
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
		<Choice label="Read in" value={editor.unit} options={UNITS} onchange={(unit) => editor.read(unit)} compact dark />
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
		height: 28px;
		display: inline-flex;
		align-items: center;
		justify-content: center;
		border: 1px solid #6d8290;
		border-radius: 3px;
		padding: 0 9px;
		font-size: 13px;
	}
	.unit {
		width: 104px;
	}
	.elsewhere {
		border-color: #fff;
		font-weight: 600;
	}
	.loud {
		background: #fff;
		color: var(--stop);
		border-color: #fff;
		font-weight: 600;
	}
</style>
