/** A server on a folder of its own and a browser on it, for the tests of one program: a file, or the files of a folder below this one. */
import type { JobFile } from '../../core/job/definition.ts';
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
	/** The job as the server keeps it. */
	kept: (number: string) => Promise<JobFile>;
	/** Waits until the kept job says so. */
	untilKept: (number: string, what: string, says: (job: JobFile) => boolean) => Promise<JobFile>;
	/** The demo's pieces, where a test wants them. */
	loadDemo: () => Promise<void>;
};

let held: Stage | undefined;

/** @returns the same to every file of a program: the first that asks sets it up */
export function stage(): Stage {
	held ??= setUp();
	return held;
}

function setUp(): Stage {
	const folder = newFolder();
	const held = {} as Stage;
	let demo: Promise<void> | undefined;
	held.kept = async (number) =>
		((await (await fetch(`${held.server.address}/api/jobs/${number}`)).json()) as { job: JobFile }).job;
	held.untilKept = async (number, what, says) => {
		await held.browser.waitFor(what, async () => says(await held.kept(number)));
		return held.kept(number);
	};
	before(async () => {
		held.server = await startServer(folder);
		held.browser = await openBrowser(held.server.address);
		held.loadDemo = () => (demo ??= loadDemo(held.server.address, 'demo'));
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

export type Downloaded = { name: string; text: string };

/** From here on the page's downloads are caught. @returns what came so far, once something did */
export async function downloads({ driver, waitFor }: Browser): Promise<() => Promise<Downloaded[]>> {
	await driver.executeScript(
		`window.caught = [];
		const blobs = new Map();
		const make = URL.createObjectURL;
		URL.createObjectURL = (blob) => { const url = make.call(URL, blob); blobs.set(url, blob); return url; };
		const click = HTMLAnchorElement.prototype.click;
		HTMLAnchorElement.prototype.click = function () {
			if (!blobs.has(this.href)) return click.call(this);
			const name = this.download;
			blobs.get(this.href).text().then((text) => window.caught.push({ name, text }));
		};`
	);
	return async () => {
		let caught: Downloaded[] = [];
		let before = -1;
		await waitFor('a download', async () => {
			caught = await driver.executeScript<Downloaded[]>('return window.caught');
			// All that was pressed has arrived once nothing new comes.
			const settled = caught.length > 0 && caught.length === before;
			before = caught.length;
			return settled;
		});
		return caught.sort((one, other) => (one.name.endsWith('.svg') ? -1 : 1) - (other.name.endsWith('.svg') ? -1 : 1));
	};
}
