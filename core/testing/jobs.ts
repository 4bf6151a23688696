/** Jobs for tests: the handbook's worked case with changes, and random jobs. */
import fc from 'fast-check';
import worked from '../../tests/cases/worked.json' with { type: 'json' };
import type { JobFile } from '../job/definition.ts';
import { patched } from '../job/patch.ts';
import { plan, type Plan } from '../plan.ts';
import { BARRIERS, BOARDS } from '../shop/boards.ts';
import { GLAZINGS } from '../shop/glazing.ts';
import { ADHESIVES } from '../shop/holds.ts';
import { MOULDINGS } from '../shop/mouldings.ts';
import { builtInShop } from '../shop/shop.ts';

/** The worked case with top-level parts replaced. */
export function workedJob(changes: Partial<JobFile> = {}): JobFile {
	return { ...(structuredClone(worked) as unknown as JobFile), ...changes };
}

export function planned(changes: Partial<JobFile> = {}): Plan {
	return plan(workedJob(changes), builtInShop);
}

/** The plan after the first remedy of a rule's first finding. */
export function mended(file: JobFile, rule: string): { file: JobFile; plan: Plan } {
	const before = plan(file, builtInShop);
	const remedy = before.findings.find((finding) => finding.rule === rule)?.remedies[0];
	if (!remedy) throw new Error(`${rule} offers no remedy`);
	const next = patched(file, remedy.patch);
	return { file: next, plan: plan(next, builtInShop) };
}

export function has(planOf: Plan, rule: string): boolean {
	return planOf.findings.some((finding) => finding.rule === rule);
}

export function severityOf(planOf: Plan, rule: string): string | undefined {
	return planOf.findings.find((finding) => finding.rule === rule)?.severity;
}

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
		points: fc.constantFrom('rigid', 'flexible', 'hand', 'turn-buttons'),
		hooks: fc.constantFrom(1, 2, undefined),
		by: fc.constantFrom('wire', 'rings', undefined),
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
			frame: { moulding: one.moulding, points: one.points },
			back: { dustCover: one.dustCover },
			hang: defined({ hooks: one.hooks, by: one.by })
		} as JobFile;
	});
