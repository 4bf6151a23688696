/** Everything: lint, types, unit and server tests, a production build, browser tests. Ends with the test runner's own counts. */
import { runBeside, installPackages, installBrowser, buildIfStale, must } from './setup.js';
import { installPostgres } from './postgres.js';
import { runTests } from './tests.js';

installPackages();
installBrowser();
installPostgres();
must('npx', ['--no-install', 'svelte-kit', 'sync']);
const failed = [];
const check = async (name) => {
	if ((await runBeside('npm', ['run', '--silent', name])) !== 0) failed.push(name);
};
// What is written is read beside all that follows: the tests wait for the build alone.
const linted = check('lint');
await check('types');
await buildIfStale();
process.env.CASES = 'all';
const status = await runTests(['core', 'src', 'tests'], { onServer: true });
await linted;
if (status !== 0) failed.push('tests');
if (failed.length > 0) console.error(`Failed: ${failed.join(', ')}.`);
process.exitCode = failed.length > 0 ? 1 : 0;
