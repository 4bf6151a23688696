import { call, route } from '$lib/server/answer.ts';
import { getRoom } from '$lib/server/rooms.ts';
import { there } from '$core/units/there.ts';

export const { GET, fallback } = route({ GET: call({ answer: ({ db, params }) => getRoom(db, there(params.id, 'id')) }) });
