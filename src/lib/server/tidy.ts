/** What clears itself away: a photograph that no job came to name. */
import type { Database } from './db/database.ts';
import { deleteUnnamedPictures } from './db/pictures.ts';
import { log, loggable } from './log.ts';

const DAYS = 30;
const EVERY_MS = 12 * 3600 * 1000;
/** Not while the first screens are being opened. */
const FIRST_MS = 60_000;

/** From here on twice a day. @returns what stops it */
export function keepTidy(db: Database): () => void {
	const tidy = () =>
		deleteUnnamedPictures(db, DAYS).then(
			(gone) => gone > 0 && log.info({ pictures: gone }, 'pictures that no job names were cleared away'),
			(error: unknown) => log.warn({ err: loggable(error) }, 'pictures could not be cleared away')
		);
	const first = setTimeout(tidy, FIRST_MS).unref();
	const often = setInterval(tidy, EVERY_MS).unref();
	return () => {
		clearTimeout(first);
		clearInterval(often);
	};
}
