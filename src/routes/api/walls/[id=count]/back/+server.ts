import { call, route } from '$lib/server/answer.ts';
import { postBack } from '$lib/server/walls.ts';

export const { POST, fallback } = route({ POST: call({ answer: ({ db, params }) => postBack(db, Number(params.id)) }) });
