/** A stand-in for the light meter: what one would show at a typical place, a little different each time, in its own steps. */
import Joi from 'joi';
import { ROOMS, SOURCES, type RoomId } from '$core/shop/places.ts';
import { faults, type Answer } from '../answer.ts';

export const meterSchema = Joi.object({
	room: Joi.string()
		.valid(...Object.keys(ROOMS), 'other')
		.required()
});

/** A hand never holds it twice in the same place. */
const SPREAD = 0.06;

/** @param random 0 to 1 */
export function readingAt(room: RoomId, random: () => number): { lux: number; uv: number } {
	const { lux, source } = ROOMS[room];
	const shown = (value: number) => {
		const read = value * (1 + SPREAD * (2 * random() - 1));
		const step = read >= 1000 ? 10 : read >= 100 ? 1 : 0.1;
		return Number((Math.round(read / step) * step).toFixed(1));
	};
	return { lux: shown(lux), uv: shown(SOURCES[source].uv) };
}

export function readMeter(body: unknown): Answer {
	const { error } = meterSchema.validate(body);
	if (error)
		return faults(400, [
			{ path: 'room', says: `State where the meter is held: ${[...Object.keys(ROOMS), 'other'].join(', ')}.` }
		]);
	const { room } = body as { room: RoomId | 'other' };
	return { status: 200, body: { ...readingAt(room === 'other' ? 'living-room' : room, Math.random), simulated: true } };
}
