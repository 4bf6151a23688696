/** Days as they are written: 2026-03-14. */

/** Whether it is a day that there is: 2026-02-31 is none. */
export function isDay(text: string): boolean {
	if (!/^\d{4}-\d{2}-\d{2}$/.test(text) || text < '1000') return false;
	const day = new Date(`${text}T00:00:00Z`);
	return !Number.isNaN(day.getTime()) && day.toISOString().startsWith(text);
}
