/**
 * Layouts without any waste: blanks that share a whole edge are merged into rectangles, rectangles again, and sheets that come out full are
 * chosen so that each blank is on one of them (exact cover, by Knuth's rule of the blank with the fewest choices). Without waste every box
 * of a slicing tree is such a rectangle, so nothing is passed over.
 */
import { there } from '../units/there.ts';
import { leaf, pair, type Box } from './slicing.ts';
import { nearestWhole, type Instance, type SheetKind } from './instance.ts';
import type { Laid, Layout } from './search.ts';

type Merged = { box: Box; counts: Uint16Array; area: number };
const MOST_MERGED = 150_000;

/** @returns a layout that fills each of its sheets to the edge, `null` when the blanks do not fill sheets of one kind or none is found in time */
export function perfectLayout(instance: Instance, goOn: () => boolean): Layout | null {
	const area = instance.blanks.reduce((sum, kind) => sum + kind.area * kind.count, 0);
	for (const sheet of instance.sheets) {
		const sheets = nearestWhole(area / sheet.area);
		if (sheets < 1 || sheets > sheet.count || Math.abs(area / sheet.area - sheets) > 1e-9) continue;
		const full = fullSheets(instance, sheet, goOn);
		const chosen = full && exactCover(instance, full, goOn);
		if (!chosen) continue;
		const laid: Laid[] = chosen.map(({ box }) => ({ sheet, root: box }));
		return { laid, out: [], cost: sheets * sheet.cost, outArea: 0 };
	}
	return null;
}

/** Every rectangle that comes of merging, until no more do; those as large as the sheet, one for each set of blanks. */
function fullSheets({ blanks }: Instance, sheet: SheetKind, goOn: () => boolean): Merged[] | null {
	const byWidth = new Map<number, Merged[]>();
	const byHeight = new Map<number, Merged[]>();
	const known = new Set<string>();
	const full = new Map<string, Merged>();
	const waiting: Merged[] = [];
	const add = (box: Box, counts: Uint16Array) => {
		if (box.w > sheet.w || box.h > sheet.h) return;
		const key = `${String.fromCharCode(...counts)}|${box.w}`;
		if (known.has(key)) return;
		known.add(key);
		const merged = { box, counts, area: box.filled };
		if (box.w === sheet.w && box.h === sheet.h) full.set(String.fromCharCode(...counts), merged);
		else waiting.push(merged);
	};
	blanks.forEach((kind, index) => {
		const counts = new Uint16Array(blanks.length);
		counts[index] = 1;
		add(leaf(kind, index, false), counts);
		if (kind.turn) add(leaf(kind, index, true), counts);
	});
	for (let at = 0; at < waiting.length; at += 1) {
		if (at % 256 === 0 && !goOn()) return null;
		if (known.size > MOST_MERGED) return null;
		const one = waiting[at] as Merged;
		const high = listOf(byHeight, one.box.h);
		const wide = listOf(byWidth, one.box.w);
		for (const other of high) tryMerge(one, other, true);
		for (const other of wide) tryMerge(one, other, false);
		// Two of the same, where there are two.
		if (fitsTwice(one)) {
			tryMerge(one, one, true);
			tryMerge(one, one, false);
		}
		high.push(one);
		wide.push(one);
	}
	return [...full.values()];

	function tryMerge(one: Merged, other: Merged, across: boolean): void {
		if (across ? one.box.w + other.box.w > sheet.w : one.box.h + other.box.h > sheet.h) return;
		const counts = new Uint16Array(blanks.length);
		for (let kind = 0; kind < counts.length; kind += 1) {
			const sum = (one.counts[kind] as number) + (other.counts[kind] as number);
			if (sum > (blanks[kind]?.count ?? 0)) return;
			counts[kind] = sum;
		}
		add(pair(across, one.box, other.box), counts);
	}

	function fitsTwice(one: Merged): boolean {
		return one.counts.every((count, kind) => 2 * count <= (blanks[kind]?.count ?? 0));
	}
}

function listOf(lists: Map<number, Merged[]>, side: number): Merged[] {
	const known = lists.get(side);
	if (known) return known;
	const list: Merged[] = [];
	lists.set(side, list);
	return list;
}

/** Full sheets that together hold each blank exactly once. */
function exactCover({ blanks }: Instance, full: Merged[], goOn: () => boolean): Merged[] | null {
	const left = blanks.map(({ count }) => count);
	const chosen: Merged[] = [];
	let looked = 0;
	return cover() ? chosen : null;

	function cover(): boolean {
		looked += 1;
		if (looked % 64 === 0 && !goOn()) return false;
		const open = full.filter(({ counts }) => counts.every((count, kind) => count <= (left[kind] as number)));
		let rarest = -1;
		let fewest = Infinity;
		left.forEach((count, kind) => {
			if (count === 0) return;
			const choices = open.filter(({ counts }) => (counts[kind] as number) > 0).length;
			if (choices < fewest) {
				fewest = choices;
				rarest = kind;
			}
		});
		if (rarest < 0) return true;
		for (const one of open) {
			if (there(one.counts[rarest], 'count') === 0) continue;
			one.counts.forEach((count, kind) => (left[kind] = (left[kind] as number) - count));
			chosen.push(one);
			if (cover()) return true;
			chosen.pop();
			one.counts.forEach((count, kind) => (left[kind] = (left[kind] as number) + count));
		}
		return false;
	}
}
