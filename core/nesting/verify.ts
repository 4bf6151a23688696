/** Whether a plan that somebody sends can be cut as it says: its cuts are made again, and give each of its blanks and offcuts. */
import type { CuttingJob, CuttingPlan, SheetPlan, SheetStock } from './figures.ts';
import { isSameRect, piecesOf } from './pieces.ts';

/** @returns what is wrong with it, in a sentence; `null` when nothing is */
export function wrongWith(job: CuttingJob, plan: CuttingPlan): string | null {
	const used = new Map<string, number>();
	const placed = new Map<string, number>();
	for (const [index, sheet] of plan.sheets.entries()) {
		const stock = job.sheets.find(({ id }) => id === sheet.sheet);
		if (!stock) return `Sheet ${index + 1} is not one of the sheets.`;
		used.set(stock.id, (used.get(stock.id) ?? 0) + 1);
		if ((used.get(stock.id) ?? 0) > stock.count) return `More sheets are cut than in stock of “${stock.id}”.`;
		const wrong = wrongOnSheet(job, sheet, stock);
		if (wrong) return `Sheet ${index + 1}: ${wrong}`;
		for (const { blank } of sheet.placed) placed.set(blank, (placed.get(blank) ?? 0) + 1);
	}
	const tooMany = job.blanks.find(({ id, count }) => (placed.get(id) ?? 0) > count);
	return tooMany ? `More of “${tooMany.id}” are cut than needed.` : null;
}

function wrongOnSheet(job: CuttingJob, sheet: SheetPlan, stock: SheetStock): string | null {
	let pieces: ReturnType<typeof piecesOf>;
	try {
		pieces = piecesOf(sheet, stock, job.kerf);
	} catch {
		return 'a cut goes through a part that is not there.';
	}
	const through = new Set(pieces.cuts.map(({ from }) => from));
	const left = [...pieces.all].filter(([name]) => !through.has(name)).map(([, rect]) => rect);
	if (left.some(({ width, height }) => !(width > 0 && height > 0))) return 'a cut does not go through its part.';
	for (const one of [...sheet.placed, ...sheet.offcuts]) {
		const at = left.findIndex((rect) => isSameRect(rect, one));
		if (at < 0) return 'a blank or offcut does not come from its cuts.';
		left.splice(at, 1);
	}
	for (const { blank, turned, width, height } of sheet.placed) {
		const wanted = job.blanks.find(({ id }) => id === blank);
		if (!wanted || (turned && !wanted.turn)) return `“${blank}” is not needed like that.`;
		const [w, h] = turned ? [wanted.height, wanted.width] : [wanted.width, wanted.height];
		if (Math.abs(w - width) > 1e-4 || Math.abs(h - height) > 1e-4) return `“${blank}” is not cut to its size.`;
	}
	return null;
}
