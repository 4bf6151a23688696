import { call, route } from '$lib/server/answer.ts';
import { PICTURE_MOST, postPicture } from '$lib/server/pictures.ts';
import { bytes } from '$lib/server/validation/body.ts';

export const { POST, fallback } = route({
	POST: call({
		body: bytes(PICTURE_MOST, 'This picture is larger than 8 MB.'),
		answer: ({ db, headers, body }) => postPicture(db, headers.get('content-type') ?? '', body)
	})
});
