/** A year by the hour for every back with every seal, and a logger's file of 3 million rows: in Node for its memory, in Chromium as it is used. */
import { spawnSync } from 'node:child_process';
import { createReadStream, createWriteStream, mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { once } from 'node:events';
import Papa from 'papaparse';
import { combinationsOf, looseBuffer, yearsOf } from '../core/advice/combinations.ts';
import { guessColumns, LoggerReader } from '../core/stations/climate/logger.ts';
import { TYPICAL_ROOMS, yearOf } from '../core/stations/climate/rooms.ts';
import { builtInShop } from '../core/shop/shop.ts';
import { openBrowser, By } from '../tests/browser/browser.ts';
import { newFolder, removeFolder, startServer } from '../tests/running/server.ts';
import { line, report } from './report.ts';

const ROWS = 3_000_000;

/** A reading every ten seconds. */
async function writeFile(path: string): Promise<void> {
	const out = createWriteStream(path);
	out.write('time,temperature °C,relative humidity %\n');
	const from = Date.UTC(2024, 0, 1);
	for (let row = 0; row < ROWS; row += 10_000) {
		let text = '';
		for (let at = row; at < row + 10_000; at += 1) {
			const time = new Date(from + at * 10_000).toISOString();
			text += `${time.slice(0, 10)} ${time.slice(11, 19)},${(18 + (at % 97) / 20).toFixed(2)},${(50 + (at % 211) / 10).toFixed(2)}\n`;
		}
		if (!out.write(text)) await once(out, 'drain');
	}
	out.end();
	await once(out, 'finish');
}

/** Reads the file as a stream in a process of its own. */
function readOnce(path: string): void {
	let reader: LoggerReader | null = null;
	const start = performance.now();
	let peak = 0;
	Papa.parse<string[]>(createReadStream(path), {
		chunk: ({ data }) => {
			let rows = data;
			if (!reader) {
				const { columns, heading } = guessColumns(data.slice(0, 20));
				reader = new LoggerReader(columns, heading ? 2 : 1);
				rows = data.slice(heading ? 1 : 0);
			}
			for (const row of rows) reader.take(row);
			peak = Math.max(peak, process.memoryUsage().rss);
		},
		complete: () => {
			const { rows } = reader!.end();
			console.log(JSON.stringify({ rows, ms: performance.now() - start, mb: peak / 1024 / 1024 }));
		}
	} as Papa.ParseLocalConfig<string[], never>);
}

async function all(): Promise<void> {
	const loft = yearOf(TYPICAL_ROOMS[0]!);
	const combinations = combinationsOf(looseBuffer(0.7, { width: 500, height: 700 }), builtInShop, null);
	const year = () => [...yearsOf(combinations, loft, 5)].length;
	year();
	const times = Array.from({ length: 9 }, () => {
		const start = performance.now();
		year();
		return performance.now() - start;
	});
	report(`8 760 hours × ${combinations.length} combinations`, times, 200);

	const folder = mkdtempSync(join(tmpdir(), 'rare-keep-bench-'));
	const data = newFolder();
	try {
		const path = join(folder, 'logger.csv');
		await writeFile(path);
		const mb = (statSync(path).size / 1e6).toFixed(0);
		const read = spawnSync(process.execPath, ['--no-warnings', process.argv[1]!, 'read', path], { encoding: 'utf8' });
		const { rows, ms, mb: peak } = JSON.parse(read.stdout) as { rows: number; ms: number; mb: number };
		line(`a logger’s file of ${rows / 1e6} million rows, ${mb} MB`, `${(ms / 1000).toFixed(1)} s`, ms / 15_000, '15 s');
		line('  whole process at its largest', `${peak.toFixed(0)} MB`, peak / 300, '300 MB');
		const server = await startServer(data);
		const browser = await openBrowser(server.address);
		try {
			await browser.open('/light');
			await browser.driver.findElement(By.css('aside input[type=file]')).sendKeys(path);
			await browser.sees('Which column is which?');
			const shown = await browser.driver.executeScript<number>('return performance.now()');
			await browser.press('Read it');
			await browser.sees(/\d rows from 2024/);
			const took = (await browser.driver.executeScript<number>('return performance.now()')) - shown;
			line('  in the laboratory, to its year on the page', `${(took / 1000).toFixed(1)} s`, took / 15_000, '15 s');
		} finally {
			await browser.quit();
			await server.stop();
		}
	} finally {
		removeFolder(data);
		rmSync(folder, { recursive: true, force: true });
	}
}

if (process.argv[2] === 'read') readOnce(process.argv[3]!);
else await all();
