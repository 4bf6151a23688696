/** A Chromium without a window, on a profile that goes with it: the one made for that where it is installed, in a third less time. */
import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Builder, type WebDriver } from 'selenium-webdriver';
import { Options, ServiceBuilder } from 'selenium-webdriver/chrome.js';

// The program itself: its wrapper would not pass on that it is to end.
const WINDOWLESS = '/usr/lib/chromium/chromium-headless-shell';
const CHROMIUM = '/usr/bin/chromium';
const DRIVER = '/usr/bin/chromedriver';
const FLAGS = [
	'--headless',
	'--no-sandbox',
	'--disable-gpu',
	'--disable-quic',
	'--no-first-run',
	'--disable-background-networking',
	'--disable-component-update',
	'--disable-sync',
	'--hide-scrollbars',
	'--force-device-scale-factor=1'
];

export type Size = { width: number; height: number };

/** @returns what drives it, and what ends both and clears its profile away */
export async function startChromium({ width, height }: Size): Promise<{ driver: WebDriver; quit: () => Promise<void> }> {
	const profile = mkdtempSync(join(tmpdir(), 'rare-keep-browser-'));
	const flags = [...FLAGS, `--user-data-dir=${profile}`, `--window-size=${width},${height}`];
	const options = new Options();
	// The driver does not start the windowless one with a page, so that it finds none.
	const own = existsSync(WINDOWLESS) ? await listening(flags) : null;
	if (own) options.debuggerAddress(own.address);
	else {
		options.addArguments(...flags);
		options.setChromeBinaryPath(CHROMIUM);
	}
	const driver = await new Builder()
		.forBrowser('chrome')
		.setChromeOptions(options)
		.setChromeService(new ServiceBuilder(DRIVER))
		.build();
	return {
		driver,
		quit: async () => {
			await driver.quit();
			await own?.stop();
			rmSync(profile, { recursive: true, force: true, maxRetries: 3 });
		}
	};
}

async function listening(flags: readonly string[]): Promise<{ address: string; stop: () => Promise<void> }> {
	const child = spawn(WINDOWLESS, [...flags, '--remote-debugging-port=0', 'about:blank'], {
		stdio: ['ignore', 'ignore', 'pipe']
	});
	const ended = new Promise<void>((resolve) => child.once('exit', () => resolve()));
	const address = await new Promise<string>((resolve, reject) => {
		let said = '';
		child.stderr.on('data', (chunk: Buffer) => {
			said += chunk.toString();
			const found = /DevTools listening on ws:\/\/([\w.:]+)\//.exec(said)?.[1];
			if (found) resolve(found);
		});
		child.once('error', reject);
		child.once('exit', (code) => reject(new Error(`Chromium ended with ${code}: ${said}`)));
	});
	// A test that is cut off leaves no browser behind.
	process.once('exit', () => child.kill());
	return {
		address,
		stop: async () => {
			child.kill();
			await ended;
		}
	};
}
