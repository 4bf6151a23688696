/**
 * What breaks, the whole count: a PostgreSQL server that goes and comes back, the embedded house killed, large writes beside others, memory.
 * `FEWER=10` takes a tenth of the times.
 */
import { readFileSync } from 'node:fs';
import { workedJob } from '../tests/jobs.ts';
import { comesAndGoes, type Fault } from '../tests/running/comes-and-goes.ts';
import { heldUp, LARGE } from '../tests/running/held-up.ts';
import { keepJob, newFolder, removeFolder, send, startServer } from '../tests/running/server.ts';
import { line } from './report.ts';

const FEWER = Number(process.env.FEWER ?? 1);
const times = (all: number) => Math.max(1, Math.round(all / FEWER));
const FLAGS = { flags: [] };

const [FIRST_ANSWER_MS, RESTART_MS, BESIDE_MS, REFUSED_MS] = [5000, 5000, 100, 2000];
const [KILLS, FEW, MANY, MEMORY_GROWTH] = [200, 2000, 20_000, 0.1];

for (const [fault, all] of Object.entries({ restarted: 50, terminated: 50, killed: 20 } satisfies Record<Fault, number>)) {
	const count = times(all);
	const { alive, lost, backMs, kept } = await comesAndGoes(fault as Fault, count);
	line(
		`PostgreSQL ${fault} ${count} times`,
		`alive ${alive}, ${kept} kept, lost ${lost.length}`,
		(count - alive + lost.length) * 2,
		'0 lost'
	);
	const longest = Math.max(...backMs);
	line(
		'  first answer after it is back',
		`${longest.toFixed(0)} ms at the most`,
		longest / FIRST_ANSWER_MS,
		`${FIRST_ANSWER_MS} ms`
	);
}

await killed(times(KILLS));
await besideLarge();
await memory();

/** The embedded house, killed right after an answered save. */
async function killed(count: number): Promise<void> {
	const folder = newFolder();
	let server = await startServer(folder, 0, {}, FLAGS);
	const number = await keepJob(server.address, workedJob({ title: 'Revision 1' }));
	let [lost, longest] = [0, 0];
	for (let rev = 1; rev <= count; rev += 1) {
		const put = await send(server.address, 'PUT', `/api/jobs/${number}`, workedJob({ title: `Revision ${rev + 1}` }), {
			'if-match': `"${rev}"`
		});
		if (put.status !== 200) throw new Error(`Revision ${rev}: ${put.status}`);
		server.process.kill('SIGKILL');
		const began = performance.now();
		server = await startServer(folder, 0, {}, FLAGS);
		const { job } = (await (await fetch(`${server.address}/api/jobs/${number}`)).json()) as { job: { title: string } };
		longest = Math.max(longest, performance.now() - began);
		if (job.title !== `Revision ${rev + 1}`) lost += 1;
	}
	await server.stop();
	removeFolder(folder);
	line(`embedded, killed ${count} times`, `lost ${lost}`, lost * 2, '0 lost');
	line('  start to first answer', `${longest.toFixed(0)} ms at the most`, longest / RESTART_MS, `${RESTART_MS} ms`);
}

async function besideLarge(): Promise<void> {
	const folder = newFolder();
	const server = await startServer(folder, 0, {}, FLAGS);
	for (const what of Object.keys(LARGE)) {
		const { tookMs, health, page } = await heldUp(server, what, () => {});
		console.log(`${what}: ${tookMs.toFixed(0)} ms`);
		for (const [name, waits] of Object.entries({ '/health': health, 'page of a job': page }))
			line(
				`  ${name} beside it`,
				`p50 ${waits.p50.toFixed(0)} ms, p95 ${waits.p95.toFixed(0)} ms of ${waits.count}`,
				waits.p95 / BESIDE_MS,
				`${BESIDE_MS} ms`
			);
		if (what.endsWith('refused'))
			line('  until it is refused', `${tookMs.toFixed(0)} ms`, tookMs / REFUSED_MS, `${REFUSED_MS} ms`);
	}
	await server.stop();
	removeFolder(folder);
}

/** What the process holds after many requests, beside after a few. */
async function memory(): Promise<void> {
	const folder = newFolder();
	const server = await startServer(folder, 0, {}, FLAGS);
	const number = await keepJob(server.address, workedJob());
	const paths = ['/', `/jobs/${number}`, '/api/jobs', `/api/jobs/${number}`, '/health'];
	const ask = async (from: number, to: number) => {
		for (let count = from; count < to; count += 8)
			await Promise.all(
				Array.from({ length: 8 }, async (_, at) =>
					(await fetch(server.address + paths[(count + at) % paths.length]!)).arrayBuffer()
				)
			);
	};
	const megabytes = () => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.process.pid}/status`, 'utf8'))![1]) / 1024;
	await ask(0, times(FEW));
	const few = megabytes();
	await ask(times(FEW), times(MANY));
	const many = megabytes();
	line(
		`memory after ${times(MANY)} requests`,
		`${few.toFixed(0)} MB, then ${many.toFixed(0)} MB`,
		(many / few - 1) / MEMORY_GROWTH,
		'10 %'
	);
	await server.stop();
	removeFolder(folder);
}
