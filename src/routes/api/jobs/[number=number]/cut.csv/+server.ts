import { readJobNumber } from '$core/job/number.ts';
import { call, file, route } from '$lib/server/answer.ts';
import { cutListOf } from '$lib/server/drawings.ts';
import { there } from '$core/units/there.ts';

export const { GET, fallback } = route({
	GET: call({
		answer: async ({ db, params }) => {
			const list = await cutListOf(db, there(readJobNumber(there(params.number, 'number')), 'read job number'));
			return list.ok ? file(list.text, 'text/csv; charset=utf-8', `${params.number}-cut.csv`) : list.answer;
		}
	})
});
