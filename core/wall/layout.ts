/**
 * Where the pictures of a group hang (handbook hang#wall-lines).
 *
 *   equal    | g ┌───┐ g ┌──┐ g |      the same everywhere: g = (room − Σ) / (n + 1)
 *   between  |┌───┐  g  ┌──┐|          first and last touch: g = (room − Σ) / (n − 1)
 *   40       |  ┌───┐40┌──┐  |         the whole of it in the middle of the room
 */
import type { Size } from '../geometry/shapes.ts';
import type { Group, Hung, Picture } from './wall.ts';

export type Laid = {
	hung: Hung[];
	gap: number;
	/** So much longer than their room are the pictures with their gaps; 0 where they have it. */ lacks: number;
};

export function layOut(group: Group, pictures: readonly Picture[]): Laid {
	return LAY[group.line](group, pictures);
}

const LAY: Record<Group['line'], (group: Group, pictures: readonly Picture[]) => Laid> = { row, column, grid };

/** Starts of lengths along a room from 0, and the gap between them. */
function along(lengths: readonly number[], room: number, asked: Group['gap']): Along {
	const left = room - lengths.reduce((sum, length) => sum + length, 0);
	const gap = gapOf(left, lengths.length, asked);
	const end = (left - gap * (lengths.length - 1)) / 2;
	let at = end;
	const starts = lengths.map((length) => {
		const start = at;
		at += length + gap;
		return start;
	});
	return { starts, gap, lacks: Math.max(0, typeof asked === 'number' ? -2 * end : -left) };
}

type Along = { starts: number[]; gap: number; lacks: number };

function gapOf(left: number, count: number, asked: Group['gap']): number {
	if (typeof asked === 'number') return asked;
	if (asked === 'equal') return left / (count + 1);
	// One alone cannot touch both ends: it hangs in the middle.
	return count === 1 ? left / 2 : left / (count - 1);
}

function row(group: Group, pictures: readonly Picture[]): Laid {
	const { from, to, align, height, slope } = group;
	const { starts, gap, lacks } = along(
		pictures.map(({ outer }) => outer.width),
		to - from,
		group.gap
	);
	return {
		gap,
		lacks,
		hung: pictures.map(({ id, outer }, at) => {
			const left = from + (starts[at] ?? 0);
			const line = height + slope * (left + outer.width / 2 - from);
			return { id, ...outer, left, bottom: bottomOf(outer, align, line) };
		})
	};
}

function bottomOf({ height }: Size, align: Group['align'], line: number): number {
	return align === 'top' ? line - height : align === 'bottom' ? line : line - height / 2;
}

function column(group: Group, pictures: readonly Picture[]): Laid {
	const { from, to, align, height: line } = group;
	const { starts, gap, lacks } = along(
		pictures.map(({ outer }) => outer.height),
		from - to,
		group.gap
	);
	return {
		gap,
		lacks,
		hung: pictures.map(({ id, outer }, at) => ({
			id,
			...outer,
			left: align === 'left' ? line : align === 'right' ? line - outer.width : line - outer.width / 2,
			bottom: from - (starts[at] ?? 0) - outer.height
		}))
	};
}

/** Cells as large as the largest, the gap the same both ways. */
function grid(group: Group, pictures: readonly Picture[]): Laid {
	const { from, to, align, height } = group;
	const columns = Math.min(group.columns, Math.max(1, pictures.length));
	const rows = Math.ceil(pictures.length / columns);
	const cell = {
		width: Math.max(0, ...pictures.map(({ outer }) => outer.width)),
		height: Math.max(0, ...pictures.map(({ outer }) => outer.height))
	};
	const { starts, gap, lacks } = along(Array<number>(columns).fill(cell.width), to - from, group.gap);
	const whole = { width: to - from, height: rows * cell.height + (rows - 1) * gap };
	const top = bottomOf(whole, align, height) + whole.height;
	return {
		gap,
		lacks,
		hung: pictures.map(({ id, outer }, at) => ({
			id,
			...outer,
			left: from + (starts[at % columns] ?? 0) + (cell.width - outer.width) / 2,
			bottom: top - Math.floor(at / columns) * (cell.height + gap) - (cell.height + outer.height) / 2
		}))
	};
}
