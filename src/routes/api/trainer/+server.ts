import { call, route } from '$lib/server/answer.ts';
import { getTrainer } from '$lib/server/trainer.ts';

export const { GET, fallback } = route({ GET: call({ answer: ({ db }) => getTrainer(db) }) });
