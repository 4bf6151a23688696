/** What a job takes of each material, and what the shop pays for it (handbook cut#cost). */
import type { Cut } from '../../figures/cut.ts';
import type { Hang } from '../../figures/hang.ts';
import type { Plan } from '../../plan.ts';
import { isNothing } from '../../units/round.ts';
import type { Decided } from '../../job/decided.ts';
import type { JobFile } from '../../job/definition.ts';
import { hookFor } from '../../shop/hangers.ts';
import type { HangingLine } from '../../shop/holds.ts';
import type { Shop } from '../../shop/shop.ts';
import { frameKindOf } from '../../stations/frame/kinds/all.ts';
import { HANGERS } from '../../stations/hang/kinds/all.ts';
import { materialName } from '../../stations/cut/material-name.ts';
import { nth } from '../../units/there.ts';

export type Planned = { file: JobFile; job: Decided; plan: Plan; shop: Shop };

/** So much of a material: square metres, metres, or pieces; `each` is the price of one in cents, null where there is none. */
export type Taken = {
	/** As stock and cutting plans name it. */
	material: string;
	name: string;
	amount: number;
	unit: 'm2' | 'm' | 'count';
	each: number | null;
	/** Something is cut away from it. */
	cut: boolean;
};

/** @returns everything that has a price or should have one, for all that are alike; what is at hand costs nothing and is left out */
export function takenBy(planned: Planned): Taken[] {
	const { job, plan } = planned;
	const parts = plan.cut
		.filter(({ material }) => material !== job.frame?.name || !isCutDown(planned))
		.flatMap((cut) => takenFor(cut, planned) ?? []);
	return together(
		[...parts, ...readyOf(planned), ...metalOf(planned), ...ringsOf(planned), ...hooksOf(planned)].filter(
			({ amount }) => amount > 0
		)
	).map((taken) => (taken.unit === 'count' ? { ...taken, amount: taken.amount * job.copies } : taken));
}

/** What a line of the cut list takes, for all that are alike; null where it is a small thing, or nobody's price. */
export function takenFor(cut: Cut, planned: Planned): Taken | null {
	return OF_CUT[cut.from](cut, planned);
}

const areaM2 = ({ width, height, count }: Cut): number => (width * height * count) / 1e6;
const lengthM = ({ width, count }: Cut): number => (width * count) / 1000;

type Take = (cut: Cut, planned: Planned) => Taken | null;
/** Tissue, thread and paste are among the small things of a piece. */
const small: Take = () => null;

const OF_CUT: Record<Cut['from'], Take> = {
	sheet: (cut, { shop }) => ({
		material: cut.material,
		name: materialName(cut, shop),
		amount: areaM2(cut),
		unit: 'm2',
		each: (shop.boards[cut.material] ?? shop.glazings[cut.material] ?? shop.barriers[cut.material])?.pricePerM2 ?? null,
		cut: true
	}),
	stick: (cut, { file, job, shop }) => {
		const moulding = cut.material === job.frame?.name ? shop.mouldings[file.frame?.moulding ?? ''] : undefined;
		return {
			material: moulding?.id ?? cut.material,
			name: materialName(cut, shop),
			amount: lengthM(cut),
			unit: 'm',
			each: moulding?.pricePerM2 ?? (cut.material === 'strip wood' ? shop.house.stripWoodCents : null),
			cut: true
		};
	},
	roll: (cut, { shop }) => {
		const tape = Object.values(shop.tapes).find(({ width }) => cut.role === 'back tape' && isNothing(width - cut.height));
		const line = tape ?? shop.edgeSeals[cut.material];
		// What is priced by nobody and comes off a roll is a small thing.
		return !line || line.pricePerM2 === null ? null : { ...named(line), amount: lengthM(cut), unit: 'm', cut: false };
	},
	coil: (cut, { plan, shop }) => {
		// Hung turned too, the other pair may have another line, or the only one.
		const wire = cut.of === 'turned' ? plan.hang?.turned?.wire : plan.hang?.wire;
		const lines: HangingLine[] = Object.values(cut.role === 'cord' ? shop.cordKinds : shop.wireKinds);
		const line = lines.find(({ breakingKg }) => breakingKg === wire?.breakingKg);
		return line
			? { material: line.id, name: line.name, amount: lengthM(cut), unit: 'm', each: line.pricePerM2, cut: false }
			: null;
	},
	tissue: small,
	cloth: small
};

