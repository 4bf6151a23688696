import { readJobNumber } from '$core/job/number.ts';
import { call, file, route } from '$lib/server/answer.ts';
import { drawingOf, type Sheet } from '$lib/server/drawings.ts';
import { ofRevision } from '$lib/server/validation/query.ts';
import { there } from '$core/units/there.ts';

export const { GET, fallback } = route({
	GET: call({
		query: ofRevision,
		answer: async ({ db, params, query }) => {
			const drawn = await drawingOf(
				db,
				there(readJobNumber(there(params.number, 'number')), 'read job number'),
				query.rev,
				params.sheet as Sheet,
				'svg'
			);
			if (!drawn.ok) return drawn.answer;
			return file(drawn.text, 'image/svg+xml');
		}
	})
});
