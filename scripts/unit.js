/** npm run test:unit: unit and server tests on the embedded database; no build, no browser. */
import { installPackages } from './setup.js';
import { runTests } from './tests.js';

installPackages();
process.exitCode = await runTests(['core', 'tests/docs', 'tests/lab', 'tests/server', 'tests/structure'], { onServer: false });
