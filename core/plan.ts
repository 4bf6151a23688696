/**
 * The first file to read: a job file says what was decided; `plan` runs the stations in the order of the work and gives every figure.
 *
 *   measure → window → guard → hold → pack → frame → back → hang → findings and grade
 *
 * A station reads the job, the shop and the stations before it. Nothing else computes: every screen, paper and file is a view of a plan.
 */
import { inSentence } from './units/in-sentence.ts';
import { planBack } from './stations/back/back.ts';
import { planCut } from './stations/cut/cut.ts';
import { judge, type Verdict } from './judge/judge.ts';
import { planClosedFrame, planFrame, readyPack, readyRabbet } from './stations/frame/frame.ts';
import type { Size } from './geometry/shapes.ts';
import { planLayers } from './stations/guard/guard.ts';
import { planHang } from './stations/hang/hang.ts';
import { planMass } from './stations/hang/mass.ts';
import { planHold } from './stations/hold/hold.ts';
import { decide } from './decide.ts';
import type { Zone } from './job/decide-piece.ts';
import type { Finding, Remedy, Severity } from './rule/rule.ts';
import { RULES } from './judge/rules.ts';
import { GRADES } from './shop/grades.ts';
import { fail, FaultError } from './job/faults.ts';
import { covers, SCOPE_OF } from './job/scopes.ts';
import { patched } from './job/patch.ts';
import { showWithUnit, type Reader } from './units/show.ts';
import type { Unit } from './units/length.ts';
import { planClimate } from './stations/climate/climate.ts';
import { planLight } from './stations/light/light.ts';
import type { Assumed } from './job/material.ts';
import type { JobFile } from './job/definition.ts';
import { readJob } from './job/read.ts';
import { longestOf, planMeasure } from './stations/measure/measure.ts';
import { planMovement } from './stations/measure/movement.ts';
import { clearanceOf, planPack } from './stations/pack/pack.ts';
import { planSpacer } from './stations/pack/spacer.ts';
import { oneOrEach } from './units/one-or-each.ts';
import { shopFor, type Shop } from './shop/shop.ts';
import { named } from './rule/sights.ts';
import { at, sum } from './rule/term.ts';
import { openBook, renamed, unwritten, type Figure } from './rule/book.ts';
import type { Why } from './rule/why.ts';
import { limitsOf, rangesOf, setbackOf } from './stations/window/ranges.ts';
import { seeThrough } from './stations/window/through-frame.ts';
import { planWindow } from './stations/window/window.ts';
import type { Measure } from './figures/measure.ts';
import { openingsOf, type PlacedOpening, type Window } from './figures/window.ts';
import type { Cut } from './figures/cut.ts';
import type { Figures } from './figures.ts';
import type { Decided } from './job/decided.ts';
import { nth, there } from './units/there.ts';

export type Plan = Figures &
	Verdict & {
		cut: Cut[];
		why: Why;
		/** What the house decided where the job said nothing. */
		assumed: Assumed[];
	};

/**
 * Plans a job file.
 * @param reads the unit of its sentences; the one that it is cut in unless given. No figure changes with it
 * @param file a job file as typed; it is read and checked
 * @returns every figure in mm, kg, N, kPa, degrees; the findings; an explanation of every figure
 * @throws FaultError with a path and a sentence for each fault
 */
export function plan(file: unknown, shop: Shop, reads?: Unit): Plan {
	return planDecided(file as JobFile, decide(readJob(file), shop, reads), shop);
}

/** As `plan`, for a caller that has read and decided the job already. */
export function planDecided(file: JobFile, job: Decided, shopAsItIs: Shop): Plan {
	const shop = shopFor(shopAsItIs, job.cutIn);
	const figures = planFigures(job, shop);
	const verdict = withBetterRemedies(judge({ file, job, shop, plan: figures, grade: job.aim }), file, job.reader.unit, shop);
	let why: Why | undefined;
	return {
		...figures,
		...verdict,
		cut: planCut(job, shop, figures),
		assumed: job.assumed,
		// Made when first asked for, with the figures once more: a drag plans sixty times a second and asks for none.
		get why() {
			return (why ??= explain(figures, job, shop));
		}
	};
}

