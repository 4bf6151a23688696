import Joi from 'joi';
import { call, route } from '$lib/server/answer.ts';
import { health } from '$lib/server/health.ts';

const asked = Joi.object<{ full?: string }>({
	full: Joi.string().valid('', 'true').messages({ '*': 'Use ?full.' })
});

export const { GET, fallback } = route({
	GET: call({ query: asked, answer: ({ db, query }) => health(db, query.full !== undefined) })
});