/** Its rails are those of a frame that was bought whole. */
const isCutDown = ({ job: { bought, frameIsThere, frame }, file }: Planned): boolean =>
	bought.frame !== null && !frameIsThere && frame !== null && file.frame?.moulding === undefined;

/** What was bought ready, where somebody said for how much. */
function readyOf(planned: Planned): Taken[] {
	const { job } = planned;
	const { bought } = job;
	const one = { amount: 1, unit: 'count' as const, cut: false };
	const framed = job.frameIsThere || isCutDown(planned);
	return [
		...(bought.frame !== null && framed && job.frame
			? [{ ...one, material: `frame ${job.frame.name}`, name: `${job.frame.name}, ready-made`, each: bought.frame }]
			: []),
		...bought.mats.map(({ mat, cents }) => ({ ...one, material: `mat ${mat}`, name: `Mat ${mat}, ready-cut`, each: cents }))
	];
}

/** A section is sold in pairs by its size, and paid by the metre; a frame that is bought whole has no price here. */
function metalOf({ file, job, plan: { frame }, shop }: Planned): Taken[] {
	if (!frame || !job.frame || frame.rails || job.frameIsThere) return [];
	const kind = frameKindOf(job);
	const { name } = job.frame;
	if (!kind?.inPairs) return [{ material: name, name: `${name}, ready-made`, amount: 1, unit: 'count', each: null, cut: false }];
	const pairs = frame.kit?.flatMap(({ size }) => size ?? []) ?? [];
	const metres = pairs.length > 0 ? pairs.reduce((sum, size) => sum + 2 * size, 0) : 2 * (frame.outer.width + frame.outer.height);
	const each = shop.mouldings[file.frame?.moulding ?? '']?.pricePerM2 ?? null;
	return [{ material: name, name, amount: (metres / 1000) * job.copies, unit: 'm', each, cut: false }];
}

/** What is screwed to the frame, for one. */
export function ringsOf({ job, plan: { hang }, shop }: Planned): Taken[] {
	const ring = hang?.ring === undefined || job.kept.hangers || HANGERS[hang.by].single ? undefined : shop.rings[hang.ring];
	return ring ? [{ ...named(ring), amount: hang?.turned ? 4 : 2, unit: 'count', cut: false }] : [];
}

/** Each is rated for twice its share (handbook hang#hooks). */
export function hookWantedKg(kg: number, { hooks }: Pick<Hang, 'hooks'>): number {
	return (HOOK_SAFETY * kg) / Math.max(1, hooks.length);
}

const HOOK_SAFETY = 2;

/** What is driven into the wall, for one; what is screwed there instead is no hook of the list. */
export function hooksOf({ plan: { hang, mass }, shop }: Planned): Taken[] {
	// One in the middle hangs on a nail of its own.
	const onHooks = hang && !HANGERS[hang.by].own && !HANGERS[hang.by].single;
	const hook = onHooks ? hookFor(shop.hooks, hookWantedKg(mass?.kg ?? 0, hang)) : null;
	return hook ? [{ ...named(hook), amount: hang?.hookCount ?? 0, unit: 'count', cut: false }] : [];
}

const named = ({ id, name, pricePerM2 }: { id: string; name: string; pricePerM2: number | null }) => ({
	material: id,
	name,
	each: pricePerM2
});

/** The same material in several places is one line. */
function together(taken: Taken[]): Taken[] {
	const lines = new Map<string, Taken[]>();
	for (const one of taken) {
		const key = `${one.material} ${one.unit}`;
		lines.set(key, [...(lines.get(key) ?? []), one]);
	}
	return [...lines.values()].map((same) => ({ ...nth(same, 0), amount: same.reduce((sum, { amount }) => sum + amount, 0) }));
}
