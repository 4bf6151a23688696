/** How long air must be how humid for mould to grow, at 20 to 25 °C (handbook climate#mould): working values, an estimate. */

export type Mould = { rh: number; hours: number; after: string };

/** The most humid first: there it comes soonest. */
export const MOULD: readonly Mould[] = [
	{ rh: 85, hours: 14 * 24, after: 'two weeks' },
	{ rh: 80, hours: 30 * 24, after: 'a month' },
	{ rh: 75, hours: 60 * 24, after: 'two months' },
	{ rh: 70, hours: 90 * 24, after: 'three months' },
	{ rh: 65, hours: 365 * 24, after: 'a year' }
];

/** Below this no mould grows. */
export const MOULD_RH = 65;

/** The first limit that a year reaches; null where none. @param hoursAbove in the order of `MOULD` */
export function mouldIn(hoursAbove: readonly number[]): Mould | null {
	return MOULD.find(({ hours }, index) => (hoursAbove[index] ?? 0) >= hours) ?? null;
}

export function mouldSays(hoursAbove: readonly number[]): string {
	const mould = mouldIn(hoursAbove);
	return mould ? `above ${mould.rh} % for ${mould.after} or longer: mould is likely` : 'too dry for mould';
}
