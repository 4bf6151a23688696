/** JavaScript that a page loads before it answers, compressed. */
import { gzipSync } from 'node:zlib';
import { loadDemo } from '../scripts/load-demo.js';
import { openBrowser } from '../tests/browser/browser.ts';
import { newFolder, removeFolder, startServer } from '../tests/running/server.ts';

const LOADED = `return performance.getEntriesByType('resource').map((one) => one.name).filter((name) => new URL(name).pathname.endsWith('.js'));`;

const folder = newFolder();
const server = await startServer(folder);
const browser = await openBrowser(server.address);
try {
	await loadDemo(server.address, 'demo');
	for (const [name, path, budget] of [
		['first page', '/', 150],
		['workspace', '/jobs/K-0101', null]
	] as const) {
		await browser.open(path);
		const scripts = new Set(await browser.driver.executeScript<string[]>(LOADED));
		let bytes = 0;
		for (const script of scripts) bytes += gzipSync(Buffer.from(await (await fetch(script)).arrayBuffer())).length;
		const kilobytes = bytes / 1000;
		const against = budget === null ? '' : `, budget ${budget} kB, ratio ${(kilobytes / budget).toFixed(2)}`;
		console.log(`JavaScript of the ${name}: ${kilobytes.toFixed(1)} kB gzip in ${scripts.size} files${against}`);
	}
} finally {
	await browser.quit();
	await server.stop();
	removeFolder(folder);
}
