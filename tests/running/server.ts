/** The production build, started as a person starts it, on a data folder and a port of its own. */
import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { JobFile } from '../../core/job/definition.ts';

export type Server = {
	address: string;
	process: ChildProcess;
	/** What it wrote on standard error, the log among it. */
	said: () => string;
	stop: (signal?: NodeJS.Signals) => Promise<number | null>;
};

/** The data folder of a house in which there is nothing yet. */
export function newFolder(): string {
	const folder = emptyFolder();
	// The commands that test and measure set it; a folder without it is made at the first start.
	if (process.env.TEST_HOUSE) cpSync(join(process.env.TEST_HOUSE, 'folder'), folder, { recursive: true });
	return folder;
}

export function emptyFolder(): string {
	return mkdtempSync(join(tmpdir(), 'rare-keep-data-'));
}

export function removeFolder(folder: string): void {
	rmSync(folder, { recursive: true, force: true, maxRetries: 5 });
}

/** What runs for seconds does not earn back what optimising it costs: a server starts and answers in two thirds of the time. */
export const SHORT_LIVED = ['--wasm-lazy-compilation', '--liftoff-only', '--interrupt-budget=400000'];

/** Starts the server; resolves once it says where it listens, rejects with what it said when it ends instead. */
export async function startServer(
	folder: string,
	port = 0,
	settings: Record<string, string> = {},
	{ script = 'start', flags = SHORT_LIVED }: { script?: 'start' | 'demo'; flags?: readonly string[] } = {}
): Promise<Server> {
	const child = spawn(process.execPath, [...flags, `scripts/${script}.js`], {
		env: { ...process.env, DATA_DIR: folder, PORT: String(port), NODE_OPTIONS: '', ...settings },
		stdio: ['ignore', 'pipe', 'pipe']
	});
	let [out, err] = ['', ''];
	child.stderr.on('data', (chunk: Buffer) => (err += chunk.toString()));
	const address = await new Promise<string>((resolve, reject) => {
		child.stdout.on('data', (chunk: Buffer) => {
			out += chunk.toString();
			const said = /http:\/\/\S+/.exec(out);
			if (said) resolve(said[0]);
		});
		child.once('exit', (code) => reject(Object.assign(new Error(err.trim()), { code })));
	});
	return {
		address,
		process: child,
		said: () => err + out,
		stop: async (signal = 'SIGTERM') => {
			if (child.exitCode !== null || child.signalCode !== null) return child.exitCode;
			const ended = once(child, 'exit');
			child.kill(signal);
			return ((await ended) as [number | null])[0];
		}
	};
}

export function send(address: string, method: string, path: string, body: unknown, headers: Record<string, string> = {}) {
	return fetch(address + path, {
		method,
		// A connection that lay idle may be closed just as it is used again.
		headers: { 'content-type': 'application/json', connection: 'close', ...headers },
		body: typeof body === 'string' ? body : JSON.stringify(body)
	});
}

/** Keeps a job. @returns its number */
export async function keepJob(address: string, job: JobFile): Promise<string> {
	const response = await send(address, 'POST', '/api/jobs', job);
	if (response.status !== 201) throw new Error(`${response.status}: ${await response.text()}`);
	return ((await response.json()) as { number: string }).number;
}
