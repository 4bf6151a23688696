/** One process owns a data folder: PGlite does not check, and two writers would ruin its files. */
import { existsSync, linkSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { lastOf } from '$core/units/there.ts';

export class LockedError extends Error {
	constructor(folder: string, pid: number) {
		super(`The data folder ${folder} is in use by process ${pid}. Stop that one first, or set another DATA_DIR.`);
		this.name = 'LockedError';
	}
}

/** So long a process that is ending is waited for, looked at so often. */
const WAIT_MS = 5000;
const LOOK_MS = 50;

/**
 * Takes the lock, or takes it over from a process that is dead; one that is ending is waited for.
 * @returns what gives it back @throws LockedError
 */
export async function takeLock(folder: string): Promise<() => void> {
	mkdirSync(folder, { recursive: true });
	const lock = join(folder, 'lock');
	const mine = join(folder, `lock.${process.pid}`);
	writeFileSync(mine, `${process.pid} ${startOf(process.pid)}\n`);
	try {
		for (const until = Date.now() + WAIT_MS; ; await pause(LOOK_MS)) {
			if (linked(mine, lock)) return () => giveBack(lock);
			const held = read(lock);
			const standing = held ? standingOf(held) : 'dead';
			if (held && (standing === 'alive' || (standing === 'ending' && Date.now() > until)))
				throw new LockedError(folder, held.pid);
			if (standing === 'dead') takeAway(lock, held?.text ?? '', join(folder, `lock.${process.pid}.stale`));
		}
	} finally {
		rmSync(mine, { force: true });
	}
}

/** Says in this process's locks that it is ending: whoever starts meanwhile waits. */
export function markEnding(folder: string): void {
	const lock = join(folder, 'lock');
	const held = read(lock);
	if (held?.pid !== process.pid || held.isEnding) return;
	const next = join(folder, `lock.${process.pid}.ending`);
	writeFileSync(next, `${held.text.trim()} ending\n`);
	renameSync(next, lock);
}

type Held = { pid: number; start: string; isEnding: boolean; text: string };

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
		const [pid, start = '', ending] = text.trim().split(' ');
		return { pid: Number(pid), start, isEnding: ending === 'ending', text };
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

function standingOf({ pid, start, isEnding }: Held): 'alive' | 'ending' | 'dead' {
	if (!Number.isInteger(pid) || pid <= 0) return 'dead';
	try {
		process.kill(pid, 0);
	} catch (error) {
		if ((error as NodeJS.ErrnoException).code !== 'EPERM') return 'dead';
	}
	const seen = seenInKernel(pid);
	// Where the system does not say, only its own word counts.
	if (!seen) return isEnding ? 'ending' : 'alive';
	// The number may have been given to another process since.
	if (start !== '' && seen.start !== start) return 'dead';
	if (seen.isDead) return 'dead';
	return isEnding || seen.isEnding ? 'ending' : 'alive';
}

/** Flag of a process that is on its way out, and the bit of SIGKILL among the signals that wait for it. */
const EXITING = 0x4;
const KILL_PENDING = 1n << 8n;

/** What the kernel knows of a process; null where it does not say, or the process has gone. */
function seenInKernel(pid: number): { start: string; isDead: boolean; isEnding: boolean } | null {
	let [stat, status, threads] = ['', '', 0];
	try {
		stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
		status = readFileSync(`/proc/${pid}/status`, 'utf8');
		threads = readdirSync(`/proc/${pid}/task`).length;
	} catch {
		return existsSync('/proc/self/stat') ? { start: 'gone', isDead: true, isEnding: true } : null;
	}
	// Its name stands in brackets and may hold anything: what counts comes after the last of them.
	const fields = lastOf(stat.split(') ')).split(' ');
	const isGone = fields[0] === 'Z' || fields[0] === 'X';
	const pending = /^ShdPnd:\s*([0-9a-f]+)/m.exec(status)?.[1] ?? '0';
	const isKilled = (BigInt(`0x${pending}`) & KILL_PENDING) !== 0n;
	return {
		start: fields[19] ?? '',
		// A zombie is only waited for by its parent, unless a thread of it still runs and may write.
		isDead: isGone && threads <= 1,
		isEnding: isGone || isKilled || (Number(fields[6]) & EXITING) !== 0
	};
}

/** When a process started, in the kernel's ticks; empty where the system does not say. */
function startOf(pid: number): string {
	return seenInKernel(pid)?.start ?? '';
}

function giveBack(lock: string): void {
	if (read(lock)?.pid === process.pid) rmSync(lock, { force: true });
}
