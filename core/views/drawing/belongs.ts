/** What belongs with the piece, where it goes: a title plate on the bottom rail, writing on the mat, a sleeve on the back. */
import type { Rect } from '../../geometry/shapes.ts';
import type { Decided } from '../../job/decided.ts';
import type { Plan } from '../../plan.ts';
import { rectangle, type Shape } from '../../figures/scene.ts';
import { nth } from '../../units/there.ts';

/** Below the window, as far from it as a hand writes, mm; and how long a line of writing is drawn. */
const BELOW = 6;
const LINE = 45;

/** Seen from the front. @param outer the frame's outside, or the pack's while there is none */
export function belongsInFront(plan: Plan, job: Decided, outer: Rect): Shape[] {
	return [...writing(plan, job), ...plate(plan, job, outer)];
}

function plate({ frame }: Plan, { belongs }: Decided, outer: Rect): Shape[] {
	if (!frame || !belongs.plate) return [];
	const { width, height, text } = belongs.plate;
	const left = outer.left + (outer.width - width) / 2;
	const top = outer.top + outer.height - frame.section.face / 2 - height / 2;
	return [{ role: 'plate', rings: [rectangle(left, top, width, height)], title: `Title plate: ${text}` }];
}

/** An inscription at the lower left of the window, its maker's signature at the lower right. */
function writing({ window }: Plan, { belongs, mats, schools }: Decided): Shape[] {
	if (!window || mats.length === 0) return [];
	const { border, opening } = nth(window.mats, 0);
	const y = border.top + opening.height + Math.min(BELOW, border.bottom / 2);
	const long = Math.min(LINE, opening.width / 3);
	const line = (from: number, title: string): Shape => ({
		role: 'writing',
		open: true,
		rings: [
			[
				{ x: from, y },
				{ x: from + long, y }
			]
		],
		title
	});
	return [
		...(belongs.inscription && schools['inscription'] === 'mat'
			? [line(border.left, `Inscription: ${belongs.inscription}`)]
			: []),
		...(belongs.signed ? [line(border.left + opening.width - long, 'Artist’s signature, in pencil')] : [])
	];
}

/** A sheet of A5 folded once, or as much as the back takes. */
const SLEEVE = { width: 148, height: 105 };

/** Seen from the back: papers in a sleeve on the backing, above the bottom rail. */
export function sleeveOnBack({ belongs, schools }: Decided, hole: Rect): Shape[] {
	if (belongs.papers.length === 0) return [];
	const width = Math.min(SLEEVE.width, hole.width * 0.6);
	const height = Math.min(SLEEVE.height, hole.height * 0.4);
	const left = hole.left + (hole.width - width) / 2;
	const top = hole.top + hole.height - height - Math.min(40, hole.height * 0.1);
	const how = schools['certificates'] === 'stuck' ? 'Stuck to the back' : 'In a polyester sleeve';
	return [{ role: 'sleeve', rings: [rectangle(left, top, width, height)], title: `${how}: ${belongs.papers.join('; ')}` }];
}
