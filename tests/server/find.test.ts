/** The one find, over the server: pieces by any word of theirs, and everything else by its name. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { findAll } from '../../src/lib/server/find.ts';
import { postStock } from '../../src/lib/server/stock.ts';
import { ACTS, PLACES, type FoundThing } from '../../src/lib/find/found.ts';
import { workedJob } from '../jobs.ts';
import { onEachDatabase } from './databases.ts';

const CHAPTERS = [{ chapter: 'window', title: 'Window', id: 'overlap', heading: 'Overlap' }];

onEachDatabase((here) => {
	const find = async (text: string) => ((await findAll(here.db, text, CHAPTERS)).body as { found: FoundThing[] }).found;
	const names = async (text: string, kind: FoundThing['kind']) =>
		(await find(text)).filter((one) => one.kind === kind).map(({ name }) => name);

	test('a piece by its title, its frame, what holds it, what was found; misspelt too', async () => {
		const number = await here.kept(
			workedJob({ title: 'Cormorants drying', frame: { moulding: 'ash-22' }, guard: { backing: 'chipboard', barrier: null } })
		);
		for (const text of [
			'cormorants',
			number.toLowerCase(),
			'paste cormorant',
			'ash cormorants',
			'touch acidic cormorants',
			'cormarants'
		])
			assert.ok((await names(text, 'piece')).includes(`${number} Cormorants drying`), text);
	});

	test('what is to do, places, materials, settings, the handbook; a slip of the hand is looked past', async () => {
		assert.equal((await find('new piece'))[0]!.id, 'new-piece', 'before pieces that have both words');
		assert.equal((await find('level'))[0]!.href, '/level');
		assert.deepEqual(await names('lvel', 'place'), ['Level']);
		assert.ok((await names('wheat starch', 'material')).some((name) => /starch/i.test(name)));
		assert.ok((await names('overlap', 'setting')).includes('overlap'));
		assert.ok((await find('overlap')).some(({ kind, href }) => kind === 'handbook' && href!.startsWith('/handbook/')));
		assert.deepEqual(await find('qqqq wwww'), []);
	});

	test('what lies in stock, by its material and place', async () => {
		await postStock(here.db, {
			kind: 'sheet',
			material: 'cotton-8',
			colour: '',
			width: 1524,
			height: 1016,
			lot: '',
			place: 'plan chest',
			count: 3
		});
		const [one] = (await find('chest')).filter(({ kind }) => kind === 'stock');
		assert.match(one!.name, /8-ply/);
		assert.match(one!.detail, /3 here · plan chest/);
	});

	test('nothing typed: all that can be done and every place; each thing once', async () => {
		const all = await find(' ');
		assert.equal(all.length, Object.keys(ACTS).length + PLACES.length);
		for (const text of ['', 'a', 'cotton', 'ash'])
			assert.equal(new Set((await find(text)).map(({ kind, id }) => `${kind} ${id}`)).size, (await find(text)).length, text);
	});
});
