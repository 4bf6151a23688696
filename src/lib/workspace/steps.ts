/** Steps of a job that say what they did, with the way back beside it. */
import type { Operation } from '$core/job/patch.ts';
import { sayDone } from '$lib/ui/toasts.ts';
import type { JobEditor } from './editor.svelte.ts';

/** One word at a time about the job: the next takes its place. */
const ABOUT = 'step';

/** Makes a change that goes further than a field, and says it. Nothing is said when it was refused. */
export function takeStep(editor: JobEditor, says: string, operations: readonly Operation[]): void {
	if (editor.apply(operations).length > 0) return;
	const after = editor.file;
	sayDone(ABOUT, says, {
		label: 'Undo',
		// Later changes are not undone with it unasked.
		go: () => (editor.file === after ? undo(editor) : sayDone(ABOUT, 'There are later changes: Ctrl Z undoes step by step.'))
	});
}

export function undo(editor: JobEditor): void {
	if (!editor.canUndo) return;
	editor.undo();
	sayDone(ABOUT, 'Undone.', { label: 'Redo', go: () => redo(editor) });
}

export function redo(editor: JobEditor): void {
	if (!editor.canRedo) return;
	editor.redo();
	sayDone(ABOUT, 'Redone.', { label: 'Undo', go: () => undo(editor) });
}
