/** An empty house for the tests to begin from: making a database takes seconds, copying one a fraction. Made anew when a migration changes. */
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { must, root } from './setup.js';

const CACHE = join(root, 'node_modules', '.cache', 'rare-keep');
const MAKES = 'tests/running/make-house.ts';
const MIGRATIONS = join(root, 'src/lib/server/db/migrations');

/** @returns its folder: `folder` to be copied, `memory.tar` to be opened in memory, `bare.tar` the same without a table */
export function testHouse() {
	const sum = createHash('sha256').update(readFileSync(join(root, 'node_modules/@electric-sql/pglite/package.json')));
	sum.update(readFileSync(join(root, MAKES)));
	for (const name of readdirSync(MIGRATIONS).sort()) sum.update(readFileSync(join(MIGRATIONS, name)));
	const house = join(CACHE, `house-${sum.digest('hex').slice(0, 16)}`);
	if (existsSync(house)) return house;
	const half = `${house}.${process.pid}`;
	must(process.execPath, [join(root, 'scripts/run-ts.js'), MAKES, half]);
	rmSync(house, { recursive: true, force: true });
	renameSync(half, house);
	return house;
}
