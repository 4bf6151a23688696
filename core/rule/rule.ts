/** A rule is data with a predicate: the engine, the screen, the printed list and the handbook's table all read the same list. */
import type { JobFile } from '../job/definition.ts';
import type { Operation } from '../job/patch.ts';
import type { Grade } from '../shop/grades.ts';
import type { Shop } from '../shop/shop.ts';
import type { Figures } from '../figures.ts';
import type { Decided } from '../job/decided.ts';

export type Severity = 'stop' | 'caution' | 'note';
export type Remedy = { label: string; patch: Operation[] };
export type Station = 'intake' | 'measure' | 'window' | 'guard' | 'hold' | 'pack' | 'frame' | 'cut' | 'back' | 'hang' | 'climate';

/** What a rule reads: the figures planned so far, and the grade at which it is asked. */
export type Context = { file: JobFile; job: Decided; shop: Shop; plan: Figures; grade: Grade };

/** One case in which a rule fires. */
export type Case = {
	says: string;
	where?: string;
	remedies?: Remedy[];
	severity?: Severity;
	/** Where this case has a reason of its own. */
	why?: string;
};

export type Rule = {
	id: string;
	station: Station;
	/**
	 * Stops of fit forbid the work but do not lower the grade: a good package in a frame that is too small is still a good package. Those of
	 * safety lower it. Those of the place forbid hanging it there, and nothing else.
	 */
	of: 'fit' | 'safety' | 'place';
	/** When it fires, for the printed list; `{figure}` stands for a house figure (when.ts). */
	when: string;
	/** Missing at a grade: nothing to say there. */
	severity: Partial<Record<Grade, Severity>>;
	/** Why, in a sentence. */
	why: string;
	/** What its remedies do, for the printed list; missing where no change of figures fixes it. */
	fixes?: string;
	/** The question of the schools that it belongs to. */
	school?: string;
	find(context: Context): Case[];
};

export type Finding = {
	rule: string;
	station: Station;
	of: Rule['of'];
	severity: Severity;
	says: string;
	why: string;
	school?: string;
	where?: string;
	remedies: Remedy[];
	/** Of a caution: what it says in millimetres. While this stays, an acceptance counts. */
	facts?: string;
	/** Accepted knowingly, by whom and why. */
	accepted?: { reason: string; initials: string };
};
