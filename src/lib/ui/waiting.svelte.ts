/** What stands in a field and can't be planned waits for its neighbours as long as the field is on the screen. */
import type { JobEditor } from '$lib/workspace/editor.svelte.ts';

export function waitsWhileShown(editor: JobEditor, place: () => string): void {
	$effect(() => {
		const mine = place();
		return () => editor.notWaiting(mine);
	});
}
