/** npm run bench: measures, and prints each figure with its budget. `-- plan save` runs some of them. */
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { testHouse } from './test-house.js';
import { run, installPackages, installBrowser, buildIfStale, root } from './setup.js';

installPackages();
await installBrowser();
await buildIfStale();
process.env.TEST_HOUSE = testHouse();
const all = readdirSync(join(root, 'bench'))
	.filter((name) => name.endsWith('.ts') && !['report.ts', 'pull.ts'].includes(name))
	.map((name) => name.replace('.ts', ''));
const wanted = process.argv.slice(2);
const unknown = wanted.filter((name) => !all.includes(name));
if (unknown.length > 0) {
	console.error(`There is no ${unknown.join(', ')}. There is: ${all.join(', ')}.`);
	process.exit(2);
}
let failed = 0;
for (const name of wanted.length > 0 ? wanted : all) {
	failed += run(process.execPath, ['scripts/run-ts.js', `bench/${name}.ts`], { stdio: 'inherit' });
}
process.exitCode = failed === 0 ? 0 : 1;
