/** The frame as chosen: a moulding, a metal section, a profile that was entered, or the customer’s frame as measured. */
import { MM_PER_INCH } from '../units/length.ts';
import { showWithUnit, type Reader } from '../units/show.ts';
import { readColour, type Colour } from '../shop/colours.ts';
import { isMetal, mouldingName, type Section } from '../shop/mouldings.ts';
import type { Shop } from '../shop/shop.ts';
import type { Job } from './definition.ts';
import { decideReadings, type Readings } from './decide-piece.ts';
import type { Fault } from './faults.ts';
import { frameIsThere } from './decide-kept.ts';
import type { Finish, FrameKind, PointKind, RabbetLining } from './kinds.ts';
import { material, type FromHouse } from './material.ts';

export type FrameChoice = {
	kind: FrameKind;
	section: Section;
	name: string;
	colour: Colour;
	/** What its bare wood is finished with here; null: the house's way of masking and colouring corners. */
	finish: Finish | null;
	/** Delivered joined: opened at its closing rail, loaded, closed. */
	joined: boolean;
	allowance: number | null;
	corners: 'reinforced' | 'plain';
	/** A cross-brace halves the free length of the long rails. */
	brace: boolean;
	/** Strips glued to the frame's back. */
	deepen: number;
	/** Step of the list that pairs of a metal section are sold by. */
	pairStep: number;
	points: PointKind;
	/** Set by a tool with a fixed stop. */
	pointFirst: number | null;
	/** Own counts of points or clips; null where the house spaces them. */
	pointCount: { top: number | null; side: number | null };
	/** Tape over its wood; filled in once it is known whether an edge seal keeps the pack off it. */
	lining: RabbetLining | null;
	/** A groove in the rabbet's wall, from the lip's underside. */
	groove: { from: number; width: number } | null;
};

type Given = NonNullable<Job['frame']>;

/** @returns null while no moulding is chosen */
export function decideFrame(
	job: Job,
	shop: Shop,
	schools: Readonly<Record<string, string>>,
	clipped: boolean,
	reader: Reader,
	house: FromHouse,
	faults: Fault[]
): FrameChoice | null {
	const given = job.frame ?? {};
	if (given.moulding !== undefined && given.section !== undefined)
		faults.push({ path: 'frame.section', says: 'Enter a moulding or a profile, not both.' });
	const stocked =
		given.section || given.moulding === undefined
			? null
			: material(shop.mouldings, given.moulding, 'frame.moulding', 'moulding', faults);
	const kind = given.kind ?? (stocked && isMetal(stocked) ? 'metal' : 'wood');
	const isThere = frameIsThere(job);
	const chosen = given.section ? ownSection(given.section, kind, isThere, house, faults) : stocked;
	if (given.joined !== undefined && kind !== 'metal')
		faults.push({
			path: 'frame.joined',
			says: 'Only a metal frame is supplied joined or in parts. Choose kind metal, or remove it.'
		});
	if (!chosen) return null;
	if (stocked && (kind === 'metal') !== isMetal(stocked))
		faults.push({
			path: 'frame.kind',
			says: `“${mouldingName(stocked, reader)}” is ${isMetal(stocked) ? 'a metal section' : 'a wood moulding'}. Choose ${isMetal(stocked) ? 'kind metal' : 'kind wood or ready-made'}, or another moulding.`
		});
	const held = given.kept?.points?.kind;
	const pointsKept = held === 'clips' ? undefined : held;
	checkSection(chosen, reader, faults);
	checkMetal(given, kind, faults);
	const deepen = given.deepen ?? 0;
	return {
		kind,
		section: {
			face: chosen.face,
			lip: chosen.lip,
			depth: chosen.depth,
			rabbetDepth: chosen.rabbetDepth,
			density: chosen.density
		},
		name: stocked ? mouldingName(stocked, reader) : given.ready?.trim() || (isThere ? 'Customer’s frame' : 'Own profile'),
		colour: readColour(given.colour ?? stocked?.colour ?? 'ash'),
		finish: given.finish ?? null,
		joined: given.joined ?? (kind === 'metal' && given.opening !== undefined),
		allowance: given.allowance ?? null,
		corners: given.corners ?? 'reinforced',
		brace: given.brace ?? false,
		deepen,
		pairStep: given.pairStep ?? stocked?.pairStep ?? MM_PER_INCH,
		points: house(
			pointsKept ?? given.points,
			'frame.points',
			clipped ? 'hold' : 'school points',
			clipped ? 'offset-clips' : (schools['points'] as PointKind)
		),
		pointFirst: given.pointFirst ?? null,
		pointCount: { top: given.pointCount?.top ?? null, side: given.pointCount?.side ?? null },
		lining: given.lining ?? null,
		groove: decideGroove(given.groove, chosen.rabbetDepth + deepen, reader, faults)
	};
}

