/** What clears itself away: a photograph that no job came to name, pieces of what was never sent to its end. */
import type { Database } from './db/database.ts';
import { deleteUnnamedPictures } from './db/pictures.ts';
import { deleteLoosePieces } from './db/rooms.ts';
import { log, loggable } from './log.ts';

const DAYS = 30;
/** What is being kept piece by piece is done within a day. */
const LOOSE_DAYS = 1;
const EVERY_MS = 12 * 3600 * 1000;
/** Not while the first screens are being opened. */
const FIRST_MS = 60_000;

/** From here on twice a day. @returns what stops it */
export function keepTidy(db: Database): () => void {
	const tidy = () =>
		clear(db).then(
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

async function clear(db: Database): Promise<number> {
	await deleteLoosePieces(db, LOOSE_DAYS);
	return deleteUnnamedPictures(db, DAYS);
}
