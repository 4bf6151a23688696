/** How the piece is held: kind, adhesive, places, and which edges are fixed; the house's choice where the job gives none. */
import type { Grade } from '../../shop/grades.ts';
import type { House } from '../../shop/house.ts';
import type { Shop } from '../../shop/shop.ts';
import { isAtLeast } from '../../units/compare.ts';
import type { Job } from '../../job/definition.ts';
import { type Piece, isStiff } from '../../job/decide-piece.ts';
import type { WindowChoice } from '../../job/decide-window.ts';
import type { Fault } from '../../job/faults.ts';
import { material, type FromHouse } from '../../job/material.ts';
import { isHinge, type HoldKind } from '../../job/hold-kinds.ts';
import type { HoldChoice } from '../../job/hold-choice.ts';
import { HOLDS } from './kinds/all.ts';
import { nth } from '../../units/there.ts';

export function decideHold(
	job: Job,
	shop: Shop,
	before: { aim: Grade; piece: Piece; windows: WindowChoice[]; matted: boolean; schools: Readonly<Record<string, string>> },
	house: FromHouse,
	faults: Fault[]
): HoldChoice {
	const given = job.hold ?? {};
	const float = before.windows.some((window) => window.way === 'float');
	// Folded paper hides behind a mat's overlap.
	const bare = float || !before.matted;
	const selfAdhesive = before.piece.noWater && before.aim === 'show';
	const sticks = given.adhesive !== undefined && given.adhesive !== 'none';
	const shown = { float, bare, pockets: hidesPockets(before, shop.house), selfAdhesive, sticks };
	const usual = usualKind(before.piece, shown, before.schools, shop, before.aim);
	const kind = house<HoldKind>(given.kind, 'hold.kind', usual === 'whole-surface' ? 'school cockle' : 'window', usual);
	const refused = HOLDS[kind].refuses({ piece: before.piece.kind, float, bare });
	if (refused) faults.push({ path: 'hold.kind', says: refused });
	const adhesive = material(
		shop.adhesives,
		house(
			given.adhesive,
			'hold.adhesive',
			'hold',
			selfAdhesive && isHinge(kind) ? 'self-adhesive-tissue' : HOLDS[kind].adhesive.usual(float, before.aim)
		),
		'hold.adhesive',
		'adhesive',
		faults
	);
	const unfit = adhesive && HOLDS[kind].adhesive.refuses(adhesive.family, float);
	if (unfit) faults.push({ path: 'hold.adhesive', says: unfit });
	const places = given.places ?? null;
	if (places) checkPlaces(places, kind, given.count, before.windows.length, faults);
	return {
		kind,
		adhesive,
		count: places?.length ?? given.count ?? (before.schools['hinge-count'] === 'one' ? 1 : null),
		width: given.width ?? null,
		contact: given.contact ?? shop.house.hingeContact,
		reach: given.contact ?? null,
		places,
		slack: given.slack ?? {},
		chosen: {
			used: given.chosen?.used?.trim() ?? '',
			by: given.chosen?.by?.trim() ?? '',
			on: given.chosen?.on?.trim() ?? '',
			release: given.chosen?.release?.trim() ?? ''
		},
		// Where there is no mat nothing hangs from it.
		from: before.matted && before.schools['hang-from'] === 'window-mat' ? 'window-mat' : 'under-mat'
	};
}

type Shown = {
	float: boolean;
	bare: boolean;
	/** The window hides pockets that hold. */ pockets: boolean;
	selfAdhesive: boolean;
	/** An adhesive was chosen already: hinges take it. */ sticks: boolean;
};

/** The overlaps that were asked for add up to a pocket that holds, at every corner; in a reveal the paper round the image does. */
function hidesPockets({ piece, windows }: { piece: Piece; windows: WindowChoice[] }, house: House): boolean {
	return windows.every(({ way, overlap, reveal }) => {
		const { image, readings } = piece;
		const hidden =
			way === 'reveal' && image && readings
				? {
						left: image.left - reveal.left,
						top: image.top - reveal.top,
						right: readings.top - image.left - image.width - reveal.right,
						bottom: readings.left - image.top - image.height - reveal.bottom
					}
				: overlap;
		const leg = Math.min(hidden.left, hidden.right) + Math.min(hidden.top, hidden.bottom) - house.pocketBehind;
		return isAtLeast(leg, house.pocketLeast);
	});
}

/**
 * Behind a covering window a T-hinge; in a float nothing may stand above the sheet. Skin, bone and horn never meet water by the house's
 * choice: folded paper where a mat hides it, the frame's lip without one, and in a float a conservator chooses.
 */
function usualKind(
	{ kind, grammage, noWater, dryHold, friable, media }: Piece,
	{ float, bare, pockets, selfAdhesive, sticks }: Shown,
	schools: Readonly<Record<string, string>>,
	{ house }: Shop,
	aim: Grade
): HoldKind {
	// In a float patches behind it stick to its back, and it is turned over for them.
	if (isStiff(kind)) return float && (noWater || friable) ? 'conservator' : 'clips';
	if (kind === 'textile') return 'stitching';
	if (kind === 'object') return 'ties';
	if (kind === 'vellum' || kind === 'bone') return float ? 'conservator' : bare ? 'frame-lip' : 'strips';
	if (schools['cockle'] === 'stick-down') return 'whole-surface';
	// No paste bonds to it: folded paper where a mat hides it, else what sticks by itself, at Show alone.
	if (noWater && !selfAdhesive && !sticks) return bare ? 'conservator' : pockets ? 'corners' : 'strips';
	// Photographs, and what water marks, are held without it wherever a mat hides folded paper.
	const isDry = kind === 'photograph' || dryHold || (aim !== 'show' && media.some(({ water }) => water !== undefined));
	if (isDry && !sticks && !bare) return pockets ? 'corners' : 'strips';
	// Above Show no paste near what it would harm, where nothing hides another hold.
	if (!sticks && bare && (dryHold || (aim === 'rare' && media.some(({ water }) => water === 'harms')))) return 'conservator';
	// What sheds is not turned over for its tabs.
	if (friable) return float ? 'v-hinge' : 't-hinge';
	return float || grammage > house.heavySheet ? 'pass-through' : 't-hinge';
}

function checkPlaces(places: number[], kind: HoldKind, count: number | undefined, windows: number, faults: Fault[]): void {
	if (!isHinge(kind))
		faults.push({ path: 'hold.places', says: 'Only hinges have positions at the top edge. Remove them, or choose hinges.' });
	if (windows > 1)
		faults.push({ path: 'hold.places', says: 'Positions are for one sheet; several windows are hinged evenly. Remove them.' });
	if (places.length === 0) faults.push({ path: 'hold.places', says: 'Enter at least one position, or remove the list.' });
	for (const [index, place] of places.entries())
		if (index > 0 && place <= nth(places, index - 1))
			faults.push({
				path: `hold.places[${index}]`,
				says: 'List positions from left to right; this one is left of the one before.'
			});
	if (count !== undefined && count !== places.length)
		faults.push({
			path: 'hold.count',
			says: `${count} hinges are set but ${places.length} positions entered. Remove the count, or enter as many positions.`
		});
}
