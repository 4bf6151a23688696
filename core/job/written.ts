/** Choices of the house, written out as a job file would hold them, so that one of them can be changed. */
import type { Size } from '../geometry/shapes.ts';
import type { MatChoice } from './decide-window.ts';

export type WrittenMat = {
	board: string;
	colour: string;
	bevel: 'normal' | 'reverse';
	reveal?: MatChoice['reveal'];
	lift: number;
	setback?: number;
	core?: string;
	bevelLine?: string;
	print?: Size;
};

export function writtenMats(mats: readonly MatChoice[]): WrittenMat[] {
	return mats.map((mat, index) => ({
		board: mat.board.id,
		colour: mat.colour,
		bevel: mat.bevel,
		...(index > 0 ? { reveal: mat.reveal } : {}),
		lift: mat.lift,
		...(mat.setback === null ? {} : { setback: mat.setback }),
		...(mat.core === null ? {} : { core: mat.core }),
		...(mat.bevelLine === null ? {} : { bevelLine: mat.bevelLine }),
		...(mat.print === null ? {} : { print: mat.print })
	}));
}
