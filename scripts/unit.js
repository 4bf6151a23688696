/** npm run test:unit: unit and server tests, no build, no browser. */
import { installPackages } from './setup.js';
import { installPostgres } from './postgres.js';
import { runTests } from './tests.js';

installPackages();
installPostgres();
process.exitCode = await runTests('core', 'tests/docs', 'tests/lab', 'tests/server', 'tests/structure');
