import assert from 'node:assert/strict';
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test } from 'node:test';
import { runs } from '../thorough.ts';
import { LockedError, markEnding, takeLock } from '../../src/lib/server/db/lock.ts';

function withFolder(run: (folder: string) => Promise<void> | void): () => Promise<void> {
	return async () => {
		const folder = mkdtempSync(join(tmpdir(), 'rare-keep-lock-'));
		try {
			await run(folder);
		} finally {
			rmSync(folder, { recursive: true });
		}
	};
}

test(
	'one process owns a data folder; it is free again afterwards',
	withFolder(async (folder) => {
		const giveBack = await takeLock(folder);
		await assert.rejects(
			takeLock(folder),
			(error: Error) => error instanceof LockedError && error.message.includes(String(process.pid))
		);
		giveBack();
		(await takeLock(folder))();
	})
);

test(
	'a lock left by a dead process is taken over',
	withFolder(async (folder) => {
		const child = spawn(process.execPath, ['-e', '']);
		await once(child, 'exit');
		writeFileSync(join(folder, 'lock'), `${child.pid} 1\n`);
		const giveBack = await takeLock(folder);
		assert.equal(Number(readFileSync(join(folder, 'lock'), 'utf8').split(' ')[0]), process.pid);
		giveBack();
	})
);

test(
	'a number that was given to another process since is no owner; neither is an empty lock',
	withFolder(async (folder) => {
		writeFileSync(join(folder, 'lock'), `${process.pid} 1\n`);
		(await takeLock(folder))();
		writeFileSync(join(folder, 'lock'), '');
		(await takeLock(folder))();
	})
);

/** A process that does nothing, with the lock in its name. */
async function holder(folder: string, mark = '') {
	const child = spawn('sleep', ['60']);
	await once(child, 'spawn');
	const start = readFileSync(`/proc/${child.pid}/stat`, 'utf8').split(') ').at(-1)!.split(' ')[19];
	writeFileSync(join(folder, 'lock'), `${child.pid} ${start}${mark}\n`);
	return child;
}

const ownerOf = (folder: string) => Number(readFileSync(join(folder, 'lock'), 'utf8').split(' ')[0]);

test(
	'right after SIGKILL the lock is taken over, every time',
	withFolder(async (folder) => {
		for (let time = 0; time < Math.max(4, runs(20)); time += 1) {
			const child = await holder(folder);
			child.kill('SIGKILL');
			const giveBack = await takeLock(folder);
			assert.equal(ownerOf(folder), process.pid);
			giveBack();
		}
	})
);

test(
	'a zombie, dead and not waited for by its parent, holds nothing',
	withFolder(async (folder) => {
		// The parent turns into a program that waits for no child.
		const parent = spawn('sh', ['-c', 'sleep 60 & echo $!; exec sleep 60']);
		try {
			const [said] = (await once(parent.stdout, 'data')) as [Buffer];
			const pid = Number(said.toString());
			const comes = async (what: () => boolean) => {
				for (const until = Date.now() + 5000; !what(); await new Promise(setImmediate)) assert.ok(Date.now() < until);
			};
			// Until then it is a shell, which may wait for its child.
			await comes(() => readFileSync(`/proc/${parent.pid}/comm`, 'utf8') === 'sleep\n');
			process.kill(pid, 'SIGKILL');
			const statOf = () => readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ').at(-1)!;
			await comes(() => statOf().startsWith('Z'));
			writeFileSync(join(folder, 'lock'), `${pid} ${statOf().split(' ')[19]}\n`);
			(await takeLock(folder))();
		} finally {
			parent.kill('SIGKILL');
		}
	})
);

test(
	'one that says it is ending is waited for; one that goes on is not',
	withFolder(async (folder) => {
		const ending = await holder(folder, ' ending');
		const taking = takeLock(folder);
		// A lock that is free, or a dead process's, is taken before the first wait.
		assert.equal(ownerOf(folder), ending.pid);
		ending.kill('SIGKILL');
		(await taking)();
		const alive = await holder(folder);
		await assert.rejects(takeLock(folder), LockedError);
		alive.kill('SIGKILL');
	})
);

test(
	'who is asked to stop says in the lock that it is ending',
	withFolder(async (folder) => {
		const giveBack = await takeLock(folder);
		markEnding(folder);
		assert.match(readFileSync(join(folder, 'lock'), 'utf8'), /^\d+ \d+ ending\n$/);
		giveBack();
		assert.equal(existsSync(join(folder, 'lock')), false);
	})
);
