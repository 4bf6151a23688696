import assert from 'node:assert/strict';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, test } from 'node:test';
import type { WrittenMaterial } from '../../../core/shop/catalogue.ts';
import { materialsFromCsv } from '../../../src/lib/stock/materials-csv.ts';
import { workedJob } from '../../jobs.ts';
import { keepJob } from '../../running/server.ts';
import { By, Key } from '../browser.ts';
import { downloads, stage } from '../setup.ts';

const here = stage();
const folder = mkdtempSync(join(tmpdir(), 'rare-keep-files-'));
after(() => rmSync(folder, { recursive: true, force: true }));

const kept = async () =>
	((await (await fetch(`${here.server.address}/api/shop/materials`)).json()) as { materials: WrittenMaterial[] }).materials;
const take = async (name: string, text: string) => {
	const path = join(folder, name);
	writeFileSync(path, text);
	await here.browser.driver.findElement(By.css('input[type=file]')).sendKeys(path);
};

test('a figure is changed with its source, the jobs that it touches are named, and then it is kept', async () => {
	const { press, type, sees, keys, open } = here.browser;
	const number = await keepJob(here.server.address, workedJob());
	await open('/stock/materials');
	await press('Cotton museum board, 4-ply');
	await type('thickness', '1,7');
	await keys(Key.TAB);
	await sees('1.7');
	await type('thickness', '1.7');
	await keys(Key.TAB);
	await type('Source of thickness', 'North Quay Boards, sheet 12');
	await keys(Key.TAB);
	await sees('Changed here, not saved yet.');
	await press('See which jobs change');
	await sees('1 of 1 open jobs is changed by it:');
	await sees(`${number}`);
	await sees('pack depth 11 mm → 11.6 mm');
	assert.deepEqual(await kept(), [], 'nothing is kept before it was seen');
	await press('Save the change');
	await sees('Saved. Jobs use it from now on.');
	assert.deepEqual((await kept())[0]!.figures, { thickness: 1.7 });
	assert.deepEqual((await kept())[0]!.sources, { thickness: 'North Quay Boards, sheet 12' });
	await open(`/jobs/${number}?at=guard`);
	await sees('11.6');
});

test('an own material without data: used by a job, said, no longer offered and kept for it', async () => {
	const { press, type, sees, seesNo, keys, open } = here.browser;
	await open('/stock/materials');
	await press('Add one of your own');
	await type('Name', 'Board from the net loft');
	await keys(Key.TAB);
	await sees('Until known, cautious values are used');
	await press('See which jobs change');
	await press('Save the change');
	await sees('Saved.');
	const { id } = (await kept()).find(({ name }) => name === 'Board from the net loft')!;
	const number = await keepJob(here.server.address, workedJob({ guard: { ...workedJob().guard, underMat: id } }));
	await open(`/jobs/${number}?at=guard`);
	await sees('Board from the net loft: thickness');
	// Taken out of the list, it stays for the job.
	await open('/stock/materials');
	await press('Board from the net loft');
	await press('remove it');
	await press('See which jobs change');
	await press('Save the change');
	await sees(/Board from the net loft ?hidden/);
	await open(`/jobs/${number}?at=guard`);
	await press('Back mat: Board from the net loft');
	await sees('Back mat for this piece');
	const other = await keepJob(here.server.address, workedJob());
	await open(`/jobs/${other}?at=guard`);
	await press('Back mat: ');
	await sees('Back mat for this piece');
	await seesNo('Board from the net loft');
});

test('out as CSV and in again; a file that can’t be read loses nothing and says which line', async () => {
	const { press, sees, open } = here.browser;
	await open('/stock/materials');
	const files = await downloads(here.browser);
	await press('Export as CSV');
	const [file] = await files();
	assert.equal(file!.name, 'materials.csv');
	const read = materialsFromCsv(file!.text);
	assert.ok(read.ok && read.materials.some(({ id }) => id === 'cotton-4'));
	await take('bad.csv', 'kind,id,name,thickness\nboard,quay-rag,Rag board of the quay,1.6\nboard,quay-thin,Thin board,-3\n');
	await sees('Nothing was imported from the file:');
	await sees(/line 3, thickness: /);
	await take(
		'good.csv',
		'kind,id,name,thickness,touch,sources\nboard,quay-rag,Rag board of the quay,1.6,rare,thickness: sheet 9\n'
	);
	await sees('Rag board of the quay');
	await press('See which jobs change');
	await press('Save the change');
	await sees('Saved.');
	assert.deepEqual((await kept()).find(({ id }) => id === 'quay-rag')!.sources, { thickness: 'sheet 9' });
	assert.ok(readFileSync(join(folder, 'good.csv'), 'utf8').length > 0);
});
