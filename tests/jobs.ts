/** Jobs for tests: the handbook's worked case with changes, and random jobs. */
import { supportsOf } from '../core/shop/supports.ts';
import fc from 'fast-check';
import { workedJob } from '../core/views/worked.ts';
import type { Size } from '../core/geometry/shapes.ts';
import { HANGER_KINDS } from '../core/job/kinds.ts';
import { HANGERS } from '../core/stations/hang/kinds/all.ts';
import type { JobFile } from '../core/job/definition.ts';
import { patched } from '../core/job/patch.ts';
import { FaultError } from '../core/job/faults.ts';
import { decide } from '../core/decide.ts';
import { readJob } from '../core/job/read.ts';
import { plan, planFigures, type Plan } from '../core/plan.ts';
import { BARRIERS, BOARDS } from '../core/shop/boards.ts';
import { GLAZINGS } from '../core/shop/glazing.ts';
import { ADHESIVES } from '../core/shop/holds.ts';
import { MOULDINGS } from '../core/shop/mouldings.ts';
import { builtInShop } from '../core/shop/shop.ts';
import type { Measure } from '../core/figures/measure.ts';
import type { Window } from '../core/figures/window.ts';
import type { Hold } from '../core/figures/hold.ts';
import type { Frame } from '../core/figures/frame.ts';

export { workedJob };

/** The plan of a job with one window. */
export type SinglePlan = Omit<Plan, 'measure' | 'movement' | 'hold' | 'window' | 'frame'> & {
	measure?: Measure;
	movement?: Size;
	hold?: Hold;
	window?: Window & Required<Pick<Window, 'overlap' | 'least' | 'free' | 'placement' | 'sees'>>;
	frame?: Required<Frame>;
};

export function planSingle(file: JobFile): SinglePlan {
	return plan(file, builtInShop) as SinglePlan;
}

export function planned(changes: Partial<JobFile> = {}): SinglePlan {
	return planSingle(workedJob(changes));
}

/** The faults of a job, each `path: sentence`; none when it can be planned. */
export function faultsIn(file: JobFile): string[] {
	try {
		plan(file, builtInShop);
		return [];
	} catch (error) {
		if (error instanceof FaultError) return error.faults.map(({ path, says }) => `${path}: ${says}`);
		throw error;
	}
}

/** Those of the worked case with changes. */
export function faultsOf(changes: Partial<JobFile>): string[] {
	return faultsIn(workedJob(changes));
}

/** The plan after the first remedy of a rule's first finding. */
export function fixed(file: JobFile, rule: string): { file: JobFile; plan: SinglePlan } {
	const before = plan(file, builtInShop);
	const remedy = before.findings.find((finding) => finding.rule === rule)?.remedies[0];
	if (!remedy) throw new Error(`${rule} offers no remedy`);
	const next = patched(file, remedy.patch);
	return { file: next, plan: planSingle(next) };
}

export function has(of: Pick<Plan, 'findings'>, rule: string): boolean {
	return of.findings.some((finding) => finding.rule === rule);
}

export function severityOf(of: Pick<Plan, 'findings'>, rule: string): string | undefined {
	return of.findings.find((finding) => finding.rule === rule)?.severity;
}

const METAL = new Set(MOULDINGS.filter((moulding) => moulding.pairStep !== null).map(({ id }) => id));
const ids = (items: readonly { id: string }[]) => fc.constantFrom(...items.map((item) => item.id));
const tenth = (least: number, most: number) => fc.integer({ min: least * 10, max: most * 10 }).map((value) => value / 10);

/** Sides that a real sheet can have: a rectangle whose foot is shifted and whose sides are a little off. */
const readings = fc
	.record({
		width: tenth(120, 900),
		height: tenth(120, 900),
		lean: tenth(-6, 6),
		off: tenth(-3, 3),
		diagonals: fc.constantFrom('none', 'one', 'both')
	})
	.map(({ width, height, lean, off, diagonals }) => {
		const side = Math.hypot(height, lean);
		const [d1, d2] = [Math.hypot(width + lean, height), Math.hypot(width - lean, height)];
		return {
			top: width,
			bottom: width + off,
			left: side,
			right: side,
			...(diagonals === 'none' ? {} : { d1 }),
			...(diagonals === 'both' ? { d2 } : {})
		};
	});

