/** Runs a TypeScript file, its arguments after it: `node scripts/run-ts.js cli/core.ts plan FILE`. */
import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { nodeWithTypeScript, root } from './setup.js';

export function runTs(args, options = {}) {
	const [program, flags, env] = nodeWithTypeScript();
	const { status, signal } = spawnSync(program, [...flags, ...args], { cwd: root, stdio: 'inherit', env, ...options });
	return signal ? 1 : (status ?? 1);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) process.exitCode = runTs(process.argv.slice(2));