/**
 * A remedy is offered when the job that it gives can be planned and is better: fewer stops, else fewer cautions, else fewer notes, else
 * the same of each and what is found stands later in the order of the work; and the grade reached does not fall. So no chain of remedies
 * runs in a circle. The change is planned to know, when somebody first looks at the remedies: a drag looks at none.
 */
function withBetterRemedies(verdict: Verdict, file: JobFile, reads: Unit, shop: Shop): Verdict {
	const before = standingOf(verdict);
	const judged = (next: JobFile) => {
		const job = decide(readJob(next), shop, reads);
		return judge({ file: next, job, shop, plan: planFigures(job, shop), grade: job.aim });
	};
	const isBetter = (next: Verdict, fixes: Finding) => {
		const after = standingOf(next);
		const stays = next.findings.some((one) => nameOf(one) === nameOf(fixes) && one.says === fixes.says);
		return !stays && after.grade <= before.grade && isLess(after.counts, before.counts);
	};
	const known = new Set(verdict.findings.map(nameOf));
	const better = (remedy: Remedy, fixes: Finding): Remedy | null => {
		try {
			let [next, made] = [patched(file, remedy.patch), remedy];
			for (let [after, together] = [judged(next), 1]; !isBetter(after, fixes); after = judged(next), together += 1) {
				// What it brings about has a fix of its own: together they are one.
				const [second] = after.findings.find((finding) => !known.has(nameOf(finding)))?.remedies ?? [];
				if (!second || together > MOST_TOGETHER) return null;
				next = patched(next, second.patch);
				made = { label: bothLabels(made.label, second.label), patch: [...made.patch, ...second.patch] };
			}
			return made;
		} catch (error) {
			if (error instanceof FaultError) return null;
			throw error;
		}
	};
	const ofRule = new Map<string, number>();
	const findings = verdict.findings.map((finding): Finding => {
		const count = (ofRule.get(finding.rule) ?? 0) + 1;
		ofRule.set(finding.rule, count);
		// A hundred zones in the window are fixed from the first on: each that goes lets the next have its remedy.
		if (count > MOST_OF_A_RULE) return { ...finding, remedies: [] };
		let remedies: Remedy[] | undefined;
		return {
			...finding,
			get remedies() {
				return (remedies ??= finding.remedies.flatMap((remedy) => better(remedy, finding) ?? []));
			}
		};
	});
	return { ...verdict, findings };
}

/** So many cases of one rule have their remedies checked at once. */
const MOST_OF_A_RULE = 12;

/** More than two changes that bring each other about are no remedy any more. */
const MOST_TOGETHER = 2;

/** Two changes of one measure name it once; the second may change a part of what the first did. */
function bothLabels(one: string, other: string): string {
	const measure = ['Overlap ', 'Border '].find((word) => one.startsWith(word) && other.startsWith(word));
	if (!measure) return `${one}, and ${inSentence(other)}`;
	return `${one}, ${one.endsWith('on every side') ? 'but' : 'and'} ${other.slice(measure.length)}`;
}

function nameOf({ rule, where }: Finding): string {
	return `${rule} ${where}`;
}

/** How a plan stands: stops, cautions, notes, and how early in the work they are; and the grade, 0 for the best. */
function standingOf({ findings, grade }: Verdict): { counts: number[]; grade: number } {
	const count = (severity: Severity) => findings.filter((finding) => finding.severity === severity).length;
	const late = findings.reduce((sum, { rule }) => sum + there(ORDER_OF_RULES.get(rule), 'get'), 0);
	return {
		counts: [count('stop'), count('caution'), count('note'), -late],
		grade: grade.reached === null ? GRADES.length : GRADES.indexOf(grade.reached)
	};
}

const ORDER_OF_RULES = new Map(RULES.map(({ id }, index) => [id, index]));

/** The first number that differs is smaller. */
function isLess(one: readonly number[], other: readonly number[]): boolean {
	const at = one.findIndex((value, index) => value !== other[index]);
	return at >= 0 && nth(one, at) < nth(other, at);
}

