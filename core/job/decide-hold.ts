/** How the piece is held: kind, adhesive, places, and which edges are fixed; the house's choice where the job gives none. */
import type { Size } from '../geometry/shapes.ts';
import type { Adhesive } from '../shop/holds.ts';
import type { Shop } from '../shop/shop.ts';
import type { Job } from './definition.ts';
import { type Piece, isStiff } from './decide-piece.ts';
import type { WindowChoice } from './decide-window.ts';
import type { Fault } from './faults.ts';
import { material, type FromHouse } from './material.ts';

export type HoldKind =
	| 't-hinge'
	| 'v-hinge'
	| 'pass-through'
	| 'corners'
	| 'strips'
	| 'sling'
	| 'frame-lip'
	| 'clips'
	| 'stitching'
	| 'conservator'
	| 'whole-surface';

export type HoldChoice = {
	kind: HoldKind;
	adhesive: Adhesive;
	count: number | null;
	width: number | null;
	/** How far a hinge reaches onto the sheet. */
	contact: number;
	/** How far strips were asked to reach; null: as far as the window hides. */
	reach: number | null;
	/** Hinge centres from the sheet's left that were set by hand. */
	places: number[] | null;
	/** Room that pockets, strips or a sling were asked to leave. */
	slack: Partial<Size>;
	/** The board that hinges hang it from. */
	from: 'under-mat' | 'window-mat';
};

const HINGES: readonly HoldKind[] = ['t-hinge', 'v-hinge', 'pass-through'];
const FOLDED: readonly HoldKind[] = ['corners', 'strips', 'sling'];

export function isHinge(kind: HoldKind): boolean {
	return HINGES.includes(kind);
}

/** Pockets, strips, a sling: folded paper that touches the sheet and sticks to nothing of it. */
export function isFolded(kind: HoldKind): boolean {
	return FOLDED.includes(kind);
}

export function decideHold(
	job: Job,
	shop: Shop,
	before: { piece: Piece; windows: WindowChoice[]; matted: boolean; schools: Readonly<Record<string, string>> },
	house: FromHouse,
	faults: Fault[]
): HoldChoice {
	const given = job.hold ?? {};
	const float = before.windows.some((window) => window.way === 'float');
	// Folded paper hides behind a mat's overlap.
	const bare = float || !before.matted;
	const usual = usualKind(before.piece, { float, bare }, before.schools, shop);
	const kind = house(given.kind, 'hold.kind', usual === 'whole-surface' ? 'school cockle' : 'window', usual) as HoldKind;
	checkKind(kind, before.piece.kind, { float, bare }, faults);
	const adhesive = material(
		shop.adhesives,
		house(given.adhesive, 'hold.adhesive', 'hold', usualAdhesive(kind, float)),
		'hold.adhesive',
		'adhesive',
		faults
	);
	if (adhesive) checkAdhesive(kind, adhesive, float, faults);
	const places = given.places ?? null;
	if (places) checkPlaces(places, kind, given.count, job, faults);
	return {
		kind,
		adhesive,
		count: places?.length ?? given.count ?? (before.schools['hinge-count'] === 'one' ? 1 : null),
		width: given.width ?? null,
		contact: given.contact ?? shop.house.hingeContact,
		reach: given.contact ?? null,
		places,
		slack: given.slack ?? {},
		// Where there is no mat nothing hangs from it.
		from: before.matted && before.schools['hang-from'] === 'window-mat' ? 'window-mat' : 'under-mat'
	};
}

type Shown = { float: boolean; bare: boolean };

/**
 * Behind a covering window a T-hinge; in a float nothing may stand above the sheet. Skin, bone and horn never meet water by the house's
 * choice: folded paper where a mat hides it, the frame's lip without one, and in a float a conservator chooses.
 */
function usualKind(
	{ kind, grammage }: Piece,
	{ float, bare }: Shown,
	schools: Readonly<Record<string, string>>,
	{ house }: Shop
): HoldKind {
	if (isStiff(kind)) return 'clips';
	if (kind === 'textile' || kind === 'object') return 'stitching';
	if (kind === 'vellum' || kind === 'bone') return float ? 'conservator' : bare ? 'frame-lip' : 'strips';
	if (schools['cockle'] === 'stick-down') return 'whole-surface';
	return float || grammage > house.heavySheet ? 'pass-through' : 't-hinge';
}

