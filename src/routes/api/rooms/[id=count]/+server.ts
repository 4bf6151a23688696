import type { RequestHandler } from './$types';
import { onlyMethods, respond } from '$lib/server/answer.ts';
import { database } from '$lib/server/db/connection.ts';
import { getRoom } from '$lib/server/rooms.ts';

export const GET: RequestHandler = async ({ params }) => respond(await getRoom(database(), params.id));

export const fallback = onlyMethods('GET');
