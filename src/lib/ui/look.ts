/** The two looks: by day, and the bench light. The system's wish holds until somebody chooses here. */

/** Name of the cookie, so that the first page is drawn as it stays. */
export const LOOK = 'look';
export type Look = 'day' | 'bench';

const YEAR_S = 365 * 24 * 3600;

/** What a cookie says; null: as the system wishes. */
export function lookFrom(cookie: string | undefined): Look | null {
	return cookie === 'day' || cookie === 'bench' ? cookie : null;
}

/** In the browser: the other look, kept for the next page. */
export function changeLook(): void {
	const root = document.documentElement;
	const next: Look = lookNow() === 'bench' ? 'day' : 'bench';
	root.dataset.look = next;
	document.cookie = `${LOOK}=${next}; path=/; max-age=${YEAR_S}; samesite=lax`;
}

function lookNow(): Look {
	const chosen = lookFrom(document.documentElement.dataset.look);
	const wished = matchMedia('(prefers-color-scheme: dark), (prefers-contrast: more)').matches;
	return chosen ?? (wished ? 'bench' : 'day');
}
