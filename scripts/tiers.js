/** The tiers of the core, the lowest first: a file imports from its own and from those before it (docs/architecture.md). */
export const TIERS = [
	['units', 'geometry'],
	['shop', 'job'],
	['figures', 'figures.ts'],
	['rule'],
	['stations'],
	['judge'],
	['decide.ts', 'plan.ts'],
	['advice'],
	['nesting', 'wall'],
	['views']
];
