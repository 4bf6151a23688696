import type { RequestHandler } from './$types';
import { onlyMethods, respond } from '$lib/server/answer.ts';
import { database } from '$lib/server/db/connection.ts';
import { PICTURE_MOST, postPicture } from '$lib/server/pictures.ts';
import { readBytes } from '$lib/server/validation/body.ts';

export const POST: RequestHandler = async ({ request }) =>
	respond(await postPicture(database(), request.headers.get('content-type') ?? '', await readBytes(request, PICTURE_MOST)));

export const fallback = onlyMethods('POST');
