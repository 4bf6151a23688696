import assert from 'node:assert/strict';
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test } from 'node:test';
import { LockedError, takeLock } from '../../src/lib/server/db/lock.ts';

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
	withFolder((folder) => {
		const giveBack = takeLock(folder);
		assert.throws(
			() => takeLock(folder),
			(error: Error) => error instanceof LockedError && error.message.includes(String(process.pid))
		);
		giveBack();
		takeLock(folder)();
	})
);

test(
	'a lock left by a dead process is taken over',
	withFolder(async (folder) => {
		const child = spawn(process.execPath, ['-e', '']);
		await once(child, 'exit');
		writeFileSync(join(folder, 'lock'), `${child.pid} 1\n`);
		const giveBack = takeLock(folder);
		assert.equal(Number(readFileSync(join(folder, 'lock'), 'utf8').split(' ')[0]), process.pid);
		giveBack();
	})
);

test(
	'a number that was given to another process since is no owner; neither is an empty lock',
	withFolder((folder) => {
		writeFileSync(join(folder, 'lock'), `${process.pid} 1\n`);
		takeLock(folder)();
		writeFileSync(join(folder, 'lock'), '');
		takeLock(folder)();
	})
);
