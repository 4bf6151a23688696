/** How long others wait while somebody writes or reads what is large. */
import { randomBytes, randomUUID } from 'node:crypto';
import { setTimeout as pause } from 'node:timers/promises';
import { workedJob } from '../jobs.ts';
import { keepJob, send, type Server } from './server.ts';

/** The middle, nineteen of twenty, and the longest, ms. */
export type Waits = { count: number; p50: number; p95: number; most: number };
export type HeldUp = { what: string; tookMs: number; health: Waits; page: Waits };

const MB = 1024 * 1024;

export const LARGE: Record<string, (server: Server, number: string) => Promise<() => Promise<Response[]>>> = {
	'a picture of 8 MB is kept': async ({ address }) => {
		const body = Buffer.concat([Buffer.from('89504e470d0a1a0a', 'hex'), randomBytes(8 * MB - 100)]);
		return async () => [
			await fetch(`${address}/api/pictures`, { method: 'POST', headers: { 'content-type': 'image/png' }, body })
		];
	},
	'a picture of 8 MB is read': async ({ address }) => {
		const body = Buffer.concat([Buffer.from('89504e470d0a1a0a', 'hex'), randomBytes(8 * MB - 100)]);
		const kept = await fetch(`${address}/api/pictures`, { method: 'POST', headers: { 'content-type': 'image/png' }, body });
		const place = kept.headers.get('location')!;
		return async () => {
			const answer = await fetch(address + place);
			if ((await answer.clone().arrayBuffer()).byteLength !== body.length) throw new Error('The picture is not whole.');
			return [answer];
		};
	},
	'a room of 400 000 readings is kept': async ({ address }) => {
		const readings = Array.from({ length: 400_000 }, (_, hour) => [hour / 20, 50 + (hour % 100) / 10, 20]);
		const body = JSON.stringify({ name: `Room ${randomUUID().slice(0, 8)}`, begins: '2025-01-01', readings });
		return async () => [await send(address, 'POST', '/api/rooms', body)];
	},
	'a logger’s file of 15 MB of quotes is refused': async ({ address }) => {
		const body = '"'.repeat(15 * MB);
		return async () => [
			await fetch(`${address}/api/rooms?name=Quotes`, { method: 'POST', headers: { 'content-type': 'text/csv' }, body })
		];
	},
	'a logger’s file of 15 MB of line ends is refused': async ({ address }) => {
		const body = '\n'.repeat(15 * MB);
		return async () => [
			await fetch(`${address}/api/rooms?name=Ends`, { method: 'POST', headers: { 'content-type': 'text/csv' }, body })
		];
	},
	'500 events from the bench, twelve times at once': async ({ address }, number) => {
		await send(address, 'POST', `/api/jobs/${number}/bench`, { events: [eventOf({ kind: 'begun', rev: 1 })] });
		const bodies = Array.from({ length: 12 }, () => ({
			events: Array.from({ length: 500 }, () => eventOf({ kind: 'ticked', what: 'paste', on: true }))
		}));
		return () => Promise.all(bodies.map((body) => send(address, 'POST', `/api/jobs/${number}/bench?after=999999999`, body)));
	}
};

const eventOf = (deed: object) => ({ id: randomUUID(), by: 'PA', ageMs: 0, deed });

/** Does it while `/health` and the page of a job are asked for all the time. @param look at what is answered */
export async function heldUp(server: Server, what: string, look: (answers: Response[]) => void): Promise<HeldUp> {
	const number = await keepJob(server.address, workedJob({ title: 'Beside' }));
	const act = await LARGE[what]!(server, number);
	const paths = { health: '/health', page: `/jobs/${number}` };
	// What is asked for the first time is made ready then.
	for (const path of Object.values(paths))
		for (let times = 0; times < 5; times += 1) await (await fetch(server.address + path)).text();
	let isOver = false;
	const watch = async (path: string): Promise<number[]> => {
		const times: number[] = [];
		do {
			const began = performance.now();
			const answer = await fetch(server.address + path);
			await answer.text();
			if (!answer.ok) throw new Error(`${path}: ${answer.status}`);
			times.push(performance.now() - began);
			await pause(5);
		} while (!isOver);
		return times;
	};
	const watched = Promise.all([watch(paths.health), watch(paths.page)]);
	const began = performance.now();
	look(await act());
	const tookMs = performance.now() - began;
	isOver = true;
	const [health, page] = await watched;
	return { what, tookMs, health: waitsOf(health), page: waitsOf(page) };
}

function waitsOf(times: number[]): Waits {
	const sorted = times.toSorted((one, other) => one - other);
	const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))]!;
	return { count: sorted.length, p50: at(0.5), p95: at(0.95), most: sorted.at(-1)! };
}
