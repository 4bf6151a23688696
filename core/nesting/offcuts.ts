/**
 * The largest usable offcut on the sheets that are needed anyhow, with the help of kept offcuts: a blank that nobody wants, larger than the best offcut, is to be laid
 * with the others. Where it finds a place it is the new best, and a larger one is tried.
 */
import { there } from '../units/there.ts';
import type { CuttingJob, SheetPlan } from './figures.ts';
import { fits, steps, type BlankKind, type Instance, type SheetKind } from './instance.ts';
import { laidOut } from './lay.ts';
import { improved, type Laid, type Layout, type Search } from './search.ts';
import { blanksOf, inRows, leaf, withoutKind } from './slicing.ts';

/** A layout with its sheets as they are cut and the largest offcut on them (of full sheets, where there are some), mm². */
export type Cutting = { layout: Layout; sheets: SheetPlan[]; offcut: number };

export function cuttingOf(job: CuttingJob, instance: Instance, layout: Layout): Cutting {
	const sheets = layout.laid.map(({ sheet, root }) => laidOut(job, instance, { sheet, root: inRows(root) }));
	// What an offcut leaves of itself is no gain: where a full sheet is cut, its rest counts.
	const counted = sheets.filter((_, index) => !cutsFull(layout) || there(layout.laid[index], 'laid').sheet.cost > 0);
	const offcut = Math.max(0, ...counted.flatMap(({ offcuts }) => offcuts.map(({ width, height }) => width * height)));
	return { layout, sheets, offcut };
}

const cutsFull = ({ laid }: Layout): boolean => laid.some(({ sheet }) => sheet.cost > 0);

/** Shares of what could be gained at the most that a try asks for, the greatest first. */
const SHARES = [0.9, 0.7, 0.5, 0.35, 0.2, 0.1, 0.04, 0.015, 0.006];
/** How long a try may take: quick ones first. */
const SLICES_MS = [15, 40, 100, 250, 500];
/** Less than this is no gain. */
const MORE = 1.001;
/** A rest as wide as its sheet, as high, and in between. */
const WIDTHS = [1, 0, 0.75, 0.5];

/** Cuttings with a larger offcut than all before, on the same sheets; `null` now and then. */
export function* withLargerOffcut(
	job: CuttingJob,
	instance: Instance,
	start: Cutting,
	{ random, now, until }: Omit<Search, 'enough' | 'from'>
): Generator<Cutting | null, void, void> {
	let best = start;
	if (best.layout.laid.length === 0 || best.layout.out.length > 0) return;
	for (const slice of SLICES_MS) {
		let gained = true;
		while (gained) {
			gained = false;
			for (const wanted of sizes(job, instance, best)) {
				if (now() >= until) return;
				const tried = besideOffcut(instance, best.layout, wanted);
				if (!tried) continue;
				const end = Math.min(until, now() + slice);
				for (const step of improved(tried.instance, tried.beaten, { random, now, until: end, enough: 0, from: tried.from })) {
					if (!step) {
						yield null;
						continue;
					}
					const cutting = cuttingOf(job, instance, tried.back(step));
					if (cutting.offcut > best.offcut * MORE) {
						best = cutting;
						gained = true;
						yield best;
					}
					break;
				}
				if (gained) break;
			}
		}
	}
}

/** Sizes of an offcut that are tried, the most wanted first, in whole steps with their kerf. */
function* sizes(job: CuttingJob, { blanks, sheets }: Instance, { layout, offcut }: Cutting): Generator<{ w: number; h: number }> {
	const kerf = steps(job.kerf);
	const least = steps(job.minOffcut);
	const wanted = blanks.reduce((sum, { area, count }) => sum + area * count, 0);
	const spare = cutsFull(layout)
		? sheets.filter(({ cost }) => cost === 0).reduce((sum, { area, count }) => sum + area * count, 0)
		: 0;
	const used = layout.laid.filter(({ sheet }) => !cutsFull(layout) || sheet.cost > 0);
	const free = used.reduce((sum, { sheet }) => sum + sheet.area, spare - wanted);
	const kinds = [...new Set(layout.laid.map(({ sheet }) => sheet))].filter(
		({ area, cost }) => cost > 0 || (!cutsFull(layout) && area > free / 2)
	);
	const found = offcut * steps(1) ** 2;
	for (const share of SHARES) {
		for (const kind of kinds) {
			const most = Math.min(free, kind.area);
			const area = found + (most - found) * share;
			if (area <= found * MORE) continue;
			for (const width of WIDTHS) {
				const across = width === 0 ? area / (kind.h - kerf) : (kind.w - kerf) * width;
				const w = Math.ceil(across);
				const h = Math.ceil(area / across);
				if (w >= least && h >= least && w + kerf <= kind.w && h + kerf <= kind.h) yield { w: w + kerf, h: h + kerf };
			}
		}
	}
}

/** The emptiest sheet that it fits is emptied for the offcut; no full sheet more may be opened. */
function besideOffcut(instance: Instance, layout: Layout, { w, h }: { w: number; h: number }) {
	const kind: BlankKind = { index: -1, w, h, area: w * h, count: 1, turn: true };
	const place = instance.blanks.length;
	const bare = layout.laid.map(({ sheet, root }) => ({ sheet, root: withoutKind(root, place) }));
	const at = bare.reduce((least, { sheet, root }, index) => {
		if (!fits(kind, sheet) || (cutsFull(layout) && sheet.cost === 0)) return least;
		const free = sheet.area - (root?.filled ?? 0);
		const known = bare[least];
		return !known || free > known.sheet.area - (known.root?.filled ?? 0) ? index : least;
	}, -1);
	if (at < 0) return null;
	const chosen = there(bare[at], 'sheet');
	const sheets = new Map<SheetKind, SheetKind>();
	for (const { sheet } of bare) {
		const same = sheets.get(sheet) ?? { ...sheet, count: 0 };
		same.count += 1;
		sheets.set(sheet, same);
	}
	// A kept offcut is used before the rest of a full sheet.
	if (cutsFull(layout)) for (const sheet of instance.sheets) if (sheet.cost === 0) sheets.set(sheet, { ...sheet });
	const back = new Map([...sheets].map(([kept, same]) => [same, kept]));
	const own = (sheet: SheetKind): SheetKind => there(sheets.get(sheet), 'sheet');
	const laid = bare.flatMap(({ sheet, root }, index): Laid[] => {
		if (index === at) return [{ sheet: own(sheet), root: leaf(kind, place, !(w <= sheet.w && h <= sheet.h)) }];
		return root ? [{ sheet: own(sheet), root }] : [];
	});
	return {
		instance: { blanks: [...instance.blanks, kind], sheets: [...sheets.values()] },
		/** Costs more than anything, so that a layout is enough in which nothing is left out. */
		beaten: { ...layout, cost: Infinity },
		from: { laid, out: blanksOf(chosen.root), cost: laid.reduce((sum, { sheet }) => sum + sheet.cost, 0), outArea: 0 },
		back: (step: Layout): Layout => ({
			...step,
			laid: step.laid.map((one) => ({ ...one, sheet: there(back.get(one.sheet), 'sheet') }))
		})
	};
}
