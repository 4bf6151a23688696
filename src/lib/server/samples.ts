/** Pieces to look at, put on the rack of a house that has none: jobs like any other, which may be changed and archived. */
import type { JobFile } from '$core/job/definition.ts';
import { faults, type Answer } from './answer.ts';
import type { Database } from './db/database.ts';
import { selectJobs } from './db/jobs.ts';
import { postJob } from './jobs.ts';
import { postPicture } from './pictures.ts';

/** @param pictures SVG text of what the pieces show, each found again by its sum */
export async function postSamples(db: Database, files: readonly JobFile[], pictures: readonly string[]): Promise<Answer> {
	const { jobs } = await selectJobs(db, { find: '', after: null, state: null, order: 'newest' });
	if (jobs.length > 0) return faults(409, [{ path: '', says: 'There are pieces here already. Samples are for an empty shop.' }]);
	for (const picture of pictures) {
		const answer = await postPicture(db, 'image/svg+xml', Buffer.from(picture));
		if (answer.status !== 201) return answer;
	}
	for (const file of files) {
		const answer = await postJob(db, file);
		if (answer.status !== 201) return answer;
	}
	return { status: 201, body: { pieces: files.length } };
}
