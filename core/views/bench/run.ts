/**
 * A run at the bench is what folding its events gives. Events are never changed; the same events in the same order give the same run
 * on every device.
 */
import { placeOf } from '../../shop/step-names.ts';
import type { AnyStepId } from '../../stations/step.ts';
import type { Size } from '../../geometry/shapes.ts';
import type { Readings } from './centring.ts';
import type { Cause } from './causes.ts';
import { REOPENS } from './causes.ts';

/** What was done: each kind with what it carries. */
export type Deed =
	/** `despite`: stops that stood at the door, and why it was begun all the same. */
	| { kind: 'begun'; rev: number; despite?: string[]; because?: string }
	/** The plan changed meanwhile: the run goes on by the new one, or stays with its own. */
	| { kind: 'taken-over'; rev: number }
	| { kind: 'stayed'; rev: number }
	/** `forced`: why it was done though it was locked; `waits`: minutes until it is dry, and what dries. */
	| { kind: 'done'; step: AnyStepId; forced?: string; waits?: { minutes: number; what: string } }
	/** Of a batch, so many more are through this step; fewer when it was miscounted. */
	| { kind: 'counted'; step: AnyStepId; more: number }
	| { kind: 'undone'; step: AnyStepId }
	/** `minutes` that it cost, by the house's figures of that day. */
	| { kind: 'looked'; step: AnyStepId; clean: boolean; cause?: Cause; minutes?: number }
	/** `pieces`: of a batch of so many, one is opened again. */
	| { kind: 'reopened'; cause: Cause; minutes: number; pieces?: number }
	| { kind: 'wrong'; step: AnyStepId; says: string }
	| { kind: 'read'; readings: Readings }
	| { kind: 'laid'; window: number; left: number; top: number }
	| ({ kind: 'measured'; part: string } & Measured)
	| { kind: 'answered'; step: AnyStepId; yes: boolean }
	| { kind: 'ticked'; what: string; on: boolean }
	| { kind: 'photographed'; side: 'front' | 'back'; picture: string }
	| { kind: 'ended' };

/** With its own id, so that nothing counts twice; the time is the server's, ms; initials of who did it. */
export type RunEvent = Deed & { id: string; at: number; by: string };
export type DeedKind = Deed['kind'];

export type Done = { at: number; by: string; forced?: string; waits?: { minutes: number; what: string } };
export type Looked = { at: number; by: string; clean: boolean; cause?: Cause };
export type Laid = { left: number; top: number };
/** A part as it was cut: its sides, its diagonals where they were read, and the window in it. */
export type Measured = Size & {
	d1?: number;
	d2?: number;
	opening?: Size;
	/** The window's left and top border, seen from the front. */
	left?: number;
	top?: number;
};

export type Run = {
	/** Revision that it goes by; 0 before it has begun. */
	rev: number;
	/** The latest revision that was seen and not taken over. */
	stayedAt: number;
	begunAt: number;
	/** The stops that it was begun with. */
	despite: { stops: readonly string[]; because: string; by: string } | null;
	endedAt: number | null;
	by: string;
	done: Map<AnyStepId, Done>;
	/** Of a batch: through a step that is not done for all yet. */
	counted: Map<AnyStepId, number>;
	looked: Map<AnyStepId, Looked[]>;
	/** With the steps that were done then and are to be done once more. */
	reopened: { at: number; by: string; cause: Cause; undone: AnyStepId[] }[];
	wrong: { at: number; by: string; step: AnyStepId; says: string }[];
	/** Every set of eight readings, the latest last. */
	read: Readings[];
	laid: Map<number, Laid>;
	measured: Map<string, Measured>;
	answered: Map<AnyStepId, boolean>;
	ticked: Set<string>;
	photographs: Map<'front' | 'back', string>;
	minutesLost: number;
};

export function emptyRun(): Run {
	return {
		rev: 0,
		stayedAt: 0,
		begunAt: 0,
		despite: null,
		endedAt: null,
		by: '',
		done: new Map(),
		counted: new Map(),
		looked: new Map(),
		reopened: [],
		wrong: [],
		read: [],
		laid: new Map(),
		measured: new Map(),
		answered: new Map(),
		ticked: new Set(),
		photographs: new Map(),
		minutesLost: 0
	};
}

