import Joi from 'joi';
import { readJobNumber } from '$core/job/number.ts';
import { there } from '$core/units/there.ts';
import { call, route } from '$lib/server/answer.ts';
import { getBench, postBench } from '$lib/server/bench.ts';
import { BODY_MOST, writtenJson } from '$lib/server/validation/body.ts';
import { afterEvent } from '$lib/server/validation/query.ts';

const asked = Joi.object<{ after: number }>({ after: afterEvent });
const numberOf = (params: Record<string, string>): number =>
	there(readJobNumber(there(params.number, 'number')), 'read job number');

export const { GET, POST, fallback } = route({
	GET: call({ query: asked, answer: ({ db, params, query }) => getBench(db, numberOf(params), query.after) }),
	POST: call({
		query: asked,
		body: writtenJson(BODY_MOST),
		answer: ({ db, params, query, body }) => postBench(db, numberOf(params), body, query.after)
	})
});
