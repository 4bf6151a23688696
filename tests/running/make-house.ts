/** Makes the empty house that tests begin from: a data folder, and the same as one file for a database in memory. */
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { openDatabase } from '../../src/lib/server/db/open.ts';
import { dumpPGlite } from '../../src/lib/server/db/pglite.ts';

const house = process.argv[2]!;
mkdirSync(house, { recursive: true });
const folder = join(house, 'folder');
await (await openDatabase({ folder })).close();
writeFileSync(join(house, 'memory.tar'), await dumpPGlite(join(folder, 'pg')));