/** Figures alone, without findings and explanations. @throws FaultError when there is no such window, pack or frame */
export function planFigures(job: Decided, shopAsItIs: Shop, figure: Figure = unwritten): Figures {
	const shop = shopFor(shopAsItIs, job.cutIn);
	const figures: Figures = { open: [] };
	const { window: hasWindow, pack: closes } = SCOPE_OF[job.scope];
	if (!hasWindow) {
		planClosed(figures, job, shop, figure);
		return figures;
	}
	const light = closes ? planLight(job, shop, figure) : null;
	if (light) figures.light = light;
	const measures: Measure[] = [];
	const ofSight = (index: number) => (job.several ? renamed(figure, (text) => named(index + 1, text)) : figure);
	for (const [index, piece] of job.pieces.entries()) {
		const of = job.several ? ` of piece ${index + 1}` : '';
		if (!piece.readings)
			figures.open.push({ station: 'measure', needs: `one width and one height of the sheet${of}, or its four sides` });
		else {
			const measure = planMeasure(
				{ readings: piece.readings, single: piece.single },
				readingsPath(job, index),
				'sheet',
				ofSight(index)
			);
			checkZones(piece.zones, measure.largest, zonesPath(job, index), job.reader);
			measures.push(measure);
		}
	}
	if (measures.length < job.pieces.length) return figures;
	const movements = measures.map((measure, index) => planMovement(nth(job.pieces, index), shop.house, measure, ofSight(index)));
	Object.assign(figures, { measure: oneOrEach(measures, job.several), movement: oneOrEach(movements, job.several) });
	const rabbet = readyRabbet(job);
	const isUnread = job.frameIsThere && !rabbet;
	if (isUnread && job.borders.way === 'fit' && !job.borders.pack) {
		figures.open.push({ station: 'window', needs: RABBET_NEEDED }, { station: 'frame', needs: RABBET_NEEDED });
		return figures;
	}
	const unmeasured = job.mats.findIndex((mat) => mat.unmeasured);
	if (unmeasured >= 0) {
		figures.open.push({ station: 'window', needs: `opening and outer size of mat ${unmeasured + 1}, as measured` });
		return figures;
	}
	const ready = rabbet && readyPack(job, shop.house, rabbet);
	const window = planWindow(job, shop, { measures, movements, readyPack: ready, figure, ofSight });
	if (!window) {
		figures.open.push({ station: 'window', needs: 'the image: left, top, width and height' });
		return figures;
	}
	const openings = openingsOf(window);
	const holds = measures.map((measure, index) =>
		planHold(
			job,
			nth(job.pieces, index),
			shop,
			{
				measure,
				movement: nth(movements, index),
				opening: nth(openings, index),
				choice: nth(job.windows, index),
				pack: window.pack
			},
			ofSight(index)
		)
	);
	const longest = longestOf(measures);
	for (const [index, opening] of openings.entries()) {
		const limits = limitsOf({
			piece: nth(job.pieces, index),
			choice: nth(job.windows, index),
			measure: nth(measures, index),
			opening,
			hold: nth(holds, index),
			mat: job.mats.at(-1) ?? null,
			setback: setbackOf(window, job),
			house: shop.house
		});
		Object.assign(ownOf(window, index), rangesOf(limits, ofSight(index)));
	}
	const layers = planLayers(job, shop);
	const pack = planPack(job, shop, { layers, pack: window.pack, longest }, figure);
	Object.assign(figures, { window, pack });
	if (covers(job.scope, 'hold')) figures.hold = oneOrEach(holds, job.several);
	if (!closes) {
		seeThrough(window, job, shop.house, null, figure);
		return figures;
	}
	const frame = isUnread ? null : planFrame(job, shop, { pack: window.pack, thickness: pack.thickness, ready: rabbet }, figure);
	if (frame) {
		figures.frame = frame;
		pack.clearance = clearanceOf(job, pack, frame, figure);
	} else {
		const chosen = job.frameIsThere
			? isUnread
				? RABBET_NEEDED
				: PROFILE_NEEDED
			: 'a moulding of the shop, or a profile that you enter';
		figures.open.push({ station: 'frame', needs: chosen });
	}
	seeThrough(window, job, shop.house, frame, figure);
	if (job.guard.spacer) pack.spacer = planSpacer(job, shop, window.pack, frame, figure);
	figures.back = planBack(job, shop, { pack: window.pack, recess: at('pack.thickness', pack.thickness), frame }, figure);
	const sheetGrams = holds.map((hold) => hold.sheetGrams);
	figures.climate = planClimate(job, shop, { window, sheetGrams }, figure);
	if (frame) {
		figures.mass = planMass(job, shop, { window, frame, sheetGrams }, figure);
		if (covers(job.scope, 'wall')) figures.hang = planHang(job, shop, { frame, kg: figures.mass.kg }, figure);
	} else if (covers(job.scope, 'wall')) {
		figures.open.push({ station: 'hang', needs: 'a frame: its weight and size decide' });
	}
	return figures;
}

