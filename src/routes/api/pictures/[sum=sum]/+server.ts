import { call, notFound, route } from '$lib/server/answer.ts';
import { selectPicture } from '$lib/server/db/pictures.ts';
import { there } from '$core/units/there.ts';

export const { GET, fallback } = route({
	GET: call({
		answer: async ({ db, params }) => {
			const picture = await selectPicture(db, there(params.sum, 'sum'));
			if (!picture) return notFound;
			return new Response(Buffer.from(picture.bytes), {
				headers: {
					'content-type': picture.type,
					'cache-control': 'public, max-age=31536000, immutable',
					'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'; sandbox"
				}
			});
		}
	})
});
