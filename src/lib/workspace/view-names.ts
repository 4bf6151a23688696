import type { Scope } from '$core/job/kinds.ts';
import { covers, SCOPE_OF } from '$core/job/scopes.ts';

/** The views of a job's drawing, in the order in which `[` and `]` go through them. */
export const VIEW_NAMES = ['sheet', 'front', 'corner', 'section', 'back', 'all', 'wall', 'compare', 'layers', 'cut'] as const;
export type ViewName = (typeof VIEW_NAMES)[number];

const OF_FRAME: readonly ViewName[] = ['back', 'all', 'wall'];
const OF_WINDOW: readonly ViewName[] = ['sheet', 'front', 'corner', 'section', 'all', 'compare', 'layers'];

/** Those in which a job that is a part has something to show. */
export function viewsOf(scope: Scope): readonly ViewName[] {
	const { window, pack } = SCOPE_OF[scope];
	const shown: Partial<Record<ViewName, boolean>> = {
		wall: pack,
		cut: covers(scope, 'cut'),
		back: pack || covers(scope, 'back') || covers(scope, 'wall')
	};
	return VIEW_NAMES.filter(
		(view) => shown[view] ?? ((window || !OF_WINDOW.includes(view)) && (pack || !OF_FRAME.includes(view)))
	);
}
