import type { RequestHandler } from './$types';
import { onlyMethods, respond } from '$lib/server/answer.ts';
import { database } from '$lib/server/db/connection.ts';
import { selectPicture } from '$lib/server/db/pictures.ts';
import { notFound } from '$lib/server/jobs.ts';

export const GET: RequestHandler = async ({ params }) => {
	const picture = await selectPicture(database(), params.sum);
	if (!picture) return respond(notFound);
	return new Response(Buffer.from(picture.bytes), {
		headers: {
			'content-type': picture.type,
			'cache-control': 'public, max-age=31536000, immutable',
			'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'; sandbox"
		}
	});
};

export const fallback = onlyMethods('GET');