const zone = fc.record({
	kind: fc.constantFrom('show', 'hide', 'keep-off'),
	left: tenth(0, 100),
	top: tenth(0, 100),
	width: tenth(2, 60),
	height: tenth(2, 60)
});

const mat = fc.record({
	board: ids(BOARDS),
	bevel: fc.constantFrom('normal', 'reverse'),
	lift: fc.constantFrom(0, 0, 1.5, 3),
	reveal: tenth(0, 12)
});

/** Jobs of this slice, good and bad boards alike, that are valid files. */
export const anyJob: fc.Arbitrary<JobFile> = fc
	.record({
		unit: fc.constantFrom('mm', 'in'),
		aim: fc.constantFrom('rare', 'keep', 'show'),
		readings,
		zones: fc.array(zone, { maxLength: 2 }),
		medium: fc.subarray(['ink', 'watercolour', 'charcoal', 'cyanotype', 'chromogenic']),
		travels: fc.boolean(),
		replaceable: fc.boolean(),
		grammage: fc.integer({ min: 20, max: 600 }),
		cockle: fc.constantFrom(0, 0, 2),
		overlap: fc.oneof(
			tenth(0, 13),
			fc.record({ top: tenth(0, 13), right: tenth(0, 13), bottom: tenth(0, 13), left: tenth(0, 13) })
		),
		mats: fc.array(mat, { minLength: 1, maxLength: 4 }),
		borders: fc.oneof(
			fc.record({ way: fc.constant('weighted'), width: tenth(30, 110), weight: tenth(0, 25) }),
			fc.record({
				way: fc.constant('own'),
				top: tenth(30, 110),
				right: tenth(30, 110),
				bottom: tenth(30, 110),
				left: tenth(30, 110)
			})
		),
		glazing: ids(GLAZINGS),
		underMat: fc.option(ids(BOARDS)),
		backing: fc.option(ids(BOARDS)),
		barrier: fc.option(ids(BARRIERS)),
		fillers: fc.array(fc.record({ board: ids(BOARDS), thickness: tenth(1, 8) }), { maxLength: 2 }),
		edgeSeal: fc.constantFrom('aluminium-laminate', 'paper', 'packing', null),
		join: fc.constantFrom('gummed', 'transfer', 'spray'),
		adhesive: ids(ADHESIVES.filter((adhesive) => adhesive.id !== 'none')),
		moulding: ids(MOULDINGS),
		corners: fc.constantFrom('reinforced', 'plain'),
		deepen: fc.constantFrom(0, 0, 0, 6),
		points: fc.constantFrom('rigid', 'flexible', 'hand', 'turn-buttons'),
		hooks: fc.constantFrom(1, 2, undefined),
		by: fc.constantFrom(...HANGER_KINDS, undefined),
		turns: fc.boolean(),
		stands: fc.boolean(),
		dustCover: fc.boolean()
	})
	.map((one) => {
		const defined = <T extends object>(group: T) =>
			Object.fromEntries(Object.entries(group).filter(([, value]) => value !== undefined));
		return {
			format: 'rare-keep/job',
			version: 1,
			unit: one.unit,
			aim: one.aim,
			piece: {
				readings: one.readings,
				zones: one.zones.map((next, index) => ({ ...next, id: `zone ${index}` })),
				medium: one.medium,
				travels: one.travels,
				replaceable: one.replaceable,
				grammage: one.grammage,
				cockle: one.cockle
			},
			window: { overlap: one.overlap },
			mats: one.mats.map(({ reveal, ...next }, index) => (index === 0 ? next : { ...next, reveal })),
			borders: one.borders,
			guard: {
				glazing: one.glazing,
				underMat: one.underMat,
				backing: one.backing,
				barrier: one.barrier,
				fillers: one.fillers,
				edgeSeal: one.edgeSeal,
				join: one.join
			},
			hold: { adhesive: one.adhesive },
			frame: METAL.has(one.moulding)
				? { moulding: one.moulding }
				: { moulding: one.moulding, points: one.points, corners: one.corners, ...(one.deepen > 0 ? { deepen: one.deepen } : {}) },
			back: { dustCover: one.dustCover },
			hang: defined({
				hooks: one.hooks,
				by: one.by,
				turns: one.turns && HANGERS[one.by ?? 'wire'].turns,
				stands: one.stands
			})
		};
	});

