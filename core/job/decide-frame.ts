/** The frame as chosen: a moulding, a metal section, a section given outright, or one that exists and was measured. */
import { MM_PER_INCH } from '../units/length.ts';
import type { Section } from '../shop/mouldings.ts';
import type { Shop } from '../shop/shop.ts';
import type { Job } from './definition.ts';
import { decideReadings, type Readings } from './decide-piece.ts';
import type { Fault } from './faults.ts';
import { material, type FromHouse } from './material.ts';

export type FrameKind = 'wood' | 'metal' | 'ready-made';
export type PointKind = 'rigid' | 'flexible' | 'hand' | 'turn-buttons' | 'offset-clips';

export type FrameChoice = {
	kind: FrameKind;
	section: Section;
	name: string;
	colour: string;
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
	house: FromHouse,
	faults: Fault[]
): FrameChoice | null {
	const given = job.frame ?? {};
	if (given.moulding !== undefined && given.section !== undefined)
		faults.push({ path: 'frame.section', says: 'Name a moulding or give a section, not both.' });
	const stocked =
		given.section || given.moulding === undefined
			? null
			: material(shop.mouldings, given.moulding, 'frame.moulding', 'moulding', faults);
	const kind = given.kind ?? (stocked?.metal ? 'metal' : 'wood');
	const chosen = given.section ? ownSection(given.section, kind, faults) : stocked;
	if (!chosen) return null;
	if (stocked && (kind === 'metal') !== (stocked.metal !== undefined))
		faults.push({
			path: 'frame.kind',
			says: `“${stocked.name}” is ${stocked.metal ? 'a metal section' : 'a wood moulding'}. Choose ${stocked.metal ? 'kind metal' : 'kind wood or ready-made'}, or another moulding.`
		});
	checkSection(chosen, faults);
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
		name: stocked?.name ?? 'Own section',
		colour: given.colour ?? stocked?.colour ?? 'ash',
		allowance: given.allowance ?? null,
		corners: given.corners ?? 'reinforced',
		brace: given.brace ?? false,
		deepen,
		pairStep: given.pairStep ?? stocked?.metal?.pairStep ?? MM_PER_INCH,
		points: house(
			given.points,
			'frame.points',
			clipped ? 'hold' : 'school points',
			clipped ? 'offset-clips' : (schools['points'] as PointKind)
		),
		pointFirst: given.pointFirst ?? null,
		groove: decideGroove(given.groove, chosen.rabbetDepth + deepen, faults)
	};
}

function checkSection({ face, lip, depth, rabbetDepth }: Section, faults: Fault[]): void {
	if (lip >= face)
		faults.push({
			path: 'frame.section.lip',
			says: `A lip of ${lip} mm is as wide as the face of ${face} mm. The lip is part of the face.`
		});
	if (rabbetDepth >= depth)
		faults.push({
			path: 'frame.section.rabbetDepth',
			says: `A rabbet ${rabbetDepth} mm deep cuts through a moulding ${depth} mm deep.`
		});
}

/** What belongs to wood is no decision about a metal section. */
function checkMetal(given: Given, kind: FrameKind, faults: Fault[]): void {
	if (kind !== 'metal') {
		if (given.pairStep !== undefined)
			faults.push({
				path: 'frame.pairStep',
				says: 'Only metal sections are sold in pairs by size. Take it out, or choose kind metal.'
			});
		return;
	}
	const wood = {
		points: 'Spring clips hold the pack in a metal section',
		groove: 'A metal section has a channel, no groove',
		deepen: 'A metal channel can’t be deepened by strips',
		brace: 'A metal section takes no brace',
		pointFirst: 'A metal section has no points'
	} as const;
	for (const [key, says] of Object.entries(wood))
		if (given[key as keyof typeof wood] !== undefined)
			faults.push({ path: `frame.${key}`, says: `${says}. Take it out, or choose kind wood.` });
}

/** A metal section's weight comes by the metre, so that no density is asked for. */
function ownSection(given: NonNullable<Given['section']>, kind: FrameKind, faults: Fault[]): Section {
	for (const key of ['face', 'lip', 'depth', 'rabbetDepth', 'density'] as const) {
		if (given[key] === undefined && !(key === 'density' && kind === 'metal'))
			faults.push({
				path: `frame.section.${key}`,
				says: 'A section given outright needs it: face, lip, depth, rabbetDepth and density.'
			});
	}
	return { density: ALUMINIUM, ...given } as Section;
}

const ALUMINIUM = 2700;

function decideGroove(given: Given['groove'], rabbetDepth: number, faults: Fault[]): { from: number; width: number } | null {
	if (!given) return null;
	for (const key of ['from', 'width'] as const)
		if (given[key] === undefined)
			faults.push({ path: `frame.groove.${key}`, says: 'A groove begins somewhere and has a width. Give both.' });
	const { from = 0, width = 0 } = given;
	if (from + width > rabbetDepth)
		faults.push({
			path: 'frame.groove',
			says: `A groove from ${from} to ${from + width} mm ends behind the rabbet, which is ${rabbetDepth} mm deep.`
		});
	return { from, width };
}

/** A frame that exists gives the size; the borders follow it. */
export function decideRabbet(job: Job, faults: Fault[]): Readings | null {
	const { kind, opening } = job.frame ?? {};
	if (opening && kind !== 'ready-made')
		faults.push({
			path: 'frame.opening',
			says: 'Only a ready-made frame has a measured opening. Choose kind ready-made, or take it out.'
		});
	if (kind !== 'ready-made') return null;
	const { readings } = decideReadings(opening, 'frame.opening', faults);
	if (!readings)
		faults.push({
			path: 'frame.opening',
			says: 'Measure the rabbet of the ready-made frame: one width and height, or four sides.'
		});
	if (job.borders?.way !== undefined && job.borders.way !== 'fit')
		faults.push({ path: 'borders.way', says: 'A ready-made frame gives the size of the pack. Choose borders that fit.' });
	return readings;
}
