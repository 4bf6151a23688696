/** Everything: lint, types, unit and server tests, a production build, browser tests. Ends with the test runner's own counts. */
import { run, installPackages, installBrowser, buildIfStale, must } from './setup.js';
import { installPostgres } from './postgres.js';
import { runTests } from './tests.js';

installPackages();
installBrowser();
installPostgres();
must('npx', ['--no-install', 'svelte-kit', 'sync']);
const failed = [];
for (const name of ['lint', 'types']) if (run('npm', ['run', '--silent', name]) !== 0) failed.push(name);
buildIfStale();
process.env.THOROUGH = '1';
const status = await runTests('core', 'src', 'tests');
if (status !== 0) failed.push('tests');
if (failed.length > 0) console.error(`Failed: ${failed.join(', ')}.`);
process.exitCode = failed.length > 0 ? 1 : 0;