const RABBET_NEEDED = 'the rabbet as measured: one width and one height, or four sides';
const PROFILE_NEEDED = 'the profile as measured: face, lip, depth, rabbet depth';

/** A frame that stays closed: only its back, or only its hanging, from what was measured outside. */
function planClosed(figures: Figures, job: Decided, shop: Shop, figure: Figure): void {
	const { outer, pack } = job.given;
	const { weighed } = job.hang;
	const mass = weighed ?? job.given.mass;
	const back = covers(job.scope, 'back');
	const hangs = covers(job.scope, 'wall');
	if (!back && !hangs) return;
	const needs = [
		...(job.frame ? [] : [PROFILE_NEEDED]),
		...(outer ? [] : ['the frame’s outer width and height']),
		...(back && pack === null ? ['the pack’s thickness'] : []),
		...(hangs && mass === null ? ['its weight: wire, rings and hooks depend on it'] : [])
	];
	if (needs.length > 0 || !outer) {
		figures.open.push({ station: back ? 'back' : 'hang', needs: needs.join('; ') });
		return;
	}
	const frame = planClosedFrame(job, outer, shop.house, figure);
	figures.frame = frame;
	if (pack !== null) {
		const board = job.kept.back ? null : job.guard.backing;
		const recess = sum(at('job.given.pack', pack), ...(board ? [at('job.guard.backing.thickness', board.thickness)] : []));
		figures.back = planBack(job, shop, { pack: null, recess, frame }, figure);
	}
	if (mass === null) return;
	figures.mass = {
		kg: figure('mass.kg', at(weighed === null ? 'job.given.mass' : 'job.hang.weighed', mass), 'hang#mass').value,
		parts: []
	};
	figures.hang = planHang(job, shop, { frame, kg: mass }, figure);
}

/** A window's own figures: in the list of several, or the window itself. */
function ownOf(window: Window, index: number): Partial<PlacedOpening> {
	return window.openings ? nth(window.openings, index) : window;
}

/** @throws FaultError for a zone that lies wholly beside the sheet: it was measured from elsewhere, or on another */
function checkZones(zones: Zone[], { width, height }: Size, at: string, reader: Reader): void {
	for (const [index, zone] of zones.entries()) {
		if (zone.left >= width)
			fail(
				`${at}[${index}].left`,
				`“${zone.id}” is beyond the sheet, which is ${showWithUnit(width, reader, 'mark')} wide. Measure from its left edge.`
			);
		if (zone.top >= height)
			fail(
				`${at}[${index}].top`,
				`“${zone.id}” is below the sheet, which is ${showWithUnit(height, reader, 'mark')} high. Measure from its top edge.`
			);
	}
}

function zonesPath(job: Decided, index: number): string {
	return job.several ? `window.openings[${index}].piece.zones` : 'piece.zones';
}

function readingsPath(job: Decided, index: number): string {
	return job.several ? `window.openings[${index}].piece.readings` : 'piece.readings';
}

/** Expressions for every figure there is, from the same code as the figures. */
function explain(figures: Figures, job: Decided, shop: Shop): Why {
	const book = openBook();
	planFigures(job, shop, book.figure);
	planCut(job, shop, figures, book.figure);
	return book.explain({});
}
