/** The likeliest slip behind readings that no sheet can have: two swapped, inches for millimetres, or ten millimetres off. */
import { otherDiagonal, solveDiagonal } from '../../geometry/quadrilateral.ts';
import type { Readings } from '../../job/decide-piece.ts';
import { MM_PER_INCH } from '../../units/length.ts';
import { showNumber } from '../../units/show.ts';
import { there } from '../../units/there.ts';

type Name = keyof Readings;
type Guess = { readings: Readings; says: string };

const NAMES: readonly Name[] = ['top', 'right', 'bottom', 'left', 'd1', 'd2'];
const LABEL: Record<Name, string> = {
	top: 'top',
	right: 'right',
	bottom: 'bottom',
	left: 'left',
	d1: 'first diagonal',
	d2: 'second diagonal'
};

/** A sentence that names the change after which the readings make the squarest sheet, or asks to measure again. */
export function likeliestSlip(readings: Readings): string {
	let best: { guess: Guess; badness: number } | null = null;
	for (const guess of guesses(readings)) {
		const badness = howFarFromSquare(guess.readings);
		if (badness !== null && (best === null || badness < best.badness)) best = { guess, badness };
	}
	return best ? `${best.guess.says} Measure that one again.` : 'Measure all sides and both diagonals again.';
}

function* guesses(readings: Readings): Generator<Guess> {
	const given = NAMES.filter((name) => readings[name] !== undefined);
	for (const [index, one] of given.entries()) {
		for (const other of given.slice(index + 1)) {
			if (readings[one] === readings[other]) continue;
			yield {
				readings: { ...readings, [one]: readings[other], [other]: readings[one] },
				says: `${LABEL[one]} and ${LABEL[other]} may be swapped.`
			};
		}
		const value = there(readings[one], 'readings');
		for (const [factor, says] of [
			[MM_PER_INCH, 'was measured in inches'],
			[1 / MM_PER_INCH, 'was entered in mm but taken as inches'],
			[10, 'was measured in centimetres']
		] as const) {
			yield { readings: { ...readings, [one]: value * factor }, says: `Perhaps the ${LABEL[one]} ${says}.` };
		}
		for (const off of [10, -10, 100, -100]) {
			if (value + off > 0)
				yield {
					readings: { ...readings, [one]: value + off },
					says: `Perhaps the ${LABEL[one]} is ${showNumber(value + off, 1)} mm, ${Math.abs(off)} off.`
				};
		}
	}
}

function howFarFromSquare(readings: Readings): number | null {
	const d1 = solveDiagonal(readings, readings);
	if (d1 === null) return null;
	const misfit = readings.d1 === undefined ? 0 : Math.abs(d1 - readings.d1);
	const apart = Math.abs(readings.top - readings.bottom) + Math.abs(readings.left - readings.right);
	return apart + Math.abs(d1 - otherDiagonal(readings, d1)) + misfit * 2;
}
