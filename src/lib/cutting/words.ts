/** Cutting in words: sheets, cuts and what they give, as they are read at the bench. */
import type { CuttingJob, CuttingPlan, SheetPlan, SheetStock } from '$core/nesting/figures.ts';
import { piecesOf, type SetCut } from '$core/nesting/pieces.ts';
import type { PartWanted } from '$core/nesting/parts.ts';
import { outcomesOf, type Outcome } from '$core/views/drawing/cut-sheet.ts';
import { mouldingName } from '$core/shop/mouldings.ts';
import type { Shop } from '$core/shop/shop.ts';
import { isToBuy, sourceOf } from '$core/nesting/sources.ts';
import { blankName } from '$core/stations/cut/part-name.ts';
import { materialName } from '$core/stations/cut/material-name.ts';
import type { Unit } from '$core/units/length.ts';
import { showLength, showSize } from '$core/units/show.ts';
import { there } from '$core/units/there.ts';

/** Sheets that are cut alike, once. */
export type Alike = { plan: SheetPlan; stock: SheetStock; count: number; /** Places among the plan's sheets. */ at: number[] };

export function alikeSheets(plan: CuttingPlan, job: CuttingJob): Alike[] {
	const known = new Map<string, Alike>();
	plan.sheets.forEach((sheet, index) => {
		const key = JSON.stringify(sheet);
		const before = known.get(key);
		if (before) {
			before.count += 1;
			before.at.push(index);
			return;
		}
		const stock = there(
			job.sheets.find(({ id }) => id === sheet.sheet),
			'sheet'
		);
		known.set(key, { plan: sheet, stock, count: 1, at: [index] });
	});
	return [...known.values()];
}

/** `K-0101 mat 1`, its size below it. */
export function blankWords(parts: readonly PartWanted[], unit: Unit): (id: string) => { name: string; detail: string } {
	const byId = new Map(parts.map((part) => [part.id, part]));
	return (id) => {
		const part = byId.get(id);
		return { name: blankName(id), detail: part ? showSize(part, unit) : '' };
	};
}

export const offcutWords =
	(unit: Unit) =>
	(rect: { width: number; height: number }): { name: string; detail: string } => ({
		name: 'offcut',
		detail: showSize(rect, unit)
	});

export type CutRow = { cut: SetCut; runs: string; gives: [string, string] };

/** Each cut with what lies left of or above the blade, and what lies beyond it. */
export function cutRows(sheet: { plan: SheetPlan; width: number; height: number; kerf: number }, unit: Unit): CutRow[] {
	const outcomes = outcomesOf({ ...sheet, title: '' });
	const { all, cuts } = piecesOf(sheet.plan, sheet, sheet.kerf);
	const said = (name: string | null): string => {
		if (name === null) return 'nothing';
		const outcome = there(outcomes.get(name), 'outcome');
		return SAID[outcome.kind](outcome as never, showSize(there(all.get(name), 'piece'), unit));
	};
	return cuts.map((cut) => ({
		cut,
		runs: cut.axis === 'x' ? 'top to bottom' : 'left to right',
		gives: [said(cut.gives[0]), said(cut.gives[1])]
	}));
}

const SAID: { [Kind in Outcome['kind']]: (outcome: Extract<Outcome, { kind: Kind }>, size: string) => string } = {
	blank: ({ id }) => blankName(id),
	offcut: (_, size) => `offcut ${size}`,
	on: ({ cut }) => `continues with cut ${cut}`,
	waste: () => 'waste'
};

/** `Sheet 1524 × 1016, to buy`, `Offcut 610 × 420, from shelf 2`, `Drop-out 388 × 537, from K-0101 mat 1`. */
export function sheetName({ id, width, height, cost }: SheetStock, place: string, unit: Unit, isStick = false): string {
	const source = sourceOf(id);
	const from = place === '' ? 'in stock' : `from ${place}`;
	if (source?.from === 'stick') return `Stick ${showLength(source.length, unit).text}, to buy`;
	if (isStick) return `${cost === 0 ? 'Moulding offcut' : 'Stick'}, ${showLength(width, unit).text} to use, ${from}`;
	const size = showSize({ width, height }, unit);
	if (source?.from === 'drop-out') return `Drop-out ${size}, from ${source.part}`;
	return `${cost === 0 ? 'Offcut' : 'Sheet'} ${size}, ${source?.from === 'bought' ? 'to buy' : from}`;
}

/** Of what is cut into, so much becomes blanks and so much is kept. */
export function sharesOf(plan: CuttingPlan): { used: number; kept: number } {
	const area = (rects: { width: number; height: number }[]): number =>
		rects.reduce((sum, { width, height }) => sum + width * height, 0);
	const whole = Math.max(1, plan.used.area);
	return {
		used: area(plan.sheets.flatMap(({ placed }) => placed)) / whole,
		kept: area(plan.sheets.flatMap(({ offcuts }) => offcuts)) / whole
	};
}

export type ToBuy = { key: string; name: string; sheets: { says: string; count: number }[] };

/** What the plans need that is not in the shop, by material. */
export function toBuy(
	groups: readonly { key: string; material: string; colour: string }[],
	found: (key: string) => { plan: CuttingPlan; job: CuttingJob } | undefined,
	name: (group: { material: string; colour: string }) => string,
	unit: Unit
): ToBuy[] {
	return groups.flatMap((group) => {
		const one = found(group.key);
		const counts = new Map<string, number>();
		for (const { sheet } of one?.plan.sheets ?? []) if (isToBuy(sheet)) counts.set(sheet, (counts.get(sheet) ?? 0) + 1);
		const sheets = [...counts].map(([id, count]) => {
			const stock = there(
				one?.job.sheets.find((sheet) => sheet.id === id),
				'sheet'
			);
			return { says: sheetName(stock, '', unit).replace(', to buy', ''), count };
		});
		return sheets.length > 0 ? [{ key: group.key, name: name(group), sheets }] : [];
	});
}

export const countSaid = (count: number, one: string, several: string): string =>
	count === 1 ? `1 ${one}` : `${count} ${several}`;

/** What parts are cut from, as it is said: a board that comes in colours is of any, where none is asked for. */
export function groupName({ material, colour }: { material: string; colour: string }, shop: Shop, unit: Unit): string {
	const moulding = shop.mouldings[material];
	if (moulding) return mouldingName(moulding, unit);
	return [materialName({ material }, shop), colour || (shop.boards[material]?.forMats ? 'any colour' : '')]
		.filter(Boolean)
		.join(', ');
}