const share = fc.integer({ min: 5, max: 30 }).map((percent) => percent / 100);
const rounded = (mm: number) => Math.round(mm * 10) / 10;

/** An image within the sheet, with its margins as shares of it. */
const image = fc.record({ left: share, top: share, right: share, bottom: share });

type Whole = { top: number; left: number };
const imageOn = ({ top, left }: Whole, one: { left: number; top: number; right: number; bottom: number }) => ({
	left: rounded(top * one.left),
	top: rounded(left * one.top),
	width: rounded(top * (1 - one.left - one.right)),
	height: rounded(left * (1 - one.top - one.bottom))
});

const borders = fc.oneof(
	fc.record({ way: fc.constant('even'), width: tenth(20, 110) }),
	fc.record({
		way: fc.constant('fit'),
		pack: fc.record({ width: tenth(600, 1800), height: tenth(600, 1800) }),
		weight: tenth(0, 25)
	})
);

/** Every way of the window: cover by shape, solved, reveal, float, several; borders that fit; printed mats. */
export const anyWindowJob: fc.Arbitrary<JobFile> = fc
	.record({
		base: anyJob,
		shape: fc.constantFrom('rectangle', 'oval', 'circle', 'arch'),
		way: fc.constantFrom('cover', 'solve', 'reveal', 'float', 'several', 'motif'),
		image,
		margin: fc.record({ top: tenth(0, 12), right: tenth(0, 12), bottom: tenth(0, 20), left: tenth(0, 12) }),
		gap: tenth(0, 20),
		setBack: tenth(0, 12),
		support: ids(BOARDS),
		sizes: fc.array(fc.record({ width: tenth(60, 200), height: tenth(60, 200) }), { minLength: 1, maxLength: 4 }),
		columns: fc.integer({ min: 1, max: 3 }),
		gutter: tenth(30, 60),
		borders: fc.option(borders),
		print: fc.option(fc.record({ width: tenth(300, 900), height: tenth(300, 900) }))
	})
	.map((one) => {
		const file = one.base as JobFile & { piece: { readings: Whole } };
		const reveals = one.base.mats!.map((mat) => mat.reveal);
		// Round an arch a reveal is the same on three sides: one length is.
		const mats = one.base.mats!.map((mat, index) =>
			index === 0 && one.print
				? { ...mat, print: one.print }
				: { ...mat, ...(reveals[index] === undefined ? {} : { reveal: reveals[index] }) }
		);
		const low = file.piece.readings.left < file.piece.readings.top;
		const shape = one.shape === 'arch' && low ? 'oval' : one.shape;
		const whole = { ...file, mats, ...(one.borders ? { borders: one.borders } : {}) } as JobFile;
		const piece = { ...file.piece, image: imageOn(file.piece.readings, one.image) };
		switch (one.way) {
			case 'solve':
				return { ...whole, window: { overlap: 'solve' } };
			case 'reveal':
				return { ...whole, piece, window: { way: 'reveal', reveal: one.margin } };
			case 'float':
				return { ...whole, window: { way: 'float', shape, gap: one.gap, setBack: one.setBack, support: one.support } };
			case 'motif':
				return {
					...whole,
					piece: { ...piece, motif: piece.image },
					borders: { way: 'even', width: 300, centre: 'motif' }
				};
			case 'several': {
				const openings = one.sizes.map((readings, index) => ({
					piece: { readings, zones: index === 0 ? (file.piece.zones ?? []).slice(0, 1) : [] },
					...(index === 1 && one.shape !== 'arch' ? { shape: one.shape } : {})
				}));
				return {
					...whole,
					piece: { ...file.piece, readings: undefined, zones: undefined },
					window: { overlap: 5, openings, grid: { columns: one.columns, rows: 4, gutter: one.gutter } }
				};
			}
			default:
				return { ...whole, window: { ...file.window, shape } };
		}
	})
	.map((file) => JSON.parse(JSON.stringify(file)) as JobFile)
	.filter(canBePlanned);

const lengthOr = <T>(least: number, most: number, other: T) => fc.oneof(tenth(least, most), fc.constant(other));

