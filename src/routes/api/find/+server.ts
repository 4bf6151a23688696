import Joi from 'joi';
import { call, route } from '$lib/server/answer.ts';
import { findAll } from '$lib/server/find.ts';
import { headings } from '$lib/server/handbook.ts';
import { find } from '$lib/server/validation/query.ts';

const asked = Joi.object<{ find: string }>({ find });

export const { GET, fallback } = route({
	GET: call({ query: asked, answer: ({ db, query }) => findAll(db, query.find, headings()) })
});
