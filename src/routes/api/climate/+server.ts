import { call, route } from '$lib/server/answer.ts';
import { climateOfBody } from '$lib/server/climate.ts';
import { writtenJson } from '$lib/server/validation/body.ts';
import { CLIMATE_BODY_MOST } from '$lib/server/validation/climate.ts';

export const { POST, fallback } = route({
	POST: call({ keepsNothing: true, body: writtenJson(CLIMATE_BODY_MOST), answer: ({ db, body }) => climateOfBody(db, body) })
});
