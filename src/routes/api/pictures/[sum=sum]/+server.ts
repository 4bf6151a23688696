import { call, notFound, route } from '$lib/server/answer.ts';
import { picturePieces, selectPicture } from '$lib/server/db/pictures.ts';
import { streamOf } from '$lib/server/stream.ts';
import { there } from '$core/units/there.ts';

export const { GET, fallback } = route({
	GET: call({
		answer: async ({ db, params }) => {
			const sum = there(params.sum, 'sum');
			const picture = await selectPicture(db, sum);
			if (!picture) return notFound;
			return new Response(streamOf(picturePieces(db, sum, picture.size)), {
				headers: {
					'content-type': picture.type,
					'content-length': String(picture.size),
					'cache-control': 'public, max-age=31536000, immutable',
					'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'; sandbox"
				}
			});
		}
	})
});
