/** Choices of the house, written out as a job file would hold them, so that one of them can be changed. */
import type { Size } from '../geometry/shapes.ts';
import type { WrittenColour } from '../shop/colours.ts';
import { NOT_KNOWN } from './kinds.ts';
import type { MatChoice } from './decide-window.ts';

export type WrittenMat = {
	board: string;
	colour: WrittenColour;
	bevel: 'normal' | 'reverse';
	reveal?: MatChoice['reveal'];
	lift: number;
	setback?: number;
	core?: WrittenColour;
	bevelLine?: WrittenColour;
	liftBoard?: string;
	print?: Size;
	printEnds?: MatChoice['printEnds'];
	have?: { opening: Size; outer: Size; left?: number; top?: number; cut?: boolean };
};

export function writtenMats(mats: readonly MatChoice[]): WrittenMat[] {
	return mats.map((mat, index) => ({
		board: mat.have && mat.board.unknown.length > 0 ? NOT_KNOWN : mat.board.id,
		colour: mat.colour.written,
		bevel: mat.bevel,
		...(index > 0 ? { reveal: mat.reveal } : {}),
		lift: mat.lift,
		...(mat.setback === null ? {} : { setback: mat.setback }),
		...(mat.core === null ? {} : { core: mat.core.written }),
		...(mat.bevelLine === null ? {} : { bevelLine: mat.bevelLine.written }),
		...(mat.liftBoard === null ? {} : { liftBoard: mat.liftBoard.id }),
		...(mat.print === null ? {} : { print: mat.print }),
		...(mat.printEnds === 'beyond-blank' ? {} : { printEnds: mat.printEnds }),
		...(mat.have === null ? {} : { have: writtenHave(mat.have) })
	}));
}

function writtenHave({ opening, outer, left, top, cut }: NonNullable<MatChoice['have']>): WrittenMat['have'] {
	return {
		opening,
		outer,
		...(left === null ? {} : { left }),
		...(top === null ? {} : { top }),
		...(cut ? { cut } : {})
	};
}
