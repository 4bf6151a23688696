/** What an unframing found starts the job: what is used again stays in its frame, what is gone leaves it, what was seen is written down. */
import type { JobFile } from './definition.ts';
import { FATES, NOT_KNOWN, type CameWith, type Fate, type OldPart } from './kinds.ts';
import { put, type Operation } from './patch.ts';

export type OldLayer = NonNullable<JobFile['unframing']>[number];

export const PART_NAMES: Record<OldPart, string> = {
	frame: 'Frame',
	glazing: 'Glazing',
	spacer: 'Spacer',
	mat: 'Mat',
	hinges: 'Hinges, tape on the piece',
	'under-mat': 'Back mat',
	insert: 'Paper insert',
	filler: 'Filler',
	back: 'Back',
	points: 'Points, tabs',
	'dust-cover': 'Dust cover',
	hangers: 'Hangers, wire',
	label: 'Label, inscription',
	other: 'Something else'
};

export const FATE_NAMES: Record<Fate, string> = {
	kept: 'kept with the piece',
	'used-again': 'reused',
	gone: 'discarded'
};

export const fates = FATES.map((value) => ({ value, label: FATE_NAMES[value] }));

/** The part of a frame that a layer of an old package is. */
const OF_FRAME: Partial<Record<OldPart, CameWith>> = {
	glazing: 'glazing',
	mat: 'mat',
	back: 'back',
	points: 'points',
	hangers: 'hangers'
};

/** What a part that stays is, while nobody has said more of it. */
const STAYS: Record<Exclude<CameWith, 'mat'>, unknown> = {
	glazing: { kind: NOT_KNOWN },
	back: { board: NOT_KNOWN },
	points: {},
	hangers: 'rings'
};

/**
 * @returns the change that starts the job from what was found: its frame is there, each part of it stays or leaves, old tape is a concern,
 * and what was seen stands under the condition; none where nothing was written down
 */
export function fromUnframing(file: JobFile): Operation[] {
	const layers = file.unframing ?? [];
	if (layers.length === 0) return [];
	const found = (fate: Fate) =>
		layers.flatMap((layer) => (layer.fate === fate && layer.what ? (OF_FRAME[layer.what] ?? []) : []));
	const [again, gone] = [found('used-again'), found('gone')];
	const kept = Object.fromEntries(again.flatMap((part) => (part === 'mat' ? [] : [[part, STAYS[part]]])));
	const replaced = gone.filter((part) => !again.includes(part));
	const { kept: _, replaced: __, moulding: ___, ...frame } = file.frame ?? {};
	const there = layers.some(({ what, fate }) => what === 'frame' && fate !== 'gone');
	const { glazing, back, points, hangers } = kept as Partial<Record<CameWith, unknown>>;
	const { glazing: ownGlazing, backing: ownBacking, ...guard } = file.guard ?? {};
	const { by, ...hang } = file.hang ?? {};
	const { points: ownPoints, pointCount, pointFirst, ...unpointed } = frame;
	const isMeasured = file.frame?.kind === 'ready-made';
	const framed = {
		...(points ? unpointed : frame),
		kind: 'ready-made',
		section: isMeasured ? (file.frame?.section ?? {}) : {},
		...(Object.keys(kept).length > 0 ? { kept } : {}),
		...(replaced.length > 0 ? { replaced: [...new Set(replaced)] } : {})
	};
	const seen = layers.map(sayLayer).join(' ');
	const concerns = file.piece?.concerns ?? [];
	const taped = layers.some(({ what }) => what === 'hinges') && !concerns.includes('old-tape');
	const before = file.piece?.condition?.trim();
	const condition = before?.includes(seen) ? before : [before, seen].filter(Boolean).join(' ');
	return [
		...(there ? put(file, ['frame'], framed) : []),
		...(glazing || back
			? put(file, ['guard'], {
					...guard,
					...(glazing ? {} : given({ glazing: ownGlazing })),
					...(back ? {} : given({ backing: ownBacking }))
				})
			: []),
		...(hangers && by !== undefined ? put(file, ['hang'], hang) : []),
		...(there && again.includes('mat') ? put(file, ['mats'], [{ board: NOT_KNOWN, have: {} }]) : []),
		...put(file, ['piece'], {
			...file.piece,
			condition: condition.slice(0, MOST_LETTERS),
			...(taped ? { concerns: [...concerns, 'old-tape'] } : {})
		})
	];
}

const MOST_LETTERS = 2000;

function given(parts: Record<string, unknown>): object {
	return Object.fromEntries(Object.entries(parts).filter(([, value]) => value !== undefined));
}

/** `Back: hardboard, stained, gone.` */
export function sayLayer({ what, material, condition, fate }: OldLayer): string {
	const said = [material?.trim(), condition?.trim(), fate && FATE_NAMES[fate]].filter(Boolean).join(', ');
	return `${what ? PART_NAMES[what] : 'A layer'}${said ? `: ${said}` : ''}.`;
}
