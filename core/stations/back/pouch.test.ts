import assert from 'node:assert/strict';
import { test } from 'node:test';
import { explained } from '../../../tests/as-it-comes.ts';
import { planned, workedJob } from '../../../tests/jobs.ts';
import { there } from '../../units/there.ts';

test('a pouch is larger than the frame by its depth and 20 mm, strips on the back counted', () => {
	const made = planned();
	const { outer, section } = there(made.frame, 'frame');
	assert.deepEqual(made.back?.pouch, { width: outer.width + section.depth + 20, height: outer.height + section.depth + 20 });
	const deep = planned({ frame: { moulding: 'ash-22', deepen: 10 } });
	const plain = planned({ frame: { moulding: 'ash-22' } });
	assert.equal(there(deep.back?.pouch, 'pouch').width, there(plain.back?.pouch, 'pouch').width + 10);
	explained(workedJob());
});
