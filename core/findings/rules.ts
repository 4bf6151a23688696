/** Every rule, in the order of the work. */
import { backRules } from '../back/rules.ts';
import { climateRules } from '../climate/rules.ts';
import { cuttingRules } from '../cutting/rules.ts';
import { frameRules } from '../frame/rules.ts';
import { guardRules } from '../guard/rules.ts';
import { hangRules } from '../hang/rules.ts';
import { holdRules } from '../hold/rules.ts';
import { intakeRules } from '../intake/rules.ts';
import { measureRules } from '../measure/rules.ts';
import { packRules } from '../pack/rules.ts';
import { windowRules } from '../window/rules.ts';
import type { Rule } from './rule.ts';

export const RULES: readonly Rule[] = [
	...intakeRules,
	...measureRules,
	...windowRules,
	...guardRules,
	...holdRules,
	...packRules,
	...frameRules,
	...cuttingRules,
	...backRules,
	...hangRules,
	...climateRules
];
