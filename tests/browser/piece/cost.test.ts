/** At the counter: what a piece costs, what it would cost at another grade, what a price allows, and the quote. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from '../../../core/job/definition.ts';
import { workedJob } from '../../jobs.ts';
import { keepJob } from '../../running/server.ts';
import { stage } from '../setup.ts';

const here = stage();
/** Layers and hold were answered by somebody: a grade may be said. */
const decided = (changes: Partial<JobFile>): JobFile => workedJob({ answered: ['guard', 'hold'], ...changes });
const priceOf = async (text: RegExp): Promise<number> => {
	const [, sum] = text.exec(await here.browser.text()) ?? [];
	return Number(sum);
};

test('a price that the customer names: what is given up for it, kept as the next revision by one press', async () => {
	const { open, sees, press, type, waitFor } = here.browser;
	const number = await keepJob(
		here.server.address,
		decided({ title: 'Tide chart', piece: { ...workedJob().piece, owner: 'Harbour office' } })
	);
	await open(`/jobs/${number}/cost`);
	await sees(/price\s+\d+\.\d\d/);
	const stands = await priceOf(/price\s+(\d+\.\d\d)/);
	await sees('The same piece at other grades');
	await type('Maximum price, with tax', 'a lot');
	await sees('Not an amount. Enter it as 250 or 249.50.');
	await type('Maximum price, with tax', '1');
	await sees('Nothing fits this price');
	await type('Maximum price, with tax', String(stands));
	await sees('no changes needed');
	const most = Math.floor(stands * 0.9);
	await type('Maximum price, with tax', String(most));
	await sees('Differences');
	await press('Apply');
	await waitFor(
		'the next revision',
		async () => (await (await fetch(`${here.server.address}/api/jobs/${number}`)).json()).rev === 2
	);
	await open(`/jobs/${number}/cost`);
	await sees(/price\s+\d+\.\d\d/);
	const then = await priceOf(/price\s+(\d+\.\d\d)/);
	assert.ok(then > 0 && then <= most, `${then} under ${most}`);
	await press('Quote');
	await sees(`Quote ${number}, version 2`);
	await sees('For Harbour office');
	await sees(then.toFixed(2));
});

test('what has no price is named, and the quote is a draft until it has one', async () => {
	const { open, sees, seesNo } = here.browser;
	const number = await keepJob(here.server.address, decided({ title: 'Lens', frame: { kind: 'wood', moulding: 'oak-30' } }));
	await open(`/jobs/${number}/quote`);
	await sees(/DRAFT without a price: .*Oak/);
	const priced = [
		'oak-30:moulding:Oak',
		'wire-11-3:wire:Wire',
		'wire-27-2:wire:Wire',
		'ring-7:ring:Ring',
		'ring-10:ring:Ring',
		'ring-13:ring:Ring',
		'hook-one-nail:hook:Hook',
		'hook-two-nails:hook:Hook'
	].map((one) => {
		const [id, kind, name] = one.split(':');
		return { id, kind, name, figures: { pricePerM2: 1000 }, sources: {} };
	});
	const kept = await fetch(`${here.server.address}/api/shop/materials`, {
		method: 'PUT',
		headers: { 'content-type': 'application/json', 'if-match': '"0"' },
		body: JSON.stringify({ materials: priced })
	});
	assert.equal(kept.status, 200, await kept.clone().text());
	await open(`/jobs/${number}/quote`);
	await sees(/Price\s+\d+\.\d\d/);
	await seesNo('without a price');
});

test('a job without a frame has no cost yet, and says what it waits for', async () => {
	const { open, sees } = here.browser;
	const { frame: _, ...without } = workedJob();
	const number = await keepJob(here.server.address, without);
	await open(`/jobs/${number}/cost`);
	await sees('To see the cost');
	await open(`/jobs/${number}/quote`);
	await sees('The price follows once everything is decided.');
});
