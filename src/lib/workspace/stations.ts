/** The stations of the strip, in the order of the work: what each says in one line, and its sign. */
import type { Finding, Severity, Station } from '$core/rule/rule.ts';
import { holdNames } from '$core/stations/hold/names.ts';
import { each } from '$core/units/one-or-each.ts';
import type { Plan } from '$core/plan.ts';
import { showLength, showMass, showSize } from '$core/units/show.ts';
import { isHinge } from '$core/job/hold-kinds.ts';
import type { Decided } from '$core/job/decided.ts';
import { there } from '$core/units/there.ts';
import { hungBy } from '$core/stations/hang/hung-by.ts';
import { covers, SCOPE_OF, type Work } from '$core/job/scopes.ts';
import type { ViewName } from './view-names.ts';

export type StationId = Work;

export type StationOfStrip = {
	id: StationId;
	name: string;
	/** The view that it is about; null: its panel takes the whole width. */
	view: ViewName | null;
	/** Opens it, outside of a field. */
	key: string;
	/** Stations of the core whose findings stand here. */
	of: Station[];
	/** A line is drawn before it: another part of the day begins. */
	begins?: true;
	summary: (plan: Plan, job: Decided) => string;
};

export const STATIONS: readonly StationOfStrip[] = [
	{
		id: 'intake',
		name: 'Intake',
		view: 'front',
		key: '1',
		of: ['intake'],
		summary: (_, job) =>
			[
				...(job.scope === 'whole' ? [] : [SCOPE_OF[job.scope].name.toLowerCase()]),
				...(job.copies > 1 ? [`${job.copies} the same`] : []),
				job.piece.media.map((medium) => medium.name).join(', ') || job.piece.kind,
				job.piece.replaceable ? 'replaceable' : 'one of a kind'
			].join(' · ')
	},
	{
		id: 'measure',
		name: 'Measure',
		view: 'sheet',
		key: '2',
		of: ['measure'],
		summary: ({ measure }, job) => {
			const measures = each(measure);
			const [only] = measures;
			if (!only) return 'not measured yet';
			const lean = Math.max(...measures.map((one) => Math.abs(one.lean)));
			return [
				measures.length > 1 ? `${measures.length} sheets` : showSize(only.mean, job.reader),
				lean > 1 ? `leans ${showLength(lean, job.reader, 'fine').text}` : ''
			]
				.filter(Boolean)
				.join(' · ');
		}
	},
	{
		id: 'window',
		name: 'Window',
		view: 'front',
		key: '3',
		of: ['window'],
		summary: ({ window }, job) =>
			window
				? `${job.several ? `${job.windows.length} windows` : showSize(window.opening, job.reader)} · ${['no mat', 'one mat'][job.mats.length] ?? `${job.mats.length} mats`}`
				: 'needs the sheet size'
	},
	{
		id: 'guard',
		name: 'Guard',
		view: 'layers',
		key: '4',
		of: ['guard', 'pack'],
		summary: (_, job) =>
			SCOPE_OF[job.scope].pack
				? `${job.guard.glazing.name} · ${job.guard.backing?.name ?? 'no backing board'}`
				: (job.guard.underMat?.name ?? 'no back mat')
	},
	{
		id: 'hold',
		name: 'Hold',
		view: 'back',
		key: '5',
		of: ['hold'],
		summary: ({ hold }, job) => {
			if (!hold) return 'needs the sheet size';
			const count = each(hold).reduce((sum, one) => sum + one.count, 0);
			const { kind, adhesive } = job.hold;
			if (isHinge(kind)) return `${count} ${count === 1 ? 'hinge' : 'hinges'} · ${adhesive.name}`;
			const { label } = holdNames(job);
			return adhesive.family === 'none' ? label : `${label} · ${adhesive.name}`;
		}
	},
	{
		id: 'frame',
		name: 'Frame',
		view: 'section',
		key: '6',
		of: ['frame'],
		summary: ({ frame }, job) =>
			frame
				? `${showSize(frame.outer, job.reader)} · ${there(job.frame, 'frame').name}`
				: SCOPE_OF[job.scope].window
					? 'no moulding chosen'
					: 'not measured yet'
	},
	{
		id: 'cut',
		name: 'Cut',
		view: 'cut',
		key: '7',
		of: ['cut'],
		begins: true,
		summary: ({ cut, frame }, job) =>
			cut.length === 0
				? SCOPE_OF[job.scope].window
					? 'needs the sheet size'
					: frame
						? 'nothing to cut'
						: 'needs a frame'
				: `${cut.length} ${cut.length === 1 ? 'line' : 'lines'} on the cut list`
	},
	{
		id: 'bench',
		name: 'Bench',
		view: null,
		key: '8',
		of: [],
		summary: (plan) => (plan.open.length > 0 ? 'needs the plan' : 'steps for this job')
	},
	{
		id: 'back',
		name: 'Back',
		view: 'back',
		key: '9',
		of: ['back'],
		summary: ({ back }, job) =>
			back?.tape
				? `${job.back.seal} ${showLength(back.tape.stock, job.reader, 'mark').text} · ${back.bumpers} bumpers`
				: job.back.seal
					? 'needs a frame'
					: job.frame?.kind === 'metal'
						? 'metal: no tape'
						: back?.dustCover
							? 'dust cover'
							: 'no seal'
	},
	{
		id: 'wall',
		name: 'Wall',
		view: 'wall',
		key: '0',
		of: ['hang', 'climate'],
		summary: ({ hang, mass }, job) =>
			hang ? `${hungBy(hang)} · ${showMass(there(mass, 'mass').kg, job.reader)}` : 'needs a frame'
	},
	{ id: 'record', name: 'Record', view: 'all', key: '-', of: [], begins: true, summary: () => 'papers · revisions' }
];

/** Those that the job covers; the others fold away. */
export function stationsOf({ scope }: Decided): readonly StationOfStrip[] {
	return STATIONS.filter(({ id }) => covers(scope, id));
}

const ORDER: Severity[] = ['stop', 'caution', 'note'];

/** The gravest severity of a station's findings; settled when there is none, its figures are there, and somebody answered it. */
export function signOf(station: StationOfStrip, plan: Plan, job: Decided): Severity | 'settled' | null {
	const found = findingsOf(station, plan).filter((finding) => !finding.accepted);
	const worst = ORDER.find((severity) => found.some((finding) => finding.severity === severity));
	if (worst) return worst;
	if (station.of.length === 0) return null;
	if (station.id === 'cut') return null;
	const open = {
		intake: false,
		measure: !plan.measure,
		window: !plan.window,
		guard: !plan.pack,
		hold: !plan.hold,
		frame: !plan.frame,
		back: !plan.back?.tape && !plan.frame,
		wall: !plan.hang
	}[station.id as 'intake'];
	return open || (station.id !== 'measure' && !job.answered.has(station.id)) ? null : 'settled';
}

/** The view that a station is about; where it has none, the front. */
export function viewOf(id: StationId): ViewName {
	return STATIONS.find((one) => one.id === id)?.view ?? 'front';
}

export function findingsOf(station: StationOfStrip, plan: Plan): Finding[] {
	return plan.findings.filter((finding) => station.of.includes(finding.station));
}

export function stationOf(finding: Finding): StationOfStrip {
	return there(
		STATIONS.find((station) => station.of.includes(finding.station)),
		'find'
	);
}
