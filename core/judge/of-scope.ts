/** Which rules a job that is a part is judged by: nothing is said of what somebody else does (handbook intake#parts). */
import type { Scope } from '../job/kinds.ts';
import type { Rule, Station } from '../rule/rule.ts';
import { RULES } from './rules.ts';

type Judged = {
	stations: readonly Station[];
	/** What these ids begin with closes a pack that is not closed here. */ without: readonly string[];
	/** What is judged of another station. */ also?: readonly string[];
};

const OPEN_PACK = ['glazing.', 'gap.', 'board.backing', 'seal.'];
const BEFORE_FRAME: readonly Station[] = ['intake', 'measure', 'window', 'guard', 'cut'];

const NEW_BOARD = ['board.backing', 'hang.no-back'];

const JUDGED: Record<Scope, Judged | null> = {
	whole: null,
	'mat-package': { stations: BEFORE_FRAME, without: OPEN_PACK },
	mount: { stations: [...BEFORE_FRAME, 'hold'], without: OPEN_PACK },
	fit: { stations: ['intake', 'measure', 'window', 'guard', 'pack', 'frame', 'cut', 'back'], without: [] },
	'fit-hang': { stations: ['intake', 'measure', 'window', 'guard', 'pack', 'frame', 'cut', 'back', 'hang'], without: [] },
	back: { stations: ['intake', 'back'], without: [], also: NEW_BOARD },
	'back-hang': { stations: ['intake', 'back', 'hang'], without: [], also: NEW_BOARD },
	hang: { stations: ['intake', 'hang'], without: [] },
	unframe: { stations: ['intake'], without: [] }
};

const OF_SCOPE = new Map<Scope, readonly Rule[]>();

export function rulesOf(scope: Scope): readonly Rule[] {
	const judged = JUDGED[scope];
	if (!judged) return RULES;
	const known = OF_SCOPE.get(scope);
	if (known) return known;
	const { stations, without, also = [] } = judged;
	const begins = (id: string) => (one: string) => id.startsWith(one);
	const rules = RULES.filter(
		({ id, station }) => (stations.includes(station) && !without.some(begins(id))) || also.some(begins(id))
	);
	OF_SCOPE.set(scope, rules);
	return rules;
}
