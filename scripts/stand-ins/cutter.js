/** A simulated computer-driven cutter on a local port: it takes a sheet’s cutting file with its plan, makes cut after cut, and can be told to fail half-way. */
import Joi from 'joi';
import { listen, readBody } from './local.js';

const sent = Joi.object({
	id: Joi.string().max(120).required(),
	/** The cutting file, as every program writes it. */
	file: Joi.object({ format: Joi.valid('rare-keep/cutting').required(), version: Joi.valid(1).required() })
		.unknown()
		.required(),
	plan: Joi.object({
		sheets: Joi.array()
			.items(Joi.object({ cuts: Joi.array().items(Joi.object().unknown()).required() }).unknown())
			.length(1)
			.required()
	})
		.unknown()
		.required(),
	from: Joi.number().integer().min(0).required(),
	fail: Joi.boolean().default(false)
});

/**
 * Starts it.
 * @param {{ port?: number, cutMs?: number }} [settings] a free port, and how long one cut takes
 * @returns {Promise<{ address: string, close: () => Promise<void> }>}
 */
export function startCutter({ port = 0, cutMs = 350 } = {}) {
	/** What it has cut of each run: a cut is never made again. */
	const runs = new Map();
	return listen(port, async (request, path) => {
		if (request.method === 'GET' && path === '/') return [200, { device: 'cutter', simulated: true }];
		const [, id] = /^\/runs\/(.+)$/.exec(path) ?? [];
		if (request.method === 'GET' && id !== undefined) {
			const run = runs.get(decodeURIComponent(id));
			return run ? [200, shown(run)] : [404, { says: 'There is no such run.' }];
		}
		if (request.method === 'POST' && path === '/runs') {
			const { value, error } = sent.validate(await readBody(request));
			if (error) return [400, { says: error.message }];
			const known = runs.get(value.id);
			if (known && (known.state === 'cutting' || known.made > value.from)) return [409, shown(known)];
			const run = known ?? { made: value.from, of: value.plan.sheets[0].cuts.length, state: 'cutting', says: '' };
			Object.assign(run, { made: value.from, state: 'cutting', says: '' });
			runs.set(value.id, run);
			const half = value.from + Math.ceil((run.of - value.from) / 2);
			cutNext(run, value.fail ? half : Infinity);
			return [202, shown(run)];
		}
		return [404, { says: 'Nothing is here.' }];
	});

	function cutNext(run, failsAt) {
		if (run.made >= run.of) run.state = 'done';
		else if (run.made >= failsAt) Object.assign(run, { state: 'stopped', says: 'The blade is jammed.' });
		else
			setTimeout(() => {
				run.made += 1;
				cutNext(run, failsAt);
			}, cutMs).unref();
	}
}

const shown = ({ made, of, state, says }) => ({ made, of, state, says });
