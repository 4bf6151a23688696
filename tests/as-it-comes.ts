/** Jobs that begin with what is there: the worked piece in a frame that came with everything in, a back alone, a hanging alone. */
import assert from 'node:assert/strict';
import { decide } from '../core/decide.ts';
import type { JobFile } from '../core/job/definition.ts';
import { readJob } from '../core/job/read.ts';
import { plan, type Plan } from '../core/plan.ts';
import { builtInShop, shopFor } from '../core/shop/shop.ts';
import { evaluate, lookIn } from '../core/views/why/expression.ts';
import { workedJob } from './jobs.ts';

export const SECTION = { face: 22, lip: 8, depth: 30, rabbetDepth: 20, density: 680 };
export const PANE = { kind: 'glass', thickness: 2 } as const;
export const BACK = { board: 'hardboard', thickness: 3 } as const;
export const EVERYTHING = { glazing: PANE, back: BACK, points: { kind: 'flexible', count: 12 }, hangers: 'sawtooth' } as const;

/** The worked piece in a frame that came with parts which stay. */
export function inItsFrame(kept: NonNullable<JobFile['frame']>['kept'] = {}, changes: Partial<JobFile> = {}): JobFile {
	return workedJob({
		aim: 'show',
		guard: { underMat: 'cotton-4', edgeSeal: null },
		borders: { way: 'fit', weight: 0 },
		frame: { kind: 'ready-made', section: SECTION, opening: { width: 545, height: 704 }, kept },
		...changes
	});
}

/** Frames that stay closed: of the worked case, measured outside. */
const closed = (scope: 'back' | 'hang', given: JobFile['given']): JobFile => ({
	format: 'rare-keep/job',
	version: 1,
	scope,
	frame: { section: { face: 22, lip: 6, depth: 30, rabbetDepth: 16 } },
	given: { outer: { width: 577, height: 736 }, ...given }
});
export const BACK_ONLY = closed('back', { pack: 12 });
export const HANG_ONLY = closed('hang', { mass: 3.2 });

export const roles = (of: Pick<Plan, 'cut'>) => of.cut.map(({ role }) => role);

/** Every explanation gives the figure that the plan has. */
export function explained(file: JobFile): void {
	const made = plan(file, builtInShop);
	const job = decide(readJob(file), builtInShop);
	const look = lookIn({ plan: made, job, shop: shopFor(builtInShop, job.cutIn) });
	for (const [path, { of }] of Object.entries(made.why)) {
		const [value, wanted] = [evaluate(of, look), look(path)];
		assert.ok(Math.abs(value - (wanted as number)) < 1e-6, `${path}: ${of} gives ${value}, the plan has ${String(wanted)}`);
	}
}
