/** Everything: lint, types, unit and server tests, a production build, browser tests. Ends with the test runner's own counts. */
import { runBeside, installPackages, installBrowser, buildIfStale, must } from './setup.js';
import { installPostgres } from './postgres.js';
import { runTests } from './tests.js';

installPackages();
// What comes from elsewhere comes while the processors are busy here.
const installed = installBrowser().then(installPostgres);
must('npx', ['--no-install', 'svelte-kit', 'sync']);
const failed = [];
const check = async (name) => {
	if ((await runBeside('npm', ['run', '--silent', name])) !== 0) failed.push(name);
};
// The tests wait for the build and their programs alone; what is read of the code is read beside it and beside the first of them.
const read = Promise.all([check('lint'), check('types:synced')]);
await buildIfStale();
await installed;
process.env.CASES = 'all';
const status = await runTests(['core', 'src', 'tests'], { onServer: true });
await read;
if (status !== 0) failed.push('tests');
if (failed.length > 0) console.error(`Failed: ${failed.join(', ')}.`);
process.exitCode = failed.length > 0 ? 1 : 0;
