/** npm run demo: the demo scenario, loaded through the calls that every user has. `-- --fresh` begins anew. */
import { existsSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { buildIfStale, installPackages, root } from './setup.js';
import { loadDemo } from './load-demo.js';
import { serve } from './serve.js';

installPackages();
buildIfStale();
process.env.DATA_DIR ??= join(root, 'demo-data');
// Written when all is in: a load that was cut off begins again.
const loaded = join(process.env.DATA_DIR, 'loaded');
const fresh = process.argv.includes('--fresh') || !existsSync(loaded);
if (fresh) process.env.FRESH = '1';
const address = await serve();
if (fresh) {
	await loadDemo(address);
	writeFileSync(loaded, '');
}
console.log(`Rare Keep, demo data: ${address}`);
