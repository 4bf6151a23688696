/** Loads the demo’s pictures, what its shop says of itself, prices, places, shelf, stock, rooms, job files, walls and runs at the bench over HTTP, as any user can. */
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './setup.js';

/** @param {string} address of the running server @param {string} [folder] of the demo’s files */
export async function loadDemo(address, folder = join(root, 'demo')) {
	const send = async (path, type, body, method = 'POST', headers = {}) => {
		const response = await fetch(address + path, { method, headers: { 'content-type': type, ...headers }, body });
		// 409: it is there already, from a load that was cut off.
		if (!response.ok && response.status !== 409) throw new Error(`${path}: ${response.status} ${await response.text()}`);
	};
	const files = (kind) =>
		readdirSync(join(folder, kind))
			.sort()
			.map((name) => [name, readFileSync(join(folder, kind, name))]);
	for (const [, bytes] of files('pictures')) await send('/api/pictures', 'image/svg+xml', bytes);
	for (const key of ['about', 'materials', 'places', 'shelf']) {
		const list = JSON.stringify({ [key]: JSON.parse(readFileSync(join(folder, `${key}.json`), 'utf8')) });
		await send(`/api/shop/${key}`, 'application/json', list, 'PUT', { 'if-match': '"0"' });
	}
	for (const [name, bytes] of files('rooms'))
		await send(`/api/rooms?name=${encodeURIComponent(name.replace('.csv', ''))}`, 'text/csv', bytes);
	// Days from the day on which it is loaded, so that some are late and some are not.
	const wanted = JSON.parse(readFileSync(join(folder, 'wanted.json'), 'utf8'));
	for (const [name, bytes] of files('jobs')) {
		const number = name.replace('.json', '');
		await send(`/api/jobs?number=${number}`, 'application/json', JSON.stringify(withDay(JSON.parse(bytes), wanted[number])));
	}
	// A load that was cut off and is made again writes no sheet twice.
	const { stock, things } = await (await fetch(`${address}/api/stock`)).json();
	for (const line of JSON.parse(readFileSync(join(folder, 'stock.json'), 'utf8')).slice(stock.length + things.length))
		await send('/api/stock', 'application/json', JSON.stringify(line));
	for (const item of JSON.parse(readFileSync(join(folder, 'kept.json'), 'utf8')))
		await send('/api/stock/kept', 'application/json', JSON.stringify(item), 'PUT');
	// Walls carry no number of their own: one that is there by that name is left alone.
	const { walls } = await (await fetch(`${address}/api/walls`)).json();
	for (const [, bytes] of files('walls')) {
		const wall = JSON.parse(bytes);
		if (!walls.some(({ name }) => name === wall.name)) await send('/api/walls', 'application/json', JSON.stringify(wall));
	}
	// Some are at the bench, with what dries; events have ids of their own, so that none counts twice.
	for (const [number, { by, events }] of Object.entries(JSON.parse(readFileSync(join(folder, 'bench.json'), 'utf8')))) {
		const sent = events.map(([minutesAgo, deed], at) => ({ id: idOf(`${number} ${at}`), by, ageMs: minutesAgo * 60_000, deed }));
		await send(`/api/jobs/${number}/bench`, 'application/json', JSON.stringify({ events: sent }));
	}
	// Some are done, so that Today shows where those are.
	for (const [number, state] of Object.entries(JSON.parse(readFileSync(join(folder, 'states.json'), 'utf8'))))
		await send(`/api/jobs/${number}/state`, 'application/json', JSON.stringify({ state }), 'PUT');
}

/** A UUID that is the same for the same words. */
function idOf(words) {
	const hex = createHash('sha256').update(words).digest('hex');
	return [hex.slice(0, 8), hex.slice(8, 12), `4${hex.slice(13, 16)}`, `8${hex.slice(17, 20)}`, hex.slice(20, 32)].join('-');
}

/** A job file that is wanted so many days from now. */
function withDay(job, days) {
	if (days === undefined) return job;
	const day = new Date();
	day.setDate(day.getDate() + days);
	const two = (count) => String(count).padStart(2, '0');
	return { ...job, dates: { ...job.dates, wanted: `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}` } };
}
