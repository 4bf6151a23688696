import { there } from '$core/units/there.ts';
import { call, route } from '$lib/server/answer.ts';
import { postPlay } from '$lib/server/trainer.ts';

export const { POST, fallback } = route({
	POST: call({ answer: ({ db, params }) => postPlay(db, there(params.case, 'case')) })
});
