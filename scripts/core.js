/** The core alone on the command line: no server, no database, no build. */
import { resolve } from 'node:path';
import { installPackages } from './setup.js';
import { runTs } from './run-ts.js';

installPackages();
const [verb = '', file = '', ...rest] = process.argv.slice(2);
// npm runs scripts in the project's folder; a path is meant from where the person stands.
const path = file === '-' || file === '' ? file : resolve(process.env.INIT_CWD ?? process.cwd(), file);
await runTs('cli/core.ts', verb, path, ...rest);
