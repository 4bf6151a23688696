import { LITE_FIGURES } from '../frame/lite.ts';
import { named } from '../../rule/sights.ts';
import { explainer, plus, type Why } from '../../rule/why.ts';
import type { WindowShape } from '../../job/decide-window.ts';
import type { Window } from '../../figures/window.ts';
import type { Frame } from '../../figures/frame.ts';
import type { Mass, Hang } from '../../figures/hang.ts';
import type { Decided } from '../../job/decided.ts';
import { HANGERS } from './kinds/all.ts';
import { FRAMES } from '../frame/kinds/all.ts';
import { nth, there } from '../../units/there.ts';

/** Area of a window's shape, written out. */
function areaExpression(shape: WindowShape, opening: string): string {
	const [width, height] = [`${opening}.width`, `${opening}.height`];
	if (shape === 'rectangle') return `${width} * ${height}`;
	if (shape === 'arch') return `(${width} * (${height} - ${width} / 2) + ${Math.PI} * ${width} * ${width} / 8)`;
	return `${Math.PI} * ${width} * ${height} / 4`;
}

const PACK_M2 = 'window.pack.width * window.pack.height / 1000000';

/** Explains every part of the mass. */
export function whyMass(why: Why, mass: Mass, job: Decided, window: Window, frame: Frame): void {
	const explain = explainer(why);
	for (const [index, { part }] of mass.parts.entries())
		explain(`mass.parts[${index}].kg`, partOf(part, job, window, frame), 'hang#mass');
	explain('mass.kg', plus(mass.parts.map((_, index) => `mass.parts[${index}].kg`)), 'hang#mass');
}

/** What a part of the package weighs, written out. */
export function partOf(part: string, job: Decided, window: Window, frame?: Frame): string {
	const [kind, number] = part.split(' ');
	const index = Number(number) - 1;
	const { guard } = job;
	if (kind === 'glazing') {
		const glazing = `shop.glazings[${guard.glazing.id}]`;
		const area = frame?.lite ? `liteArea(${LITE_FIGURES.map((figure) => `frame.lite.${figure}`).join(', ')}) / 1000000` : PACK_M2;
		return `${area} * ${glazing}.thickness * ${glazing}.densityKgM3 / 1000`;
	}
	if (kind === 'mat') {
		const mat = `window.mats[${index}]`;
		const openings = window.openings ? window.openings.map((_, at) => `${mat}.holes[${at}].opening`) : [`${mat}.opening`];
		const areas = openings.map((opening, at) => ` - ${areaExpression(nth(job.windows, at).shape, opening)}`);
		return `(window.pack.width * window.pack.height${areas.join('')}) / 1000000 * shop.boards[${nth(job.mats, index).board.id}].massPerM2`;
	}
	if (kind === 'lift') {
		const lift = `window.mats[${index}].lift`;
		const strips = ['uprights.left', 'uprights.right', 'crosses.top', 'crosses.bottom'].map(
			(strip) => `${lift}.${strip}.width * ${lift}.${strip}.height`
		);
		const { liftBoard, board: own } = nth(job.mats, index);
		const board = `shop.boards[${(liftBoard ?? own).id}]`;
		return `(${plus(strips)}) / 1000000 * ${board}.massPerM2 * ${lift}.height / ${board}.thickness`;
	}
	if (kind === 'filler') {
		const filler = nth(guard.fillers, index);
		return `${PACK_M2} * shop.boards[${filler.board.id}].massPerM2 * job.guard.fillers[${index}].thickness / shop.boards[${filler.board.id}].thickness`;
	}
	if (part === 'adhesive board') {
		const sheets = job.pieces.map((_, at) => named(job.several ? at + 1 : null, 'hold.sheetGrams / job.piece.grammage'));
		return `(${plus(sheets)}) * shop.house.adhesiveBoardKgM2`;
	}
	if (kind === 'under-mat') return `${PACK_M2} * shop.boards[${there(guard.underMat, 'under mat').id}].massPerM2`;
	if (kind === 'backing') return `${PACK_M2} * shop.boards[${there(guard.backing, 'backing').id}].massPerM2`;
	if (kind === 'barrier') return `${PACK_M2} * shop.barriers[${there(guard.barrier, 'barrier').id}].massPerM2`;
	if (kind === 'piece') return named(job.several ? index + 1 : null, 'hold.sheetGrams / 1000');
	if (kind === 'support') {
		const size = named(job.several ? index + 1 : null, 'window.support.width * window.support.height');
		return `${size} / 1000000 * shop.boards[${there(nth(job.windows, index).support, 'support').id}].massPerM2`;
	}
	if (kind === 'hardware') return 'shop.house.hardwareKg';
	const rails = (wide: string) => `(2 * (frame.outer.width + frame.outer.height) - 4 * ${wide})`;
	if (kind === 'strips') {
		const wide = '(frame.section.face - frame.section.lip)';
		return `${wide} * job.frame.deepen * ${rails(wide)} * frame.section.density / 1000000000`;
	}
	return FRAMES[there(job.frame, 'frame').kind].kgSays;
}

