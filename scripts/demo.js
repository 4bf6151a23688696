/** npm run demo: the demo scenario, loaded through the calls that every user has. `-- --fresh` begins anew. */
import { existsSync, mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { buildIfStale, installPackages, root } from './setup.js';
import { loadDemo } from './load-demo.js';
import { serve } from './serve.js';

if (process.env.DATABASE_URL) {
	console.error('The demo uses its own data folder. Unset DATABASE_URL, or start with npm start.');
	process.exit(1);
}
installPackages();
await buildIfStale();
const folder = (process.env.DATA_DIR ??= join(root, 'demo-data'));
// Only what was made here is ever written to, and only on --fresh is it wiped.
const mark = join(folder, 'demo');
// Folders of earlier versions have this file alone.
const loaded = join(folder, 'loaded');
if (!existsSync(mark) && !existsSync(loaded) && existsSync(folder) && readdirSync(folder).length > 0) {
	console.error(`The folder ${folder} was not made by the demo and is left unchanged. Set another DATA_DIR for the demo.`);
	process.exit(1);
}
try {
	mkdirSync(folder, { recursive: true });
	writeFileSync(mark, '');
} catch (error) {
	console.error(`The demo can’t write to ${folder} (${error.code}). Set another DATA_DIR for the demo.`);
	process.exit(1);
}
const fresh = process.argv.includes('--fresh');
if (fresh) {
	process.env.FRESH = '1';
	// A fresh load that is cut off goes on, too.
	rmSync(loaded, { force: true });
}
// What stands in for a machine and for a supplier, so that both can be tried. They read what they are sent with a package.
const { startCutter } = await import('./stand-ins/cutter.js');
const { startSupplier } = await import('./stand-ins/supplier.js');
process.env.CUTTER_URL ??= (await startCutter()).address;
process.env.SUPPLIER_URL ??= (await startSupplier()).address;
const address = await serve();
// A load that was cut off goes on where it was.
if (!existsSync(loaded)) {
	await loadDemo(address);
	writeFileSync(loaded, '');
}
console.log(`Rare Keep, demo data: ${address}`);
