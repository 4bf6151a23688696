/** One process owns a data folder: PGlite does not check, and two writers would ruin its files. */
import { existsSync, linkSync, mkdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

export class LockedError extends Error {
	constructor(folder: string, pid: number) {
		super(`The data folder ${folder} is in use by process ${pid}. Stop that one first, or give another DATA_DIR.`);
		this.name = 'LockedError';
	}
}

/** Takes the lock, or takes it over from a process that is dead. @returns what gives it back @throws LockedError */
export function takeLock(folder: string): () => void {
	mkdirSync(folder, { recursive: true });
	const lock = join(folder, 'lock');
	const mine = join(folder, `lock.${process.pid}`);
	writeFileSync(mine, `${process.pid} ${startOf(process.pid)}\n`);
	try {
		for (let tries = 0; tries < 5; tries += 1) {
			if (linked(mine, lock)) return () => giveBack(lock);
			const held = read(lock);
			if (held && isAlive(held)) throw new LockedError(folder, held.pid);
			takeAway(lock, held?.text ?? '', join(folder, `lock.${process.pid}.stale`));
		}
		throw new LockedError(folder, read(lock)?.pid ?? 0);
	} finally {
		rmSync(mine, { force: true });
	}
}

type Held = { pid: number; start: string; text: string };

/** A hard link is made or refused in one step, whoever else tries at the same time. */
function linked(from: string, to: string): boolean {
	try {
		linkSync(from, to);
		return true;
	} catch (error) {
		if ((error as NodeJS.ErrnoException).code === 'EEXIST') return false;
		throw error;
	}
}

function read(lock: string): Held | null {
	try {
		const text = readFileSync(lock, 'utf8');
		const [pid, start = ''] = text.trim().split(' ');
		return { pid: Number(pid), start, text };
	} catch {
		return null;
	}
}

/** Moves a dead process's lock away; one that another start has just made is put back. */
function takeAway(lock: string, seen: string, stale: string): void {
	try {
		renameSync(lock, stale);
	} catch {
		return;
	}
	if (readFileSync(stale, 'utf8') !== seen) linked(stale, lock);
	rmSync(stale, { force: true });
}

function isAlive({ pid, start }: Held): boolean {
	if (!Number.isInteger(pid) || pid <= 0) return false;
	try {
		process.kill(pid, 0);
	} catch (error) {
		return (error as NodeJS.ErrnoException).code === 'EPERM';
	}
	// The number may have been given to another process since.
	const now = startOf(pid);
	return start === '' || now === '' || now === start;
}

/** When a process started, in the kernel's ticks; empty where the system does not say. */
function startOf(pid: number): string {
	const stat = `/proc/${pid}/stat`;
	if (!existsSync(stat)) return '';
	return readFileSync(stat, 'utf8').split(') ').at(-1)!.split(' ')[19] ?? '';
}

function giveBack(lock: string): void {
	if (read(lock)?.pid === process.pid) rmSync(lock, { force: true });
}
