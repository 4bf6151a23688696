/** A job cut in the other unit: how many sizes of its cut list change, since each house has steps and figures of its own. */
import type { Cut } from '../../figures/cut.ts';
import { nth } from '../../units/there.ts';

const SAME = 0.05;

/** @returns how many lines are cut to another size, or are on one list alone */
export function sizesThatChange(before: readonly Cut[], after: readonly Cut[]): number {
	const left = [...after];
	let changed = 0;
	for (const line of before) {
		const at = left.findIndex((other) => isSameLine(line, other));
		if (at < 0) changed += 1;
		else if (differs(line, nth(left.splice(at, 1), 0))) changed += 1;
	}
	return changed + left.length;
}

function isSameLine(one: Cut, other: Cut): boolean {
	return one.role === other.role && one.of === other.of && one.side === other.side && one.material === other.material;
}

function differs(one: Cut, other: Cut): boolean {
	const sizes = ({ width, height, opening, high }: Cut) => [width, height, opening?.width ?? 0, opening?.height ?? 0, high ?? 0];
	const others = sizes(other);
	return one.count !== other.count || sizes(one).some((size, at) => Math.abs(size - nth(others, at)) > SAME);
}
