/** A simulated supplier on a local port: it takes orders and delivers them whole, in part, late, or with sheets of another size. */
import Joi from 'joi';
import { listen, readBody } from './local.js';

const MODES = ['whole', 'part', 'late', 'wrong-size'];
const order = Joi.object({
	/** The same order, sent again: it is taken once. */
	key: Joi.string().max(80),
	lines: Joi.array()
		.items(
			Joi.object({
				item: Joi.string().max(200).required(),
				count: Joi.number().integer().min(1).required(),
				width: Joi.number().min(0).required(),
				height: Joi.number().min(0).required(),
				leadDays: Joi.number().integer().min(0).required()
			})
		)
		.min(1)
		.required(),
	/** How it delivers, for trying things out. */
	mode: Joi.valid(...MODES).default('whole')
});

/** A sheet of the wrong size is so much smaller. */
const SMALLER = 12;
const LATE_DAYS = 9;

/**
 * Starts it.
 * @param {{ port?: number, today?: () => Date }} [settings]
 * @returns {Promise<{ address: string, close: () => Promise<void> }>}
 */
export function startSupplier({ port = 0, today = () => new Date() } = {}) {
	const orders = new Map();
	/** Names that whoever orders gave. */
	const named = new Map();
	return listen(port, async (request, path) => {
		if (request.method === 'GET' && path === '/') return [200, { service: 'supplier', simulated: true }];
		const [, ref] = /^\/orders\/(.+)$/.exec(path) ?? [];
		if (request.method === 'GET' && ref !== undefined) {
			const known = orders.get(decodeURIComponent(ref));
			return known
				? [200, { due: known.due, says: known.says, deliveries: known.deliveries }]
				: [404, { says: 'There is no such order.' }];
		}
		if (request.method === 'POST' && path === '/orders') {
			const { value, error } = order.validate(await readBody(request));
			if (error) return [400, { says: error.message }];
			const before = value.key && named.get(value.key);
			if (before) return [201, { ref: before, due: orders.get(before).promised }];
			const made = taken(value, today());
			const name = `SIM-${String(orders.size + 1).padStart(4, '0')}`;
			orders.set(name, made);
			if (value.key) named.set(value.key, name);
			return [201, { ref: name, due: made.promised }];
		}
		return [404, { says: 'Nothing is here.' }];
	});
}

function taken({ lines, mode }, today) {
	const promised = dayAfter(today, Math.max(...lines.map(({ leadDays }) => leadDays)));
	const whole = lines.map(({ count, width, height }, line) => ({ line, count, width, height }));
	const by = {
		whole: { due: promised, says: 'All of it is on its way.', deliveries: whole },
		part: {
			due: promised,
			says: 'Part of it is on its way; the rest is out of stock.',
			deliveries: whole.map((one) => ({ ...one, count: Math.floor(one.count / 2) })).filter(({ count }) => count > 0)
		},
		late: {
			due: dayAfter(today, LATE_DAYS + Math.max(...lines.map(({ leadDays }) => leadDays))),
			says: 'It is late.',
			deliveries: []
		},
		'wrong-size': {
			due: promised,
			says: 'All of it is on its way.',
			deliveries: whole.map((one) => (one.width > 0 ? { ...one, width: one.width - SMALLER } : one))
		}
	}[mode];
	return { promised, ...by };
}

function dayAfter(today, days) {
	const day = new Date(today);
	day.setDate(day.getDate() + days);
	const two = (value) => String(value).padStart(2, '0');
	return `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}`;
}
