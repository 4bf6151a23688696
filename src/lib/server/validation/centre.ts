/** What `POST /api/centre` and `core centre` are given: eight readings, what they should be, and what the frame leaves. */
import Joi from 'joi';
import { READING_PLACES, type CentringAsked } from '$core/views/bench/centring.ts';
import { LONGEST_MM } from '$core/units/length.ts';
import { checked, type Checked } from './checked.ts';
import { SENTENCES } from './sentences.ts';

const length = Joi.number().min(0).less(LONGEST_MM).required();
const size = Joi.object({ width: length, height: length });
const span = Joi.number().greater(0).less(LONGEST_MM).required();

/** The eight readings, each in mm. */
export const readingsSchema = Joi.object(Object.fromEntries(READING_PLACES.map((place) => [place, length])));

export const centreSchema = Joi.object({
	targets: Joi.object({ top: length, right: length, bottom: length, left: length }).required(),
	readings: readingsSchema.required(),
	spans: Joi.object({ width: span, height: span }).required(),
	pack: Joi.object({ width: span, height: span }),
	allowance: size.required(),
	step: Joi.number().min(0).max(25.4)
}).messages(SENTENCES);

/** Every fault with its path: `readings.rb`. */
export const checkCentre = (body: unknown): Checked<CentringAsked> => checked<CentringAsked>(centreSchema, body);