/** Explains every figure of Hang. */
export function whyHang(why: Why, hang: Hang, job: Decided): void {
	const explain = explainer(why);
	explain('hang.drop', job.hang.drop === null ? 'frame.outer.height * job.hang.dropShare' : 'job.hang.drop', 'hang#drop');
	const { insetSays, wood } = FRAMES[there(job.frame, 'frame').kind];
	explain('hang.inset', wood && job.hang.strip ? `max(${insetSays}, shop.house.woodForScrew)` : insetSays, 'hang#inset');
	const bears = hang.wire ? 'hang.pullN / shop.house.gravity' : 'mass.kg';
	if (hang.pilot !== undefined) explain('hang.pilot', `shop.rings[${hang.ring}].screw * shop.house.pilotShare`, 'hang#inset');
	explain('hang.ringWantedKg', `shop.house.hangerSafety * ${bears}`, 'hang#rings');
	if (hang.strip) {
		explain('hang.strip.width', 'down(frame.outer.width - 2 * shop.house.bareWood, job.step)', 'hang#strip');
		explain('hang.strip.height', 'shop.house.backStripWidth', 'hang#strip');
	}
	explain('hang.span', 'frame.outer.width - 2 * hang.inset', 'hang#inset');
	explain('hang.hookCount', String(hang.hookCount), 'hang#hooks');
	const nail = 'job.hang.centreHeight + frame.outer.height / 2 - (hang.drop - hang.rise) + shop.house.hookOffset';
	for (const index of hang.hooks.keys()) {
		const side = hang.hookCount === 1 ? '0' : index === 0 ? '-(hang.spacing / 2)' : 'hang.spacing / 2';
		explain(`hang.hooks[${index}].x`, side, 'hang#nails');
		explain(`hang.hooks[${index}].height`, nail, 'hang#nails');
	}
	if (hang.wireWantedKg !== undefined)
		explain('hang.wireWantedKg', 'shop.house.wireSafety * hang.pullN / shop.house.gravity', 'hang#wire');
	const { line } = HANGERS[hang.by];
	if (!line || !hang.wire) return whyRings(explain);
	const run = hang.hookCount === 1 ? '(hang.span / 2)' : '((hang.span - hang.spacing) / 2)';
	const hidden = '(hang.drop - shop.house.wireHidden)';
	const usual =
		'min(max(hang.span * shop.house.hookSpacingShare, shop.house.hookSpacingLeast), hang.span - shop.house.hookSpacingFree)';
	const widened = hang.hookCount === 2 && hang.widened;
	explain(
		'hang.spacing',
		hang.hookCount === 1 ? '0' : widened ? `hang.span - 2 * ${hidden} / tan(shop.house.wireAngle)` : usual,
		'hang#low-frames'
	);
	explain('hang.rise', widened ? hidden : `min(${run} * tan(shop.house.wireAngle), ${hidden})`, 'hang#rise');
	explain('hang.angle', `atan(hang.rise / ${run})`, 'hang#rise');
	explain('hang.pullN', 'mass.kg * shop.house.gravity / (2 * sin(hang.angle))', 'hang#pull');
	explain('hang.sidewaysN', 'hang.pullN * cos(hang.angle)', 'hang#pull');
	explain('hang.wire.breakingKg', `next(hang.wireWantedKg, ${line.from})`, 'hang#wire');
	explain(
		'hang.wire.length',
		`hang.spacing + 2 * sqrt(${run} * ${run} + hang.rise * hang.rise) + 2 * shop.house.wireEnd`,
		'hang#wire'
	);
}

function whyRings(explain: ReturnType<typeof explainer>): void {
	explain('hang.spacing', 'hang.span', 'hang#rings');
	explain('hang.rise', '0', 'hang#rings');
	explain('hang.angle', '90', 'hang#rings');
	explain('hang.pullN', 'mass.kg * shop.house.gravity / 2', 'hang#rings');
	explain('hang.sidewaysN', '0', 'hang#rings');
}
