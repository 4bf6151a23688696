import { centred } from '$core/views/bench/centring.ts';
import { call, faults, route } from '$lib/server/answer.ts';
import { json } from '$lib/server/validation/body.ts';
import { checkCentre } from '$lib/server/validation/centre.ts';

export const { POST, fallback } = route({
	POST: call({
		keepsNothing: true,
		body: json(),
		answer: ({ body }) => {
			const read = checkCentre(body);
			return read.ok ? { status: 200, body: centred(read.value) } : faults(400, read.faults);
		}
	})
});
