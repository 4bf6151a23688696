/** A server on a folder of its own and a browser on it, for the tests of one file. */
import { after, before } from 'node:test';
import { loadDemo } from '../../scripts/load-demo.js';
import { newFolder, removeFolder, startServer, type Server } from '../running/server.ts';
import { openBrowser, type Browser } from './browser.ts';

export type Stage = {
	server: Server;
	browser: Browser;
	/** Stops the server and starts it again, on the same folder and port. */
	stop: () => Promise<void>;
	startAgain: () => Promise<void>;
	/** The demo's pieces, where a test wants them. */
	loadDemo: () => Promise<void>;
};

export function stage(): Stage {
	const folder = newFolder();
	const held = {} as Stage;
	before(async () => {
		held.server = await startServer(folder);
		held.browser = await openBrowser(held.server.address);
		held.loadDemo = () => loadDemo(held.server.address, 'demo');
		held.stop = async () => void (await held.server.stop());
		held.startAgain = async () => {
			held.server = await startServer(folder, Number(new URL(held.server.address).port));
		};
	});
	after(async () => {
		await held.browser?.quit();
		await held.server?.stop();
		removeFolder(folder);
	});
	return held;
}
