/** What a picture hangs by, in a few words. */
import type { Hang } from '../../figures/hang.ts';
import { HANGERS } from './kinds/all.ts';

/** `wire, two hooks`; `cleat`. */
export function hungBy({ by, hookCount }: Hang): string {
	const { line, single, own, rings } = HANGERS[by];
	if (own) return rings;
	return `${line?.name ?? single?.name ?? 'rings'}, ${hookCount === 1 ? 'one hook' : 'two hooks'}`;
}
