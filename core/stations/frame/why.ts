import { explainer, onAxes, type Why } from '../../rule/why.ts';
import type { House } from '../../shop/house.ts';
import type { Size } from '../../geometry/shapes.ts';
import { growthName } from '../measure/movement.ts';
import { edgeCounts } from '../hold/edge-points.ts';
import { fillsRabbet } from './frame.ts';
import { LITE_FIGURES } from './lite.ts';
import { pointSpacing } from './points.ts';
import type { Frame } from '../../figures/frame.ts';
import type { Decided } from '../../job/decided.ts';
import { there } from '../../units/there.ts';

/** Explains every figure of Frame. */
export function whyFrame(why: Why, frame: Frame, job: Decided, pack: Size, house: House): void {
	const explain = explainer(why);
	for (const key of ['face', 'lip', 'depth', 'rabbetDepth', 'density'])
		explain(`frame.section.${key}`, `job.frame.section.${key}`, 'frame#section');
	onAxes((axis) => {
		explain(
			`frame.rabbet.${axis}`,
			job.rabbet
				? `down(${axis === 'width' ? 'usableAcross' : 'usableDown'}(job.rabbet), job.step)`
				: `up(window.pack.${axis} + ${there(job.frame, 'frame').allowance === null ? allowance(axis, job) : 'job.frame.allowance'}, job.step)`,
			'frame#allowance'
		);
		explain(`frame.allowance.${axis}`, `frame.rabbet.${axis} - window.pack.${axis}`, 'frame#allowance');
		explain(`frame.sight.${axis}`, `frame.rabbet.${axis} - 2 * frame.section.lip`, 'frame#sizes');
		explain(`frame.outer.${axis}`, `frame.rabbet.${axis} + 2 * (frame.section.face - frame.section.lip)`, 'frame#sizes');
	});
	for (const index of (frame.rails ?? []).keys())
		explain(`frame.rails[${index}]`, index % 2 === 0 ? 'frame.outer.width' : 'frame.outer.height', 'frame#rails');
	if (frame.stick !== undefined)
		explain(
			'frame.stick',
			'shop.house.stickSpare * (2 * (frame.outer.width + frame.outer.height) + 4 * sqrt(2) * shop.house.kerf + shop.house.stickTrim)',
			'frame#rails'
		);
	if (frame.diagonal !== undefined)
		explain(
			'frame.diagonal',
			'sqrt(frame.rabbet.width * frame.rabbet.width + frame.rabbet.height * frame.rabbet.height)',
			'frame#joining'
		);
	whyPoints(explain, frame, job, pack, house);
	for (const [index, { size, part, count }] of (frame.kit ?? []).entries()) {
		const at = `frame.kit[${index}]`;
		explain(`${at}.count`, part === 'spring clip' ? 'frame.points.total' : String(count), 'frame#metal');
		if (size !== undefined) explain(`${at}.size`, `window.pack.${index === 0 ? 'width' : 'height'}`, 'frame#metal');
	}
	const deepen = there(job.frame, 'frame').deepen > 0 ? ' + job.frame.deepen' : '';
	if (frame.offset !== undefined)
		explain('frame.offset', `frame.section.rabbetDepth${deepen} - pack.thickness`, 'frame#offset-clips');
	if (frame.depthWithStrips !== undefined)
		explain('frame.depthWithStrips', 'frame.section.depth + job.frame.deepen', 'pack#deepen');
	for (const index of (frame.cornersOut ?? []).keys())
		explain(`frame.cornersOut[${index}]`, `cornerOut(job.rabbet, ${index})`, 'frame#out-of-true');
	if (frame.misfit !== undefined) explain('frame.misfit', 'abs(firstDiagonal(job.rabbet) - job.rabbet.d1)', 'frame#out-of-true');
	if (!frame.lite) return;
	const room = (axis: keyof Size) =>
		there(job.frame, 'frame').allowance === null
			? allowance(axis, job).replaceAll(`window.pack.${axis}`, `frame.rabbet.${axis}`)
			: 'job.frame.allowance';
	const of = (index: number) => `lite(job.rabbet, ${room('width')}, ${room('height')}, job.step, ${index})`;
	for (const [index, figure] of [...LITE_FIGURES, 'blank.width', 'blank.height'].entries())
		explain(`frame.lite.${figure}`, of(index), 'frame#out-of-true');
}

