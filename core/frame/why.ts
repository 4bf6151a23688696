import type { Decided } from '../job/decide.ts';
import { explainer, onAxes, type Why } from '../why/why.ts';
import { pointSpacing, type Frame } from './frame.ts';

/** Explains every figure of Frame. */
export function whyFrame(why: Why, frame: Frame, job: Decided): void {
	const explain = explainer(why);
	for (const key of ['face', 'lip', 'depth', 'rabbetDepth', 'density'])
		explain(`frame.section.${key}`, `job.frame.section.${key}`, 'frame#section');
	onAxes((axis) => {
		explain(
			`frame.rabbet.${axis}`,
			job.rabbet
				? `down(${axis === 'width' ? 'usableAcross' : 'usableDown'}(job.rabbet), job.step)`
				: `up(window.pack.${axis} + ${job.frame!.allowance === null ? allowance(axis, job) : 'job.frame.allowance'}, job.step)`,
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
	for (const [side, axis] of [
		['top', 'width'],
		['side', 'height']
	] as const) {
		const points = `frame.points.${side}`;
		const alone = frame.points[side].count === 1;
		const between = `(frame.rabbet.${axis} - 2 * ${points}.first)`;
		explain(
			`${points}.first`,
			alone ? `frame.rabbet.${axis} / 2` : `min(shop.house.pointFirst, frame.rabbet.${axis} / 4)`,
			'frame#points'
		);
		explain(
			`${points}.count`,
			alone ? '1' : `count(${between} / shop.house.${pointSpacing(frame.points.kind)}) + 1`,
			'frame#points'
		);
		explain(`${points}.spacing`, alone ? '0' : `${between} / (${points}.count - 1)`, 'frame#points');
	}
	explain('frame.points.total', '2 * (frame.points.top.count + frame.points.side.count)', 'frame#points');
}

/** Growth of the fastest layer, written out for glazing and boards that are in the pack. */
export function allowance(axis: string, job: Decided, of = 'window.pack'): string {
	const glazing = `shop.glazings[${job.guard.glazing.id}]`;
	const growths = [`${glazing}.perKelvin * shop.house.swingKelvin + ${glazing}.perTenRh * shop.house.swingRh / 10`];
	const { underMat, fillers, backing } = job.guard;
	const boards = [...job.mats.map((mat) => mat.board), underMat, ...fillers.map((filler) => filler.board), backing];
	if (boards.some((board) => board && board.growth !== 'metal')) growths.push('shop.house.boardGrowth * shop.house.swingRh / 10');
	if (boards.some((board) => board?.growth === 'metal')) growths.push('shop.house.metalGrowthPerKelvin * shop.house.swingKelvin');
	return `up(max(shop.house.allowanceLeast, ${of}.${axis} * max(${growths.join(', ')}) + shop.house.allowanceSpare), shop.house.allowanceStep)`;
}
