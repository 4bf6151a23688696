/** Every case of the trainer, in the order of the work. */
import type { TrainerCase } from '../case.ts';
import { againstGlazing } from './against-glazing.ts';
import { coveredName } from './covered-name.ts';
import { hardwareFirst } from './hardware-first.ts';
import { hingeOnNotes } from './hinge-on-notes.ts';
import { misreadDiagonal } from './misread-diagonal.ts';
import { offCentre } from './off-centre.ts';
import { oneTooth } from './one-tooth.ts';
import { proudPack } from './proud-pack.ts';
import { pulledDust } from './pulled-dust.ts';
import { pulpMat } from './pulp-mat.ts';
import { thinOverlap } from './thin-overlap.ts';
import { wideWindow } from './wide-window.ts';

export const CASES = {
	'misread-diagonal': misreadDiagonal,
	'covered-name': coveredName,
	'thin-overlap': thinOverlap,
	'pulp-mat': pulpMat,
	'against-glazing': againstGlazing,
	'pulled-dust': pulledDust,
	'hinge-on-notes': hingeOnNotes,
	'proud-pack': proudPack,
	'wide-window': wideWindow,
	'off-centre': offCentre,
	'hardware-first': hardwareFirst,
	'one-tooth': oneTooth
} satisfies Record<string, TrainerCase>;

export type CaseId = keyof typeof CASES;
export const CASE_IDS = Object.keys(CASES) as CaseId[];
export const isCaseId = (id: string): id is CaseId => Object.hasOwn(CASES, id);
/** A case by its id. */
export const caseOf = (id: CaseId): TrainerCase => CASES[id];