type Explain = ReturnType<typeof explainer>;

function whyPoints(explain: Explain, frame: Frame, job: Decided, pack: Size, house: House): void {
	const { points } = frame;
	explain('frame.points.total', '2 * (frame.points.top.count + frame.points.side.count)', 'frame#points');
	for (const [side, axis] of [
		['top', 'width'],
		['side', 'height']
	] as const) {
		const at = `frame.points.${side}`;
		if (points.kind === 'clips') explain(`${at}.count`, clipCount(axis, frame, job), 'frame#metal');
		else if (points.kind === 'offset-clips') {
			const own = there(job.frame, 'frame').pointCount[side];
			const count = own ?? edgeCounts(pack, house)[side];
			explain(`${at}.count`, own === null ? String(count) : `job.frame.pointCount.${side}`, 'frame#offset-clips');
			explain(`${at}.first`, count === 0 ? '0' : `window.pack.${axis} / (2 * ${at}.count)`, 'frame#offset-clips');
			explain(`${at}.spacing`, count < 2 ? '0' : `window.pack.${axis} / ${at}.count`, 'frame#offset-clips');
		} else whyPins(explain, at, axis, side, job, points.kind, points[side].count, frame.rabbet[axis] < house.pointAlone);
	}
}

function whyPins(
	explain: Explain,
	at: string,
	axis: keyof Size,
	side: 'top' | 'side',
	job: Decided,
	kind: string,
	count: number,
	short: boolean
): void {
	const own = there(job.frame, 'frame').pointCount[side];
	if (count === 0) {
		for (const figure of ['first', 'count', 'spacing']) explain(`${at}.${figure}`, '0', 'frame#points');
		return;
	}
	const alone = own === 1 || (own === null && short);
	const between = `(frame.rabbet.${axis} - 2 * ${at}.first)`;
	const asked = there(job.frame, 'frame').pointFirst === null ? 'shop.house.pointFirst' : 'job.frame.pointFirst';
	explain(`${at}.first`, alone ? `frame.rabbet.${axis} / 2` : `min(${asked}, frame.rabbet.${axis} / 4)`, 'frame#points');
	const spaced = alone ? '1' : `count(${between} / shop.house.${pointSpacing(kind)}) + 1`;
	explain(`${at}.count`, own === null ? spaced : `job.frame.pointCount.${side}`, 'frame#points');
	explain(`${at}.spacing`, alone ? '0' : `${between} / (${at}.count - 1)`, 'frame#points');
}

function clipCount(axis: keyof Size, { rabbet, points }: Frame, job: Decided): string {
	const long = axis === 'width' ? rabbet.width >= rabbet.height : rabbet.height > rabbet.width;
	const own = there(job.frame, 'frame').pointCount[axis === 'width' ? 'top' : 'side'];
	if (own !== null) return `job.frame.pointCount.${axis === 'width' ? 'top' : 'side'}`;
	if (job.schools['clips'] === 'four') return String(points[axis === 'width' ? 'top' : 'side'].count);
	const each = `down(frame.rabbet.${axis} / shop.house.clipEach, 1)`;
	return long ? `max(2, 1 + ${each})` : `max(1, ${each})`;
}

/** Growth of the fastest layer, written out for glazing and boards that are in the pack. */
export function allowance(axis: string, job: Decided, of = 'window.pack'): string {
	const glazing = `shop.glazings[${job.guard.glazing.id}]`;
	const growths = [`${glazing}.perKelvin * shop.house.swingKelvin + ${glazing}.perTenRh * shop.house.swingRh / 10`];
	const { underMat, fillers, backing } = job.guard;
	const boards = [...job.mats.map((mat) => mat.board), underMat, ...fillers.map((filler) => filler.board), backing];
	if (boards.some((board) => board && board.growth !== 'metal')) growths.push('shop.house.boardGrowth * shop.house.swingRh / 10');
	if (boards.some((board) => board?.growth === 'metal')) growths.push('shop.house.metalGrowthPerKelvin * shop.house.swingKelvin');
	if (fillsRabbet(job)) growths.push(`shop.house.${growthName(job.piece, axis as keyof Size)} * shop.house.swingRh / 10`);
	return `up(max(shop.house.allowanceLeast, ${of}.${axis} * max(${growths.join(', ')}) + shop.house.allowanceSpare), shop.house.allowanceStep)`;
}