function checkSection({ face, lip, depth, rabbetDepth }: Section, reader: Reader, faults: Fault[]): void {
	const said = (mm: number) => showWithUnit(mm, reader, 'mark');
	if (lip >= face)
		faults.push({
			path: 'frame.section.lip',
			says: `A lip of ${said(lip)} is as wide as the face of ${said(face)}. The lip is part of the face.`
		});
	if (rabbetDepth >= depth)
		faults.push({
			path: 'frame.section.rabbetDepth',
			says: `A rabbet ${said(rabbetDepth)} deep cuts through a moulding ${said(depth)} deep.`
		});
}

/** What belongs to wood is no decision about a metal section. */
function checkMetal(given: Given, kind: FrameKind, faults: Fault[]): void {
	if (kind !== 'metal') {
		if (given.pairStep !== undefined)
			faults.push({
				path: 'frame.pairStep',
				says: 'Only metal sections are sold in pairs by size. Remove it, or choose kind metal.'
			});
		return;
	}
	const wood = {
		points: 'Spring clips hold the pack in a metal section',
		groove: 'A metal section has a channel, not a groove',
		deepen: 'A metal channel can’t be deepened by strips',
		brace: 'A metal section can’t take a brace',
		finish: 'A metal section has no bare wood to finish',
		lining: 'A metal section has no wood to line',
		pointFirst: 'A metal section has no points'
	} as const;
	for (const [key, says] of Object.entries(wood))
		if ((given[key as keyof typeof wood] ?? undefined) !== undefined)
			faults.push({ path: `frame.${key}`, says: `${says}. Remove it, or choose kind wood.` });
}

/**
 * A metal section's weight comes by the metre, so that no density is asked for; of a frame that is there nobody knows it, so heavy wood is
 * taken. @returns null while the profile of a frame that is there is not measured to its end
 */
function ownSection(
	given: NonNullable<Given['section']>,
	kind: FrameKind,
	isThere: boolean,
	house: FromHouse,
	faults: Fault[]
): Section | null {
	if (isThere) {
		if (PROFILE.some((key) => given[key] === undefined)) return null;
		return {
			...given,
			density: kind === 'metal' ? ALUMINIUM : house(given.density, 'frame.section.density', 'careful', HEAVY_WOOD)
		} as Section;
	}
	for (const key of [...PROFILE, 'density'] as const) {
		if (given[key] === undefined && !(key === 'density' && kind === 'metal'))
			faults.push({
				path: `frame.section.${key}`,
				says: 'An entered profile needs face, lip, depth, rabbetDepth and density.'
			});
	}
	return { density: ALUMINIUM, ...given } as Section;
}

const PROFILE = ['face', 'lip', 'depth', 'rabbetDepth'] as const;
const ALUMINIUM = 2700;
/** Oak, kg/m³. */
const HEAVY_WOOD = 700;

function decideGroove(
	given: Given['groove'],
	rabbetDepth: number,
	reader: Reader,
	faults: Fault[]
): { from: number; width: number } | null {
	// Half of it measured is not measured yet.
	if (given?.from === undefined || given.width === undefined) return null;
	const { from, width } = given;
	if (from + width > rabbetDepth)
		faults.push({
			path: 'frame.groove',
			says: `A groove from ${showWithUnit(from, reader, 'mark')} to ${showWithUnit(from + width, reader, 'mark')} ends behind the rabbet, which is ${showWithUnit(rabbetDepth, reader, 'mark')} deep.`
		});
	return { from, width };
}

/** What a frame that is there already measures: a ready-made one, or a metal one that is delivered joined; null until somebody did. */
export function decideRabbet(job: Job, metal: boolean, faults: Fault[]): Readings | null {
	const { kind, opening, joined } = job.frame ?? {};
	const isThere = kind === 'ready-made' || (metal && (joined ?? opening !== undefined));
	if (opening && !isThere)
		faults.push({
			path: 'frame.opening',
			says: 'Only an existing frame has a measured opening. Choose kind ready-made or joined metal, or remove it.'
		});
	return isThere ? decideReadings(opening, 'frame.opening', faults).readings : null;
}
