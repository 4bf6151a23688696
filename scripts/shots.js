/** npm run shots: every picture in docs/screenshots, made from the demo data. */
import { buildIfStale, installBrowser, installPackages } from './setup.js';
import { runTs } from './run-ts.js';

installPackages();
await installBrowser();
await buildIfStale();
await runTs('scripts/take-shots.ts');
