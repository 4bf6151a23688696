/**
 * Cutting again round blanks that stay in their place. The cuts that lead to such a blank stay; every piece that falls off on the way is
 * a sheet of its own, already paid, from which the other blanks are cut.
 */
import { there } from '../units/there.ts';
import type { CuttingJob, CuttingPlan, Placed, Rect, SheetPlan, SheetStock } from './figures.ts';
import { isSameRect, piecesOf } from './pieces.ts';

/** A blank by its sheet and its place among what lies on it. */
export type Pin = { sheet: number; placed: number };

export type Around = {
	/** What is still to be laid: the other blanks, on what is left of the pinned sheets and on the others. */
	job: CuttingJob;
	/** The whole plan again: pinned sheets first, on each what stays first. */
	whole: (rest: CuttingPlan) => CuttingPlan;
	/** Where the pins are in it. */
	pins: Pin[];
};

type Held = { sheet: SheetPlan; stock: SheetStock; stays: Placed[]; cuts: SheetPlan['cuts']; free: Map<string, Rect> };

/** @param pins of the plan, each once */
export function aroundPins(job: CuttingJob, plan: CuttingPlan, pins: readonly Pin[]): Around {
	const sheets = [...new Set(pins.map(({ sheet }) => sheet))].sort((one, other) => one - other);
	const held = sheets.map((at) =>
		heldOf(
			job,
			there(plan.sheets[at], 'sheet'),
			pins.filter(({ sheet }) => sheet === at).map(({ placed }) => placed)
		)
	);
	const pieces = held.flatMap(({ free }, at) =>
		[...free].map(([name, { width, height }]): SheetStock => ({ id: pieceId(at, name), width, height, count: 1, cost: 0 }))
	);
	const usedOf = ({ id }: SheetStock): number => held.filter(({ stock }) => stock.id === id).length;
	const staying = held.flatMap(({ stays }) => stays);
	return {
		job: {
			...job,
			sheets: [...pieces, ...job.sheets.map((stock) => ({ ...stock, count: stock.count - usedOf(stock) }))],
			blanks: job.blanks.map((blank) => ({
				...blank,
				count: blank.count - staying.filter((one) => one.blank === blank.id).length
			}))
		},
		whole: (rest) => wholeOf(job, held, rest),
		pins: held.flatMap(({ stays }, sheet) => stays.map((_, placed) => ({ sheet, placed })))
	};
}

const pieceId = (sheet: number, name: string): string => `piece ${sheet} ${name}`;

/** The cuts on the way to the pinned blanks, and what falls off. */
function heldOf(job: CuttingJob, sheet: SheetPlan, pins: readonly number[]): Held {
	const stock = there(
		job.sheets.find(({ id }) => id === sheet.sheet),
		'stock'
	);
	const { all } = piecesOf(sheet, stock, job.kerf);
	const through = new Set(sheet.cuts.map(({ from }) => from));
	const stays = pins.map((placed) => there(sheet.placed[placed], 'placed'));
	const ends = new Set(
		stays.map(
			(one) =>
				there(
					[...all].find(([name, rect]) => !through.has(name) && isSameRect(rect, one)),
					'piece'
				)[0]
		)
	);
	const onTheWay = new Set(ends);
	for (const cut of [...sheet.cuts].reverse())
		if (cut.gives.some((piece) => piece !== null && onTheWay.has(piece))) onTheWay.add(cut.from);
	const cuts = sheet.cuts.filter(({ from }) => onTheWay.has(from));
	const free = new Map<string, Rect>();
	for (const piece of cuts.flatMap(({ gives }) => gives))
		if (piece !== null && !onTheWay.has(piece)) free.set(piece, there(all.get(piece), 'piece'));
	return { sheet, stock, stays, cuts, free };
}

function wholeOf(job: CuttingJob, held: readonly Held[], rest: CuttingPlan): CuttingPlan {
	const laid = new Map(rest.sheets.map((sheet) => [sheet.sheet, sheet]));
	const pinned = held.map(({ sheet, stays, cuts, free }, at): SheetPlan => {
		const made: SheetPlan = { sheet: sheet.sheet, placed: [...stays], cuts: [...cuts], offcuts: [] };
		for (const [name, piece] of free) {
			const of = laid.get(pieceId(at, name));
			const moved = <T extends Rect>(rect: T): T => ({ ...rect, left: rect.left + piece.left, top: rect.top + piece.top });
			const named = (own: string): string => (own === '0' ? name : `${name}.${own}`);
			if (!of) {
				if (piece.width >= job.minOffcut && piece.height >= job.minOffcut) made.offcuts.push(piece);
				continue;
			}
			made.placed.push(...of.placed.map(moved));
			made.offcuts.push(...of.offcuts.map(moved));
			made.cuts.push(
				...of.cuts.map((cut) => ({
					...cut,
					from: named(cut.from),
					at: cut.at + (cut.axis === 'x' ? piece.left : piece.top),
					gives: cut.gives.map((own) => (own === null ? null : named(own))) as [string | null, string | null]
				}))
			);
		}
		return { ...made, cuts: made.cuts.map((cut, index) => ({ ...cut, order: index + 1 })) };
	});
	const sheets = [...pinned, ...rest.sheets.filter(({ sheet }) => !sheet.startsWith('piece '))];
	const stocks = sheets.map(({ sheet }) =>
		there(
			job.sheets.find(({ id }) => id === sheet),
			'stock'
		)
	);
	const full = stocks.filter(({ cost }) => cost > 0).length;
	const before = held.filter(({ stock }) => stock.cost > 0).length;
	return {
		sheets,
		unplaced: rest.unplaced,
		used: {
			sheets: full,
			cost: stocks.reduce((sum, { cost }) => sum + cost, 0),
			area: stocks.reduce((sum, { width, height }) => sum + width * height, 0)
		},
		bound: {
			sheets: Math.min(full, rest.bound.sheets + before),
			says: `${full === 1 ? '1 full sheet' : `${full} full sheets`}${rest.proven ? ', and fewer is impossible while that part stays put' : ''}.`
		},
		proven: rest.proven
	};
}
