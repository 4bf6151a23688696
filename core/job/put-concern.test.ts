import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from './definition.ts';
import { patched } from './patch.ts';
import { coverAll, putConcern } from './put-concern.ts';

const job = (piece: JobFile['piece']): JobFile => ({ format: 'rare-keep/job', version: 1, piece });
const seen = { name: 'A. Holm', on: '2026-10-02', finding: 'Consolidated.' };

test('what a conservator wrote is of the concerns that stood then; a later one is not covered until somebody says so', () => {
	const first = patched(job({}), putConcern(job({}), 'flaking', true));
	assert.deepEqual(first.piece?.concerns, ['flaking']);
	const written = job({ concerns: ['flaking'], conservator: seen });
	const later = patched(written, putConcern(written, 'mould', true));
	assert.deepEqual(later.piece?.conservator?.of, ['flaking']);
	assert.equal(patched(later, coverAll(later)).piece?.conservator?.of, undefined);
	const gone = patched(later, putConcern(later, 'flaking', false));
	assert.deepEqual([gone.piece?.concerns, gone.piece?.conservator?.of], [['mould'], []]);
});

test('without a finding nothing is covered, so nothing is named', () => {
	const begun = job({ concerns: ['tears'], conservator: { name: 'A. Holm' } });
	assert.equal(patched(begun, putConcern(begun, 'mould', true)).piece?.conservator?.of, undefined);
});