/** @returns the run; an event that was there before counts once, a step that is done already stays done as it was */
export function folded(events: readonly RunEvent[]): Run {
	const run = emptyRun();
	const seen = new Set<string>();
	for (const event of events) {
		if (seen.has(event.id)) continue;
		seen.add(event.id);
		(FOLD[event.kind] as (run: Run, event: RunEvent) => void)(run, event);
		if (event.by) run.by = event.by;
	}
	return run;
}

const FOLD: { [K in DeedKind]: (run: Run, event: Extract<RunEvent, { kind: K }>) => void } = {
	begun: (run, { rev, at, by, despite = [], because = '' }) => {
		if (run.rev > 0) return;
		run.despite = despite.length > 0 ? { stops: despite, because, by } : null;
		run.rev = rev;
		run.stayedAt = rev;
		run.begunAt = at;
	},
	'taken-over': (run, { rev }) => {
		// One that was written down for a revision that there never was is told, not followed.
		if (rev === 0) return;
		run.rev = rev;
		run.stayedAt = rev;
	},
	stayed: (run, { rev }) => {
		run.stayedAt = Math.max(run.stayedAt, rev);
	},
	done: (run, event) => {
		if (!run.done.has(event.step)) run.done.set(event.step, event);
	},
	counted: (run, { step, more }) => {
		run.counted.set(step, Math.max(0, (run.counted.get(step) ?? 0) + more));
	},
	undone: (run, { step }) => {
		run.done.delete(step);
		run.counted.delete(step);
		// Which way is up is asked again.
		run.answered.delete(step);
		run.endedAt = null;
	},
	looked: (run, { step, at, by, clean, cause, minutes = 0 }) => {
		run.looked.set(step, [...(run.looked.get(step) ?? []), { at, by, clean, ...(cause ? { cause } : {}) }]);
		run.minutesLost += clean ? 0 : minutes;
	},
	reopened: (run, { cause, minutes, pieces = 1, at, by }) => {
		const was = new Set(run.done.keys());
		const has = (step: AnyStepId) => was.has(step);
		const undone = [...was].filter((step) => isUndoneBy(cause, step, has));
		for (const step of new Set([...run.done.keys(), ...run.counted.keys()])) {
			if (!isUndoneBy(cause, step, has)) continue;
			const through = run.done.delete(step) ? pieces : (run.counted.get(step) ?? 0);
			run.counted.set(step, Math.max(0, through - 1));
		}
		run.answered.clear();
		run.endedAt = null;
		run.done.delete('open-again');
		run.reopened.push({ at, by, cause, undone });
		run.minutesLost += minutes;
	},
	wrong: (run, { step, says, at, by }) => {
		run.wrong.push({ at, by, step, says });
	},
	read: (run, { readings }) => {
		run.read.push(readings);
	},
	laid: (run, { window, left, top }) => {
		run.laid.set(window, { left, top });
	},
	measured: (run, { part, width, height, d1, d2, opening }) => {
		run.measured.set(part, {
			width,
			height,
			...(d1 === undefined ? {} : { d1 }),
			...(d2 === undefined ? {} : { d2 }),
			...(opening === undefined ? {} : { opening })
		});
	},
	answered: (run, { step, yes }) => {
		run.answered.set(step, yes);
	},
	ticked: (run, { what, on }) => {
		if (on) run.ticked.add(what);
		else run.ticked.delete(what);
	},
	photographed: (run, { side, picture }) => {
		run.photographs.set(side, picture);
	},
	ended: (run, { at }) => {
		run.endedAt = at;
	}
};

/** From where on a package is done again for such a cause. @param has whether the package has such a step */
export function startOf(cause: Cause, has: (step: AnyStepId) => boolean): AnyStepId {
	const { from, orFrom } = REOPENS[cause];
	return orFrom && has(orFrom) ? orFrom : from;
}

/** Whether a step is to be done again once the package is opened for such a cause. @param has as of `startOf` */
export function isUndoneBy(cause: Cause, step: AnyStepId, has: (step: AnyStepId) => boolean): boolean {
	return placeOf(step) >= placeOf(startOf(cause, has));
}
