/** What holds the piece, seen through the backing where it really comes: tabs, pockets, strips, stitches, and what they keep off. */
import type { Point, Rect } from '../geometry/shapes.ts';
import { contactsOf } from '../hold/contacts.ts';
import type { Hold } from '../hold/hold.ts';
import { isHinge } from '../job/decide-hold.ts';
import { HOUSE } from '../shop/house.ts';
import type { Sight } from '../sights.ts';
import { sheetBox } from './front.ts';
import { rectangle, type Shape } from './scene.ts';

const TITLES = {
	strip: 'Edge strip, behind the sheet',
	point: 'Tape at the panel’s edge',
	hinge: 'Hinge: tab',
	pocket: 'Corner pocket'
};

/** What holds the piece, through the backing: where it really comes. */
export function holdShapes(sight: Sight, mirror: (x: number) => number): Shape[] {
	const { hold } = sight;
	if (!hold) return [];
	const sheet = sheetBox(sight);
	// From the front's left to the back's: a box changes over with its right edge.
	const at = (box: Rect): Point[] =>
		rectangle(mirror(sheet.left + box.left + box.width), sheet.top + box.top, box.width, box.height);
	const held = (box: Rect, title: string): Shape => ({ role: 'hinge', rings: [at(box)], title });
	const outline: Shape = {
		role: 'sheet-edge',
		rings: [at({ left: 0, top: 0, ...sight.measure.largest })],
		title: 'Edge of the piece'
	};
	const zones = sight.piece.zones
		.filter((zone) => zone.kind === 'keep-off')
		.map((zone): Shape => ({ role: 'zone-keep-off', rings: [at(zone)], title: `${zone.id}, keep off` }));
	const shapes: Shape[] = [outline, ...zones];
	if (isHinge(hold.kind)) return [...shapes, ...hinges(hold, sheet, held)];
	if (hold.kind === 'stitching') return [...shapes, { role: 'stitch', rings: [at(inside(sheet, 3))], title: 'Stitches' }];
	if (hold.kind === 'whole-surface') return [...shapes, held(inside(sheet, 0), 'Stuck down on its whole surface')];
	// At the frame the clips are the frame's own.
	if (hold.kind === 'clips' && sight.choice.way !== 'float') return shapes;
	for (const contact of contactsOf({ hold, measure: sight.measure })) {
		if ('box' in contact)
			shapes.push(held(contact.what === 'strip' ? behind(contact.box, sheet) : contact.box, TITLES[contact.what]));
		else shapes.push(pocket(contact, sheet, mirror));
	}
	return shapes;
}

function inside(sheet: Rect, by: number): Rect {
	return { left: by, top: by, width: sheet.width - 2 * by, height: sheet.height - 2 * by };
}

/** What of a strip lies behind the sheet. */
function behind(box: Rect, sheet: Rect): Rect {
	const wide = HOUSE.stripBehind;
	if (box.width > box.height) return { ...box, top: sheet.height - wide, height: wide };
	return { ...box, left: box.left > 0 ? sheet.width - wide : 0, width: wide };
}

/** A T-hinge stands up behind the mat; the tabs of a float stay behind the sheet. */
function hinges(hold: Hold, sheet: Rect, held: (box: Rect, title: string) => Shape): Shape[] {
	const { size, kind, cross } = hold;
	const stands = kind === 't-hinge';
	const tab = HOUSE.hingeTab;
	return [{ side: 'top' as const, places: hold.places }, ...(hold.others ?? [])].flatMap(({ side, places }) =>
		places.flatMap((place): Shape[] => {
			const along = (width: number, from: number, deep: number): Rect =>
				side === 'top'
					? { left: place - width / 2, top: from, width, height: deep }
					: side === 'bottom'
						? { left: place - width / 2, top: sheet.height - from - deep, width, height: deep }
						: side === 'left'
							? { left: from, top: place - width / 2, width: deep, height: width }
							: { left: sheet.width - from - deep, top: place - width / 2, width: deep, height: width };
			const tabShape = held(along(size.width, stands ? -tab : 0, stands ? size.height + tab : tab), 'Hinge: tab');
			if (!stands) return [tabShape];
			const above = HOUSE.crossAbove + cross!.height;
			return [tabShape, held(along(cross!.width, -above, cross!.height), 'Hinge: cross-piece on the under-mat')];
		})
	);
}

/** A triangle in the sheet's corner, its legs along the edges. */
function pocket({ corner, leg }: { corner: Rect; leg: number }, sheet: Rect, mirror: (x: number) => number): Shape {
	const x = mirror(sheet.left + corner.left);
	const y = sheet.top + corner.top;
	return {
		role: 'hinge',
		rings: [
			[
				{ x, y },
				{ x: x - corner.width * leg, y },
				{ x, y: y + corner.height * leg }
			]
		],
		title: TITLES.pocket
	};
}
