/** Every rule, in the order of the work. */
import { backRules } from '../stations/back/rules.ts';
import { climateRules } from '../stations/climate/rules.ts';
import { cuttingRules } from '../stations/cut/rules.ts';
import { frameRules } from '../stations/frame/rules.ts';
import { guardRules } from '../stations/guard/rules.ts';
import { hangRules } from '../stations/hang/rules.ts';
import { holdRules } from '../stations/hold/rules.ts';
import { intakeRules } from '../stations/intake/rules.ts';
import { lightRules } from '../stations/light/rules.ts';
import { measureRules } from '../stations/measure/rules.ts';
import { packRules } from '../stations/pack/rules.ts';
import { windowRules } from '../stations/window/rules.ts';
import type { Rule } from '../rule/rule.ts';

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
	...climateRules,
	...lightRules
];
