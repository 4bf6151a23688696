import assert from 'node:assert/strict';
import { test } from 'node:test';
import { workedJob } from '../../tests/jobs.ts';
import { touchedBy } from '../advice/touched.ts';
import { plan } from '../plan.ts';
import { BECAUSE_MOST, readSchools } from './own-schools.ts';
import { builtInShop, withSchools } from './shop.ts';

test('a side of the shop’s own: jobs follow it, unless they say otherwise', () => {
	const shop = withSchools(builtInShop, [{ school: 'ring-drop', option: 'quarter' }]);
	const drop = (file = workedJob(), of = shop) => plan(file, of).hang!.drop;
	const { height } = plan(workedJob(), shop).frame!.outer;
	assert.ok(Math.abs(drop() - height / 4) < 1e-9);
	assert.ok(Math.abs(drop(workedJob({ schools: { 'ring-drop': 'third' } })) - height / 3) < 1e-9);
	assert.equal(shop.schools['hinge-count'], builtInShop.schools['hinge-count']);
	assert.deepEqual(touchedBy(workedJob(), builtInShop, shop)!.changes, ['other figures at Wall']);
	assert.equal(touchedBy(workedJob({ schools: { 'ring-drop': 'third' } }), builtInShop, shop), null);
});

test('read: reasons trimmed; each fault with its place', () => {
	assert.deepEqual(readSchools([{ school: 'hooks', option: 'two', because: ' level ' }]), {
		ok: true,
		schools: [{ school: 'hooks', option: 'two', because: 'level' }]
	});
	for (const [list, says] of [
		['none', /must be a list/],
		[[{ school: 'glue', option: 'two' }], /schools\[0\]\.school: “glue” is not a way of working/],
		[[{ school: 'hooks', option: 'three' }], /schools\[0\]\.option: Enter one of two-above-300, one, two/],
		[
			[
				{ school: 'hooks', option: 'one' },
				{ school: 'hooks', option: 'two' }
			],
			/schools\[1\]\.school: .*set twice/
		],
		[[{ school: 'hooks', option: 'one', because: 'x'.repeat(BECAUSE_MOST + 1) }], /schools\[0\]\.because/],
		[Array.from({ length: 99 }, () => ({})), /questions, and 99 answers/]
	] as const) {
		const read = readSchools(list);
		assert.match(read.ok ? '' : read.faults.map(({ path, says: what }) => `${path}: ${what}`).join('\n'), says);
	}
});
