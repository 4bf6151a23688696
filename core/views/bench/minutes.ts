/** Minutes of work of each step: so many of each thing that it deals with, by the house's figures (handbook cut#cost). */
import type { Hang } from '../../figures/hang.ts';
import { HANGERS } from '../../stations/hang/kinds/all.ts';
import type { House } from '../../shop/house.ts';
import type { MadeStep, StepId, Writer } from '../../stations/step.ts';
import { SIDES } from '../../geometry/shapes.ts';
import { each } from '../../units/one-or-each.ts';

type MinutesOf = Extract<keyof House, `minutes${string}`>;
type Work = readonly [each: MinutesOf, count: number];

/** Of a batch these are done once for all. */
export const ONCE: ReadonlySet<StepId> = new Set<StepId>(['ready', 'gather']);

/** @returns minutes for all of a batch, not rounded */
export function minutesOf(step: Used, writer: Writer): number {
	const one = WORK[step.id](writer, step).reduce((sum, [what, count]) => sum + writer.shop.house[what] * count, 0);
	return ONCE.has(step.id) ? one : one * writer.job.copies;
}

type Used = Pick<MadeStep, 'id' | 'uses'>;
type WorkOf = (writer: Writer, step: Used) => Work[];

/** The cut list counts for all that are alike. */
const countOf = ({ job }: Writer, parts: MadeStep['uses']): number =>
	parts.reduce((sum, { count }) => sum + count, 0) / job.copies;
const asItIs = (): Work[] => [['minutesStep', 1]];
const strips: WorkOf = (writer, { uses }) => [
	['minutesStep', 1],
	['minutesStrip', countOf(writer, uses)]
];
const holds = ({ plan }: Writer): Work[] => {
	const count = each(plan.hold).reduce((sum, one) => sum + one.count, 0);
	return [
		['minutesStep', 1],
		each(plan.hold).some(({ stitchSpacing }) => stitchSpacing !== undefined) ? ['minutesStitch', count] : ['minutesHinge', count]
	];
};
/** A seal goes round in one length or in four: along each side it is laid. */
const tapes: WorkOf = () => [
	['minutesStep', 1],
	['minutesTape', SIDES.length]
];
const once =
	(what: MinutesOf): (() => Work[]) =>
	() => [[what, 1]];

const WORK: Record<StepId, WorkOf> = {
	ready: asItIs,
	refer: asItIs,
	gather: asItIs,
	'take-out': once('minutesSurface'),
	'look-at-it': asItIs,
	'cut-boards': (writer) => [
		[
			'minutesBlank',
			countOf(
				writer,
				writer.plan.cut.filter(({ from, role }) => from === 'sheet' && role !== 'glazing')
			)
		],
		['minutesWindow', writer.job.mats.filter(({ have }) => !have).length * writer.job.windows.length]
	],
	'cut-glazing': once('minutesLite'),
	'prepare-hold': asItIs,
	'bevel-support': once('minutesSurface'),
	'finish-wood': once('minutesFinish'),
	'cut-frame': () => [['minutesStrip', SIDES.length]],
	'join-frame': () => [['minutesCorner', SIDES.length]],
	'finish-frame': once('minutesFinish'),
	'join-metal': once('minutesCorner'),
	'open-metal': asItIs,
	'ready-frame': asItIs,
	deepen: strips,
	'line-rabbet': strips,
	'cover-board': once('minutesSurface'),
	'glue-lifts': strips,
	'make-spacers': strips,
	'join-mats': asItIs,
	'join-package': asItIs,
	place: ({ job }) => [['minutesStep', job.windows.length]],
	'open-again': asItIs,
	'try-window': asItIs,
	'lie-open': asItIs,
	hinge: holds,
	'paste-print': once('minutesSurface'),
	'gild-bevel': once('minutesFinish'),
	'fix-surface': asItIs,
	slits: holds,
	tabs: holds,
	'hold-board': asItIs,
	'fix-support': asItIs,
	sign: asItIs,
	'mark-up': asItIs,
	rings: ({ plan }) => [['minutesHanger', plan.hang ? hangersOn(plan.hang) : 2]],
	wire: asItIs,
	'stick-down': once('minutesSurface'),
	'fix-panel': holds,
	'support-to-base': asItIs,
	'clean-glazing': once('minutesClean'),
	'dust-first': ({ job }) => [[job.mats.some(({ colour }) => isBlack(colour.hex)) ? 'minutesDustBlack' : 'minutesDust', 1]],
	'close-pack': asItIs,
	'edge-seal': tapes,
	'fit-first': asItIs,
	'fit-all': ({ plan }) => [['minutesPoint', plan.frame?.points.total ?? 0]],
	centre: once('minutesCentre'),
	seal: tapes,
	'dust-cover': once('minutesCover'),
	'back-strip': strips,
	hang: ({ plan }) => [['minutesHanger', plan.hang ? hangersOn(plan.hang) : 2]],
	bumpers: asItIs,
	label: asItIs,
	'last-look': asItIs,
	wrap: asItIs,
	wall: ({ plan }) => [['minutesHanger', Math.max(1, plan.hang?.hookCount ?? 0)]]
};

/** What is screwed to the frame, piece by piece. */
function hangersOn({ by, turned, stand }: Hang): number {
	const { single, own } = HANGERS[by];
	return (own ? own.screwedOn : single ? 1 : 2) * (turned ? 2 : 1) + (stand && by !== 'stand' ? 1 : 0);
}

/** On a mat as dark as this lint shows (handbook bench#dust). */
const BLACK = 0x48;
function isBlack(hex: string): boolean {
	return [1, 3, 5].every((at) => Number.parseInt(hex.slice(at, at + 2), 16) < BLACK);
}
