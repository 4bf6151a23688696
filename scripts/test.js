/** Everything: lint, types, unit and server tests, a production build, browser tests. Ends with the test runner's own counts. */
import { runBeside, installPackages, installBrowser, buildIfStale, must } from './setup.js';
import { installPostgres } from './postgres.js';
import { runTests } from './tests.js';

installPackages();
installBrowser();
installPostgres();
must('npx', ['--no-install', 'svelte-kit', 'sync']);
const failed = [];
// Beside each other: each takes one core.
const checks = ['lint', 'types'].map((name) =>
	runBeside('npm', ['run', '--silent', name]).then((status) => status !== 0 && failed.push(name))
);
await Promise.all(checks);
buildIfStale();
process.env.CASES = 'all';
const status = await runTests('core', 'src', 'tests');
if (status !== 0) failed.push('tests');
if (failed.length > 0) console.error(`Failed: ${failed.join(', ')}.`);
process.exitCode = failed.length > 0 ? 1 : 0;