function usualAdhesive(kind: HoldKind, float: boolean): string {
	if (isHinge(kind)) return 'starch-paste';
	if (kind === 'whole-surface') return 'adhesive-board';
	return kind === 'clips' && float ? 'gummed-linen' : 'none';
}

function checkKind(kind: HoldKind, piece: Piece['kind'], { float, bare }: Shown, faults: Fault[]): void {
	const wrong = (says: string) => faults.push({ path: 'hold.kind', says });
	if (kind === 'conservator') return;
	if (kind === 'frame-lip') {
		if (float) wrong('In a float the lip does not reach the piece. Choose another hold.');
		else if (!isStiff(piece) && piece !== 'bone' && piece !== 'vellum')
			wrong('A sheet slides out from under a lip. Choose hinges, pockets or strips.');
		return;
	}
	if (isStiff(piece) && kind !== 'clips') wrong(`A ${piece} is held by its edges. Choose clips or the frame’s lip.`);
	else if (kind === 'clips' && !isStiff(piece))
		wrong('Clips hold what is stiff, a panel or a canvas. Choose hinges, corners or strips.');
	else if (piece === 'object' && kind !== 'stitching') wrong('An object is tied down by thread. Choose stitching.');
	else if (kind === 'stitching' && piece !== 'textile' && piece !== 'object')
		wrong('Only textiles and objects are stitched; a needle would pierce this one. Choose hinges, corners or strips.');
	else if (float && kind === 't-hinge')
		wrong('A T-hinge reaches above the sheet and shows in a float. Choose pass-through or v-hinge.');
	else if (float && isFolded(kind)) wrong(`No window hides the ${kind} of a float. Choose pass-through or v-hinge.`);
	else if (bare && isFolded(kind)) wrong(`Without a mat nothing hides the ${kind}. Add a mat, or choose hinges.`);
}

/** Families that may stand behind a kind of hold. */
function checkAdhesive(kind: HoldKind, { family }: Adhesive, float: boolean, faults: Fault[]): void {
	const wrong = (says: string) => faults.push({ path: 'hold.adhesive', says });
	if (isHinge(kind) && family === 'none') wrong('A hinge holds by an adhesive. Choose one, such as starch-paste.');
	if (isFolded(kind) && family !== 'none')
		wrong(
			`${kind === 'corners' ? 'Corner pockets hold' : kind === 'sling' ? 'A sling holds' : 'Strips hold'} without adhesive. Choose none.`
		);
	if (kind === 'stitching' && family !== 'none') wrong('Thread holds it, nothing sticks to it. Choose none.');
	if (kind === 'frame-lip' && family !== 'none') wrong('The frame’s lip holds without adhesive. Choose none.');
	if (kind === 'conservator' && family !== 'none') wrong('What a conservator chooses is not planned here. Choose none.');
	if (kind === 'clips' && !float && family !== 'none') wrong('Clips at the frame hold without adhesive. Choose none.');
	if (kind === 'clips' && float && family === 'none')
		wrong('In a float the panel is fixed to its support from behind. Choose what holds it, such as gummed-linen.');
	if (kind === 'whole-surface' && family !== 'whole-surface' && family !== 'glue')
		wrong('What sticks the whole surface is adhesive-board, dry-mount, spray or reversible-glue. Choose one of them.');
}

function checkPlaces(places: number[], kind: HoldKind, count: number | undefined, job: Job, faults: Fault[]): void {
	if (!isHinge(kind))
		faults.push({ path: 'hold.places', says: 'Only hinges have places at the top edge. Remove them, or choose hinges.' });
	if ((job.window?.openings?.length ?? 0) > 1)
		faults.push({ path: 'hold.places', says: 'Places belong to one sheet; several windows are hinged evenly. Remove them.' });
	if (places.length === 0) faults.push({ path: 'hold.places', says: 'Give at least one place, or leave them out.' });
	const back = places.findIndex((place, index) => index > 0 && place <= places[index - 1]!);
	if (back > 0)
		faults.push({
			path: `hold.places[${back}]`,
			says: 'Places go from left to right; this one does not lie right of the one before it.'
		});
	if (count !== undefined && count !== places.length)
		faults.push({
			path: 'hold.count',
			says: `${count} hinges are asked for and ${places.length} places given. Leave the count out, or give as many places.`
		});
}
