/** Checks a cutting plan against its job by geometry alone; shares nothing with the search but the names of the files. */
import type { CuttingJob, CuttingPlan, Rect, SheetPlan, SheetStock } from '../../core/nesting/figures.ts';

const DUST = 1e-5;
const same = (one: number, other: number): boolean => Math.abs(one - other) < DUST;

/** @returns what is wrong with the plan, in sentences; nothing when it can be cut as it says */
export function faultsOf(job: CuttingJob, plan: CuttingPlan): string[] {
	const says: string[] = [];
	const used = new Map<string, number>();
	const placed = new Map<string, number>();
	for (const [index, sheet] of plan.sheets.entries()) {
		const stock = job.sheets.find(({ id }) => id === sheet.sheet);
		if (!stock) {
			says.push(`Sheet ${index + 1} is of no kind that there is.`);
			continue;
		}
		used.set(stock.id, (used.get(stock.id) ?? 0) + 1);
		for (const { blank } of sheet.placed) placed.set(blank, (placed.get(blank) ?? 0) + 1);
		says.push(...sheetFaults(job, stock, sheet).map((fault) => `Sheet ${index + 1}: ${fault}`));
	}
	for (const { id, count } of job.sheets) if ((used.get(id) ?? 0) > count) says.push(`More of ${id} are cut than there are.`);
	for (const { id, count } of job.blanks) {
		const left = plan.unplaced.filter(({ blank }) => blank === id).reduce((sum, one) => sum + one.count, 0);
		if ((placed.get(id) ?? 0) + left !== count)
			says.push(`${id}: ${placed.get(id) ?? 0} placed and ${left} not, ${count} wanted.`);
	}
	return [...says, ...sumFaults(job, plan)];
}

function sumFaults(job: CuttingJob, plan: CuttingPlan): string[] {
	const stocks = plan.sheets.map(({ sheet }) => job.sheets.find(({ id }) => id === sheet)).filter((stock) => stock !== undefined);
	const full = stocks.filter(({ cost }) => cost > 0).length;
	const says: string[] = [];
	if (plan.used.sheets !== full) says.push('The full sheets are not counted right.');
	if (
		!same(
			plan.used.cost,
			stocks.reduce((sum, { cost }) => sum + cost, 0)
		)
	)
		says.push('The cost is not the sum of the sheets.');
	if (
		!same(
			plan.used.area,
			stocks.reduce((sum, { width, height }) => sum + width * height, 0)
		)
	)
		says.push('The area is not that of the sheets.');
	if (plan.bound.sheets > full) says.push('The bound is above what is used.');
	return says;
}

function sheetFaults(job: CuttingJob, stock: SheetStock, { placed, cuts, offcuts }: SheetPlan): string[] {
	const says: string[] = [];
	const pieces = new Map<string, Rect>([['0', { left: 0, top: 0, width: stock.width, height: stock.height }]]);
	const waste = new Set<string>();
	const trim = stock.cost === 0 ? 0 : job.trim;
	cuts.forEach((cut, index) => {
		if (cut.order !== index + 1) says.push(`cut ${index + 1} has the number ${cut.order}.`);
		const piece = pieces.get(cut.from);
		if (!piece) return says.push(`cut ${cut.order} is through “${cut.from}”, which is not there.`);
		pieces.delete(cut.from);
		const across = cut.axis === 'x';
		const from = across ? piece.left : piece.top;
		const long = across ? piece.width : piece.height;
		const lengths = [cut.at - from, from + long - cut.at - job.kerf];
		// A trimming cut may begin before the edge: the blade hangs over.
		if (cut.at < from - Math.max(DUST, job.kerf) || cut.at > from + long + DUST)
			says.push(`cut ${cut.order} does not go through its piece.`);
		lengths.forEach((length, side) => {
			const name = cut.gives[side];
			if (length <= DUST) {
				if (name !== null) says.push(`cut ${cut.order} gives a piece of no size.`);
				return;
			}
			if (name === null || name === undefined || pieces.has(name))
				return says.push(`cut ${cut.order} gives a piece without a name of its own.`);
			const start = side === 0 ? from : cut.at + job.kerf;
			pieces.set(name, across ? { ...piece, left: start, width: length } : { ...piece, top: start, height: length });
			return undefined;
		});
		return undefined;
	});
	for (const one of placed) {
		const blank = job.blanks.find(({ id }) => id === one.blank);
		if (!blank) {
			says.push(`“${one.blank}” is no blank.`);
			continue;
		}
		const [width, height] = one.turned ? [blank.height, blank.width] : [blank.width, blank.height];
		if (!same(width, one.width) || !same(height, one.height)) says.push(`“${one.blank}” is not cut to its size.`);
		if (one.turned && !blank.turn) says.push(`“${one.blank}” is turned against its grain.`);
		if (
			one.left < trim - DUST ||
			one.top < trim - DUST ||
			one.left + one.width > stock.width - trim + DUST ||
			one.top + one.height > stock.height - trim + DUST
		)
			says.push(`“${one.blank}” lies in the trim.`);
		const name = nameOf(pieces, one);
		if (name === null || waste.has(name)) says.push(`“${one.blank}” is no piece that the cuts give.`);
		else waste.add(name);
	}
	for (const [index, one] of placed.entries())
		for (const other of placed.slice(index + 1))
			if (overlap(one, other)) says.push(`“${one.blank}” and “${other.blank}” overlap.`);
	for (const one of offcuts) {
		const name = nameOf(pieces, one);
		if (name === null || waste.has(name)) says.push('an offcut is no piece that is left.');
		else waste.add(name);
		if (Math.min(one.width, one.height) < job.minOffcut - DUST) says.push('an offcut is too small to be kept.');
	}
	for (const [name, { width, height }] of pieces)
		if (!waste.has(name) && Math.min(width, height) >= job.minOffcut + DUST) says.push('an offcut is not listed.');
	return says;
}

function nameOf(pieces: Map<string, Rect>, { left, top, width, height }: Rect): string | null {
	for (const [name, piece] of pieces)
		if (same(piece.left, left) && same(piece.top, top) && same(piece.width, width) && same(piece.height, height)) return name;
	return null;
}

const overlap = (one: Rect, other: Rect): boolean =>
	one.left + one.width > other.left + DUST &&
	other.left + other.width > one.left + DUST &&
	one.top + one.height > other.top + DUST &&
	other.top + other.height > one.top + DUST;
