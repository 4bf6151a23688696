import Joi from 'joi';
import { call, route } from '$lib/server/answer.ts';
import { eventsFor } from '$lib/server/events.ts';
import { jobNumber } from '$lib/server/validation/query.ts';

const asked = Joi.object<{ job?: number }>({ job: jobNumber });

export const { GET, fallback } = route({
	GET: call({ query: asked, answer: ({ db, query, from }) => eventsFor(db, query.job ?? null, from()) })
});
