/** Unit and server tests: no build, no browser. */
import { installPackages, testsIn } from './setup.js';
import { runTs } from './run-ts.js';

installPackages();
process.exitCode = runTs([
	'--test',
	'--test-reporter=spec',
	...testsIn('core', 'src', 'tests/server', 'tests/cli', 'tests/docs')
]);
