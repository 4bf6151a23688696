import { call, route } from '$lib/server/answer.ts';
import { getRoom } from '$lib/server/rooms.ts';

export const { GET, fallback } = route({ GET: call({ answer: ({ db, params }) => getRoom(db, params.id!) }) });
