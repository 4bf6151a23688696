import { readJobNumber } from '$core/job/number.ts';
import { call, file, route } from '$lib/server/answer.ts';
import { cutListOf } from '$lib/server/drawings.ts';
import { ofRevision } from '$lib/server/validation/query.ts';
import { there } from '$core/units/there.ts';

export const { GET, fallback } = route({
	GET: call({
		query: ofRevision,
		answer: async ({ db, params, query }) => {
			const list = await cutListOf(db, there(readJobNumber(there(params.number, 'number')), 'read job number'), query.rev);
			return list.ok ? file(list.text, 'text/csv; charset=utf-8', `${params.number}-cut.csv`) : list.answer;
		}
	})
});