/** Every kind of piece, held and framed in every way that suits it: metal sections, frames out of true, strips on the back, no mat. */
export const anyPieceJob: fc.Arbitrary<JobFile> = fc
	.record({
		base: anyJob,
		kind: fc.constantFrom('paper', 'photograph', 'vellum', 'bone', 'panel', 'canvas', 'textile', 'object'),
		hold: fc.constantFrom('t-hinge', 'v-hinge', 'pass-through', 'corners', 'strips', 'sling', 'whole-surface'),
		way: fc.constantFrom('cover', 'float'),
		matted: fc.boolean(),
		overlap: tenth(3, 25),
		thickness: lengthOr(0.2, 20, 0.3),
		relief: lengthOr(0.5, 9, 0),
		spacer: lengthOr(2, 20, null),
		slack: lengthOr(0, 6, undefined),
		frame: fc.constantFrom('wood', 'wood', 'metal', 'ready-made'),
		pairStep: fc.constantFrom(25.4, 12.7, 10),
		skew: tenth(-4, 4),
		more: tenth(30, 200),
		deepen: lengthOr(1, 12, 0),
		points: fc.constantFrom('rigid', 'flexible', 'turn-buttons', 'offset-clips'),
		round: fc.constantFrom('ties', 'brackets', 'recess'),
		lining: fc.constantFrom(undefined, null, 'aluminium-laminate', 'polyester'),
		support: fc.nat(20),
		schools: fc.record({
			'fixed-edges': fc.constantFrom('top', 'all'),
			'big-prints': fc.constantFrom('top', 'bottom-too'),
			'top-hold': fc.constantFrom('tabs', 'strip-or-one'),
			clips: fc.constantFrom('every-side', 'four'),
			'old-frame': fc.constantFrom('follow', 'true-it')
		})
	})
	.map((one): JobFile => {
		const { base } = one;
		const stiff = one.kind === 'panel' || one.kind === 'canvas';
		const sewn = one.kind === 'object' || one.kind === 'textile';
		const read = base.piece!.readings as { top: number; left: number };
		const fit = one.frame === 'ready-made';
		const opening = {
			top: read.top + one.more,
			bottom: read.top + one.more + one.skew / 4,
			left: read.left + one.more,
			right: read.left + one.more + one.skew
		};
		const frames = {
			wood: { moulding: 'ash-22', points: one.points, ...(one.deepen > 0 ? { deepen: one.deepen } : {}) },
			metal: { kind: 'metal', moulding: 'metal-10', pairStep: one.pairStep },
			'ready-made': { kind: 'ready-made', section: { face: 26, lip: 8, depth: 30, rabbetDepth: 18, density: 560 }, opening }
		} as const;
		const held = one.kind === 'object' ? { kind: one.round } : stiff || sewn ? {} : { kind: one.hold };
		const supports = supportsOf(one.kind);
		const support = supports[one.support];
		const lining = one.frame === 'metal' || one.lining === undefined ? {} : { lining: one.lining };
		const slack =
			['corners', 'strips', 'sling'].includes(one.hold) && one.slack !== undefined
				? { slack: { width: one.slack, height: one.slack } }
				: {};
		return {
			...base,
			schools: one.schools,
			piece: { ...base.piece, kind: one.kind, thickness: one.thickness, relief: one.relief, ...(support ? { support } : {}) },
			window: one.way === 'float' ? { way: 'float', gap: 12 } : { overlap: one.overlap },
			mats: one.matted ? (base.mats ?? []).map(({ lift: _, ...mat }) => mat) : [],
			borders: fit ? { way: 'fit', weight: 8 } : (base.borders ?? {}),
			guard: { ...base.guard, spacer: one.spacer },
			hold: { ...held, ...('kind' in held ? slack : {}) },
			frame: { ...frames[one.frame], ...lining }
		};
	})
	.map((file) => JSON.parse(JSON.stringify(file)) as JobFile)
	.filter(canBePlanned);

/** Some mixtures leave no window, no room for a lift, or too little gutter between two windows: faults, which have their own tests. */
function canBePlanned(file: JobFile): boolean {
	try {
		planFigures(decide(readJob(file), builtInShop), builtInShop);
		return true;
	} catch (error) {
		if (error instanceof FaultError) return false;
		throw error;
	}
}
