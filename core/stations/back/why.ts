import { explainer, onAxes, type Why } from '../../rule/why.ts';
import type { Back } from '../../figures/back.ts';
import type { Decided } from '../../job/decided.ts';
import { there } from '../../units/there.ts';

/** Explains every figure of Back. */
export function whyBack(why: Why, back: Back, job: Decided): void {
	const explain = explainer(why);
	explain('back.bumpers', 'job.back.bumpers', 'back#bumpers');
	if (back.tape) {
		explain(
			'back.tape.land',
			'max(0, min(shop.house.land, frame.section.face - frame.section.lip - shop.house.bareWood))',
			'back#tape'
		);
		const deepen = there(job.frame, 'frame').deepen > 0 ? ' + job.frame.deepen' : '';
		explain('back.tape.recess', `abs(frame.section.rabbetDepth${deepen} - pack.thickness)`, 'back#tape');
		const onBacking = 'max(shop.house.tapeOnBacking, shop.house.pointHead + shop.house.pointHeadCover)';
		explain('back.tape.width', `back.tape.land + back.tape.recess + ${onBacking}`, 'back#tape');
		explain('back.tape.stock', 'next(back.tape.width, shop.tapeWidths)', 'back#tape');
		explain('back.tape.passes', 'count(back.tape.width / back.tape.stock)', 'back#tape');
		for (const index of back.tape.strips.keys()) {
			explain(
				`back.tape.strips[${index}]`,
				`frame.rabbet.${index % 2 === 0 ? 'width' : 'height'} + 2 * back.tape.land`,
				'back#tape'
			);
		}
	}
	if (back.edgeSeal) {
		explain('back.edgeSeal.width', 'shop.house.edgeSealOnFace + pack.thickness + shop.house.edgeSealOnBack', 'back#edge-seal');
		explain('back.edgeSeal.stock', 'next(back.edgeSeal.width, shop.tapeWidths)', 'back#edge-seal');
		explain('back.edgeSeal.length', '2 * (window.pack.width + window.pack.height) * shop.house.tapeSpare', 'back#edge-seal');
	}
	if (back.dustCover)
		onAxes((axis) => {
			explain(`back.dustCover.${axis}`, `frame.outer.${axis} - 2 * shop.house.dustCoverInside`, 'back#dust-cover');
			explain(`back.dustCoverRough.${axis}`, `frame.outer.${axis} + 2 * shop.house.dustCoverRough`, 'back#dust-cover');
		});
}
