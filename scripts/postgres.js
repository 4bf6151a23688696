/** A PostgreSQL server of our own for the tests, from Debian’s packages: on a private port and folder, and gone afterwards. */
import { spawn, spawnSync } from 'node:child_process';
import { chownSync, existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { installDebian } from './setup.js';

const PACKAGES = '/usr/lib/postgresql';
const START_MS = 30_000;

/** Folder of the newest server’s programs; null where none is installed. */
function programs() {
	const versions = existsSync(PACKAGES) ? readdirSync(PACKAGES) : [];
	const found = versions
		.sort((one, other) => Number(other) - Number(one))
		.map((version) => join(PACKAGES, version, 'bin'))
		.find((folder) => existsSync(join(folder, 'initdb')));
	return found ?? null;
}

export async function installPostgres() {
	if (!programs()) await installDebian('The database tests', ['postgresql']);
}

/** @returns its address, for the databases that tests make in it, what restarts it, and what stops it and removes its folder */
export async function startPostgres() {
	const bin = programs();
	if (!bin) throw new Error('PostgreSQL is not installed.');
	const folder = mkdtempSync(join(tmpdir(), 'rare-keep-postgres-'));
	const as = owner();
	if (as.uid !== undefined) chownSync(folder, as.uid, as.gid);
	const data = join(folder, 'data');
	const made = spawnSync(join(bin, 'initdb'), ['-D', data, '-U', 'keep', '--auth=trust', '--encoding=UTF8', '--no-sync'], {
		...as,
		cwd: folder,
		encoding: 'utf8'
	});
	if (made.status !== 0) throw new Error(`initdb: ${made.stderr}`);
	const port = await freePort();
	// Nothing of it has to outlive the machine.
	const settings = ['listen_addresses=127.0.0.1', `port=${port}`, 'unix_socket_directories=', 'fsync=off', 'max_connections=200'];
	const start = async () => {
		const server = spawn(join(bin, 'postgres'), ['-D', data, ...settings.flatMap((setting) => ['-c', setting])], {
			...as,
			cwd: folder,
			stdio: ['ignore', 'ignore', 'pipe']
		});
		let said = '';
		server.stderr.on('data', (chunk) => (said = (said + chunk).slice(-4000)));
		const ended = new Promise((resolve) => server.once('exit', resolve));
		for (const until = Date.now() + START_MS; !said.includes('ready to accept connections'); await pause(20)) {
			if (server.exitCode !== null || Date.now() > until) {
				server.kill('SIGINT');
				await ended;
				throw new Error(`PostgreSQL did not start: ${said}`);
			}
		}
		return {
			pid: server.pid,
			end: async (signal) => {
				if (server.exitCode === null && server.signalCode === null) server.kill(signal);
				await ended;
			}
		};
	};
	let running = await start().catch((error) => {
		rmSync(folder, { recursive: true, force: true });
		throw error;
	});
	const stop = async () => {
		await running.end('SIGINT');
		rmSync(folder, { recursive: true, force: true });
	};
	process.once('exit', () => spawnSync('kill', ['-QUIT', String(running.pid)]));
	return {
		url: `postgres://keep@127.0.0.1:${port}/postgres`,
		stop,
		/** SIGINT: every connection is broken off; SIGKILL: as by a fault. On the same port and folder afterwards. */
		restart: async (signal = 'SIGINT') => {
			await running.end(signal);
			// Of one that was killed its children may still hold the memory that they share.
			for (const until = Date.now() + START_MS; ; await pause(100)) {
				const again = await start().catch((error) => error);
				if (!(again instanceof Error)) return void (running = again);
				if (Date.now() > until) throw again;
			}
		}
	};
}

/** It refuses to run as root: there it runs as the user that its package made. */
function owner() {
	if (process.getuid?.() !== 0) return {};
	const idOf = (flag) => Number(spawnSync('id', [flag, 'postgres'], { encoding: 'utf8' }).stdout);
	return { uid: idOf('-u'), gid: idOf('-g') };
}

function freePort() {
	return new Promise((resolve, reject) => {
		const probe = createServer().once('error', reject);
		probe.listen(0, '127.0.0.1', () => {
			const { port } = probe.address();
			probe.close(() => resolve(port));
		});
	});
}
