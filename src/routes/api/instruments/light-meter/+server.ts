import { call, route } from '$lib/server/answer.ts';
import { readMeter } from '$lib/server/instruments/light-meter.ts';
import { json } from '$lib/server/validation/body.ts';

export const { POST, fallback } = route({
	POST: call({ keepsNothing: true, body: json(), answer: ({ body }) => readMeter(body) })
});
