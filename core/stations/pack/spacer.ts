/**
 * Spacers: strips under the frame's lip that hold the glazing off where no mat does (handbook guard#spacers).
 *
 *   ├─ hidden ─┤          hidden = lip − allowance/2, what the lip surely covers
 *   ▐███▌      │          strip: its thickness, with its covering no more than that
 *   ▐███▌ high │          seen: what stands out past the lip, where a lip is too short for any strip
 */
import type { Size } from '../../geometry/shapes.ts';
import type { House } from '../../shop/house.ts';
import type { Shop } from '../../shop/shop.ts';
import { cutDown, tidy } from '../../units/round.ts';
import type { Explain } from '../../rule/why.ts';
import type { Spacer } from '../../figures/pack.ts';
import type { Frame } from '../../figures/frame.ts';
import type { Decided } from '../../job/decided.ts';
import { there } from '../../units/there.ts';

export function planSpacer(job: Decided, { house }: Shop, pack: Size, frame: Frame | null): Spacer {
	const { thickness, lined } = there(job.guard.spacer, 'spacer');
	const covering = lined ? house.liningThick : 0;
	const hidden = frame ? frame.section.lip - frame.allowance[wider(frame)] / 2 : Infinity;
	const thick = thickOf(hidden - covering, house, job.step);
	const whole = thick + covering;
	return {
		lengths: { across: pack.width, down: cutDown(pack.height - 2 * whole, job.step) },
		high: thickness,
		thick,
		covering,
		seen: Math.max(0, tidy(whole - hidden))
	};
}

/** No thicker than what the lip surely hides; where it hides nothing, the usual strip, which is seen. */
function thickOf(hidden: number, house: House, step: number): number {
	const narrower = cutDown(Math.min(hidden, house.spacerWidth), step);
	return hidden < house.spacerWidth && narrower > 0 ? narrower : house.spacerWidth;
}

function wider({ allowance }: Frame): keyof Size {
	return allowance.width >= allowance.height ? 'width' : 'height';
}

export function whySpacer(explain: Explain, job: Decided, frame: Frame | null, house: House): void {
	const { lined } = there(job.guard.spacer, 'spacer');
	explain('pack.spacer.high', 'job.guard.spacer.thickness', 'guard#spacers');
	explain('pack.spacer.covering', lined ? 'shop.house.liningThick' : '0', 'guard#spacers');
	explain('pack.spacer.lengths.across', 'window.pack.width', 'guard#spacers');
	explain(
		'pack.spacer.lengths.down',
		'down(window.pack.height - 2 * (pack.spacer.thick + pack.spacer.covering), job.step)',
		'guard#spacers'
	);
	const hidden = frame && `(frame.section.lip - frame.allowance.${wider(frame)} / 2)`;
	const room = frame ? frame.section.lip - frame.allowance[wider(frame)] / 2 - (lined ? house.liningThick : 0) : Infinity;
	const usual = thickOf(room, house, job.step) === house.spacerWidth;
	explain(
		'pack.spacer.thick',
		usual ? 'shop.house.spacerWidth' : `down(${hidden} - pack.spacer.covering, job.step)`,
		'guard#spacers'
	);
	explain('pack.spacer.seen', hidden ? `max(0, pack.spacer.thick + pack.spacer.covering - ${hidden})` : '0', 'guard#spacers');
}
