/** Loads the demo's pictures and job files over HTTP, as any user can. */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './setup.js';

/** @param {string} address of the running server @param {string} [folder] of the demo’s files */
export async function loadDemo(address, folder = join(root, 'demo')) {
	const send = async (path, type, body) => {
		const response = await fetch(address + path, { method: 'POST', headers: { 'content-type': type }, body });
		if (!response.ok) throw new Error(`${path}: ${response.status} ${await response.text()}`);
	};
	const files = (kind) =>
		readdirSync(join(folder, kind))
			.sort()
			.map((name) => [name, readFileSync(join(folder, kind, name))]);
	for (const [, bytes] of files('pictures')) await send('/api/pictures', 'image/svg+xml', bytes);
	for (const [name, bytes] of files('jobs'))
		await send(`/api/jobs?number=${name.replace('.json', '')}`, 'application/json', bytes);
}
