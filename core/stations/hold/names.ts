/** What a job’s hold is called on papers and on the label: what holds a panel in a float is not what holds it in the frame. */
import type { Decided } from '../../job/decided.ts';
import { HOLDS } from './kinds/all.ts';

export function holdNames({ hold, windows }: Pick<Decided, 'hold' | 'windows'>): { paper: string; label: string } {
	const { names, inFloat } = HOLDS[hold.kind];
	return windows.some(({ way }) => way === 'float') && inFloat ? inFloat : names;
}
