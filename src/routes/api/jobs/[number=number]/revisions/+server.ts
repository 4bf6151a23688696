import type { RequestHandler } from './$types';
import { onlyMethods, respond } from '$lib/server/answer.ts';
import { database } from '$lib/server/db/connection.ts';
import { getRevisions } from '$lib/server/jobs.ts';

export const GET: RequestHandler = async ({ params }) => respond(await getRevisions(database(), params.number));

export const fallback = onlyMethods('GET');
