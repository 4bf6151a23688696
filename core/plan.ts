/**
 * The first file to read: a job file says what was decided; `plan` runs the stations in the order of the work and gives every figure.
 *
 *   measure → window → guard → hold → pack → frame → back → hang → findings and grade
 *
 * A station reads the job, the shop and the stations before it. Nothing else computes: every screen, paper and file is a view of a plan.
 */
import { planBack, type Back } from './back/back.ts';
import { whyBack } from './back/why.ts';
import { planCut, whyCut, type Cut } from './cutting/list.ts';
import { judge, type Verdict } from './findings/judge.ts';
import { planFrame, type Frame } from './frame/frame.ts';
import { whyFrame } from './frame/why.ts';
import { axisOf, mapSides, type Size } from './geometry/shapes.ts';
import { planLayers } from './guard/guard.ts';
import { planHang, type Hang } from './hang/hang.ts';
import { planMass, type Mass } from './hang/mass.ts';
import { whyHang, whyMass } from './hang/why.ts';
import { planHold, type Hold } from './hold/hold.ts';
import { whyHold } from './hold/why.ts';
import { decide, type Assumed, type Decided } from './job/decide.ts';
import type { JobFile } from './job/definition.ts';
import { readJob } from './job/read.ts';
import { planMeasure, type Measure } from './measure/measure.ts';
import { planMovement } from './measure/movement.ts';
import { whyMeasure } from './measure/why.ts';
import { planPack, type Pack } from './pack/pack.ts';
import { whyPack } from './pack/why.ts';
import type { Shop } from './shop/shop.ts';
import { tidy } from './units/round.ts';
import type { Why } from './why/why.ts';
import { planWindow, type Window } from './window/window.ts';
import { whyWindow } from './window/why.ts';

/** Figures by station; a station that cannot be planned yet is absent and named in `open`. */
export type Figures = {
	open: { station: string; needs: string }[];
	measure?: Measure;
	movement?: Size;
	window?: Window;
	hold?: Hold;
	pack?: Pack;
	frame?: Frame;
	back?: Back;
	mass?: Mass;
	hang?: Hang;
};

export type Plan = Figures &
	Verdict & {
		cut: Cut[];
		why: Why;
		/** What the house decided where the job said nothing. */
		assumed: Assumed[];
	};

/**
 * Plans a job file.
 * @param file a job file as typed; it is read and checked
 * @returns every figure in mm, kg, N, kPa, degrees; the findings; an explanation of every figure
 * @throws FaultError with a path and a sentence for each fault
 */
export function plan(file: unknown, shop: Shop): Plan {
	return planDecided(file as JobFile, decide(readJob(file), shop), shop);
}

/** As `plan`, for a caller that has read and decided the job already. */
export function planDecided(file: JobFile, job: Decided, shop: Shop): Plan {
	const figures = planFigures(job, shop);
	const verdict = judge({ file, job, shop, plan: figures, grade: job.aim });
	let why: Why | undefined;
	return {
		...figures,
		...verdict,
		cut: planCut(job, shop.house, figures),
		assumed: job.assumed,
		// Made when first asked for: a drag plans sixty times a second and asks for none.
		get why() {
			return (why ??= explain(figures, job, shop));
		}
	};
}

function planFigures(job: Decided, shop: Shop): Figures {
	const figures: Figures = { open: [] };
	const measure = planMeasure(job);
	if (!measure) {
		figures.open.push({ station: 'measure', needs: 'one width and one height of the sheet, or its four sides' });
		return figures;
	}
	const movement = planMovement(job, shop.house, measure);
	const longest = Math.max(measure.mean.width, measure.mean.height);
	const window = planWindow(job, shop, { measure, movement });
	const layers = planLayers(job, shop.house.thinnestSheet);
	const hold = planHold(job, shop, { measure });
	const pack = planPack(job, shop, { layers, pack: window.pack, longest });
	const frame = planFrame(job, shop, { pack: window.pack });
	Object.assign(figures, { measure, movement, window, hold, pack });
	if (frame) {
		figures.frame = frame;
		pack.clearance = tidy(frame.section.rabbetDepth - pack.thickness);
		window.mats[0]!.seen = mapSides((side) =>
			tidy(window.mats[0]!.border[side] - frame.section.lip + frame.allowance[axisOf(side)] / 2)
		);
	} else {
		figures.open.push({ station: 'frame', needs: 'a moulding of the shop, or a section given outright' });
	}
	figures.back = planBack(job, shop, { pack: window.pack, thickness: pack.thickness, frame });
	if (frame) {
		figures.mass = planMass(job, shop, { window, frame, sheetGrams: hold.sheetGrams });
		figures.hang = planHang(job, shop, { frame, kg: figures.mass.kg });
	} else {
		figures.open.push({ station: 'hang', needs: 'a frame, since its mass and size decide' });
	}
	return figures;
}

/** Expressions for every figure there is. */
function explain(figures: Figures, job: Decided, shop: Shop): Why {
	const why: Why = {};
	const { measure, window, hold, pack, frame, back, mass, hang } = figures;
	if (!measure || !window) return why;
	whyMeasure(why, measure, job);
	whyWindow(why, window, job, frame ?? null);
	if (hold) whyHold(why, hold, job);
	if (pack) whyPack(why, pack, job, Math.max(measure.mean.width, measure.mean.height), shop.house.gapLargeFrom);
	if (frame) whyFrame(why, frame, job);
	if (back) whyBack(why, back);
	if (mass) whyMass(why, mass, job);
	if (hang) whyHang(why, hang);
	whyCut(why, job, shop.house, figures);
	return why;
}
