/** Makes what tests begin from: an empty house as a data folder, and as one file for a database in memory; and a database without any table. */
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { openDatabase } from '../../src/lib/server/db/open.ts';
import { dumpPGlite } from '../../src/lib/server/db/pglite.ts';

const house = process.argv[2]!;
mkdirSync(house, { recursive: true });
const folder = join(house, 'folder');
await (await openDatabase({ folder })).close();
writeFileSync(join(house, 'memory.tar'), await dumpPGlite(join(folder, 'pg')));
const bare = join(house, 'bare');
writeFileSync(join(house, 'bare.tar'), await dumpPGlite(bare));
rmSync(bare, { recursive: true });
