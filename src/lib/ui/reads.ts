/** Which unit one reads is the browser's, not the job's: a cookie, so that papers come from the server in it. */
import type { Unit } from '$core/units/length.ts';

export const READS = 'reads';
/** What pages that are open ask for anew when it changes. */
export const READS_CHANGED = 'rare-keep:reads';
const A_YEAR = 31_536_000;

export function unitFrom(text: string | undefined): Unit | null {
	return text === 'mm' || text === 'in' ? text : null;
}

export function rememberUnit(unit: Unit): void {
	document.cookie = `${READS}=${unit}; path=/; max-age=${A_YEAR}; samesite=strict`;
}
