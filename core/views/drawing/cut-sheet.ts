/** A full sheet or an offcut as it is cut: blanks with their names, offcuts hatched, numbered cuts. */
import { isSameRect, piecesOf } from '../../nesting/pieces.ts';
import type { Rect as NestedRect, SheetPlan } from '../../nesting/figures.ts';
import { rectangle, type Label, type Scene, type Shape } from '../../figures/scene.ts';

export type CutSheet = {
	plan: SheetPlan;
	width: number;
	height: number;
	kerf: number;
	title: string;
	/** A stick is drawn so many times as wide as it is, so that its rails can be named. */
	times?: number;
};

/** A stick is drawn at least so wide, mm. */
const STICK_WIDE = 90;
export const timesOf = (height: number): number => Math.max(1, STICK_WIDE / height);

/**
 * @param nameOf what is written on a blank, by its id
 * @param done so many cuts are made
 * @param offcutName what is written on an offcut, by its place among the sheet's
 */
export function cutSheetScene(
	{ plan, width, height: narrow, kerf, title, times = 1 }: CutSheet,
	nameOf: (id: string) => { name: string; detail: string },
	offcutName: (rect: NestedRect, index: number) => { name: string; detail: string },
	done = 0
): Scene & { labels: Label[] } {
	const { cuts } = piecesOf(plan, { width, height: narrow }, kerf);
	const height = narrow * times;
	const drawn = <R extends NestedRect>(rect: R): R => ({ ...rect, top: rect.top * times, height: rect.height * times });
	const shapes: Shape[] = [{ role: 'cut-sheet', rings: [rectangle(0, 0, width, height)], title }];
	const labels: Label[] = [];
	plan.offcuts.forEach((offcut, index) => {
		const rect = drawn(offcut);
		shapes.push({ role: 'offcut', rings: [ringOf(rect)], hatch: 'glass', title: 'Offcut' });
		labels.push({ kind: 'offcut', ...offcutName(offcut, index), place: rect });
	});
	for (const placed of plan.placed) {
		const blank = drawn(placed);
		const { name, detail } = nameOf(blank.blank);
		shapes.push({
			role: 'blank',
			rings: [ringOf(blank)],
			title: `${name}, ${detail}${blank.turned ? ', turned' : ''}`,
			layer: name
		});
		labels.push({ kind: 'blank', name, detail, turned: blank.turned, place: blank });
	}
	for (const { order, axis, at, piece: through } of cuts) {
		const piece = drawn(through);
		const line =
			axis === 'x'
				? [
						{ x: at, y: piece.top },
						{ x: at, y: piece.top + piece.height }
					]
				: [
						{ x: piece.left, y: at },
						{ x: piece.left + piece.width, y: at }
					];
		shapes.push({
			role: order <= done ? 'cut-made' : 'cut-line',
			rings: [line],
			open: true,
			title: `Cut ${order}`,
			layer: `cut ${order}`
		});
		labels.push({
			kind: 'cut',
			name: String(order),
			detail: '',
			place:
				axis === 'x'
					? { left: at, top: piece.top, width: 0, height: piece.height }
					: { left: piece.left, top: at, width: piece.width, height: 0 }
		});
	}
	return {
		view: 'parts',
		title,
		box: { left: 0, top: 0, width, height },
		shapes,
		dimensions: [],
		callouts: [],
		labels,
		...(times > 1 ? { notToScale: 'Drawn wider than it is.' } : {})
	};
}

const ringOf = ({ left, top, width, height }: NestedRect) => rectangle(left, top, width, height);

/** What a piece of a sheet comes to: a blank, an offcut, what is cut on, or waste. */
export type Outcome =
	| { kind: 'blank'; id: string }
	| { kind: 'offcut'; index: number }
	| { kind: 'on'; cut: number }
	| { kind: 'waste' };

/** @returns of every piece that the cuts give, by its name, what it comes to */
export function outcomesOf({ plan, width, height, kerf }: CutSheet): Map<string, Outcome> {
	const { all, cuts } = piecesOf(plan, { width, height }, kerf);
	const outcomes = new Map<string, Outcome>();
	for (const [name, rect] of all) {
		const next = cuts.find(({ from }) => from === name);
		const blank = plan.placed.find((one) => isSameRect(one, rect));
		const offcut = plan.offcuts.findIndex((one) => isSameRect(one, rect));
		if (next) outcomes.set(name, { kind: 'on', cut: next.order });
		else if (blank) outcomes.set(name, { kind: 'blank', id: blank.blank });
		else outcomes.set(name, offcut >= 0 ? { kind: 'offcut', index: offcut } : { kind: 'waste' });
	}
	return outcomes;
}
