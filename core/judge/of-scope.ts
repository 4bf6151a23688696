/** Which rules a job that is a part is judged by: nothing is said of what somebody else does (handbook intake#parts). */
import type { Scope } from '../job/kinds.ts';
import type { Rule, Station } from '../rule/rule.ts';
import { RULES } from './rules.ts';

type Judged = {
	stations: readonly Station[];
	/** What these ids begin with closes a pack that is not closed here. */ without: readonly string[];
};

const OPEN_PACK = ['glazing.', 'gap.', 'board.backing', 'seal.'];
const BEFORE_FRAME: readonly Station[] = ['intake', 'measure', 'window', 'guard', 'cut'];

const JUDGED: Record<Scope, Judged | null> = {
	whole: null,
	'mat-package': { stations: BEFORE_FRAME, without: OPEN_PACK },
	mount: { stations: [...BEFORE_FRAME, 'hold'], without: OPEN_PACK },
	fit: { stations: ['intake', 'measure', 'window', 'guard', 'pack', 'frame', 'cut', 'back'], without: [] },
	back: { stations: ['intake', 'back'], without: [] },
	hang: { stations: ['intake', 'hang'], without: [] },
	unframe: { stations: ['intake'], without: [] }
};

const OF_SCOPE = new Map<Scope, readonly Rule[]>();

export function rulesOf(scope: Scope): readonly Rule[] {
	const judged = JUDGED[scope];
	if (!judged) return RULES;
	const known = OF_SCOPE.get(scope);
	if (known) return known;
	const { stations, without } = judged;
	const rules = RULES.filter(({ id, station }) => stations.includes(station) && !without.some((begins) => id.startsWith(begins)));
	OF_SCOPE.set(scope, rules);
	return rules;
}
