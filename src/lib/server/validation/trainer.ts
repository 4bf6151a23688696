/** What the judge is asked with: whose try it is, and whether the fault is to be told. */
import Joi from 'joi';
import { checked, type Checked } from './checked.ts';
import { SENTENCES } from './sentences.ts';

type Asked = { by: string; tell: boolean };

export const judgeSchema = Joi.object({
	by: Joi.string().allow('').max(8).default(''),
	tell: Joi.boolean().default(false)
}).messages(SENTENCES);

export const checkJudge = (body: unknown): Checked<Asked> => checked<Asked>(judgeSchema, body);
