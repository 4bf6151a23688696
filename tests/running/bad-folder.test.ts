/** A start on a folder that can’t be used ends with one sentence, and leaves what lies there as it is. */
import assert from 'node:assert/strict';
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, statSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test } from 'node:test';
import { newFolder, removeFolder, startServer } from './server.ts';

/** Each makes a folder, or what stands in its place; `says` is what its start ends with. */
const BAD: Record<string, { make: (at: string) => void; says: RegExp }> = {
	'a file': { make: (at) => writeFileSync(at, 'notes'), says: /is a file, or lies in one/ },
	'a folder of other things': {
		make: (at) => {
			mkdirSync(at);
			writeFileSync(join(at, 'letter.txt'), 'Dear');
		},
		says: /holds other things/
	},
	'files of a later database': {
		make: (at) => {
			mkdirSync(join(at, 'pg'), { recursive: true });
			writeFileSync(join(at, 'pg', 'PG_VERSION'), '99\n');
		},
		says: /are of database version 99, not/
	},
	'files of something else': {
		make: (at) => {
			mkdirSync(join(at, 'pg'), { recursive: true });
			writeFileSync(join(at, 'pg', 'song.txt'), 'la');
		},
		says: /are not of this program/
	}
};

for (const [what, { make, says }] of Object.entries(BAD))
	test(`DATA_DIR is ${what}`, async () => {
		const around = mkdtempSync(join(tmpdir(), 'rare-keep-bad-'));
		try {
			const at = join(around, 'data');
			make(at);
			await ends(at, says);
		} finally {
			removeFolder(around);
		}
	});

test('DATA_DIR is a house whose files are damaged', async () => {
	const folder = newFolder();
	try {
		await (await startServer(folder)).stop();
		truncateSync(join(folder, 'pg', 'global', 'pg_control'), 100);
		await ends(folder, /are damaged and can’t be opened\. Nothing was changed\. Put a backup in its place/);
	} finally {
		removeFolder(folder);
	}
});

async function ends(at: string, says: RegExp): Promise<void> {
	const before = seen(at);
	await assert.rejects(startServer(at), (error: Error & { code: number }) => {
		assert.match(error.message, says);
		assert.doesNotMatch(error.message, /^\s+at /m, 'no stack');
		assert.ok(error.code > 0);
		return true;
	});
	assert.deepEqual(seen(at), before);
}

/** What holds data, with its size; or the text of a file in its place. */
function seen(at: string): string[] {
	if (!statSync(at).isDirectory()) return [readFileSync(at, 'utf8')];
	return readdirSync(at, { recursive: true })
		.map(String)
		.filter((name) => !/lock|\.pid$/.test(name))
		.map((name) => `${name} ${statSync(join(at, name)).size}`)
		.toSorted();
}
