import { getContext, setContext } from 'svelte';
import type { PhotographDesk } from '$lib/photograph/desk.svelte.ts';
import type { CheapestDesk } from './cheapest.svelte.ts';
import type { ViewName } from './view-names.ts';
import type { JobEditor } from './editor.svelte.ts';

const KEY = Symbol('workspace');

/** What the parts of the workspace share: the open job, a photograph that is being squared, and asking why. */
export type Workspace = {
	readonly editor: JobEditor;
	readonly photograph: PhotographDesk;
	readonly cheapest: CheapestDesk;
	ask: (path: string) => void;
	/** Opens a view of the drawing. */
	look: (view: ViewName) => void;
};

export function provideWorkspace(workspace: Workspace): void {
	setContext(KEY, workspace);
}

export function useWorkspace(): Workspace {
	return getContext<Workspace>(KEY);
}
