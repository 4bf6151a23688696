import assert from 'node:assert/strict';
import { test } from 'node:test';
import { HANG_ONLY } from '../../../tests/as-it-comes.ts';
import { workedJob } from '../../../tests/jobs.ts';
import { decide } from '../../decide.ts';
import type { JobFile } from '../../job/definition.ts';
import { HANGER_KINDS } from '../../job/kinds.ts';
import { readJob } from '../../job/read.ts';
import { plan } from '../../plan.ts';
import { GLAZINGS } from '../../shop/glazing.ts';
import { builtInShop } from '../../shop/shop.ts';
import { planSteps } from '../bench/steps.ts';
import { careOf } from './care.ts';

const care = (file: JobFile) => {
	const made = plan(file, builtInShop);
	return careOf(decide(readJob(file), builtInShop), made, builtInShop);
};
const worked = (changes: Partial<JobFile> = {}) => care(workedJob(changes));
const said = (parts: ReturnType<typeof care>, title: string) => parts.find((part) => part.title === title)?.says.join(' ') ?? '';

test('its nails, its weight and who goes before this sheet', () => {
	const { hang } = plan(workedJob(), builtInShop);
	const says = said(worked(), 'Hanging it');
	assert.match(says, /^It weighs \d/);
	assert.ok(says.includes(`${Number(hang!.hooks[0]!.height.toFixed(1))} mm above the floor`), says);
	assert.match(says, /licensed installer/);
	assert.match(said(worked({ hang: { by: 'stand' } }), 'Hanging it'), /Stand it on its leg/);
});

test('every kind of glazing has its cleaning: no dry cloth on acrylic, nothing on a bare face', () => {
	for (const { id, family } of Object.values(GLAZINGS)) {
		const says = said(worked({ guard: { ...workedJob().guard, glazing: id } }), 'Cleaning');
		assert.match(
			says,
			{ glass: /never the glass/, laminated: /never the glass/, acrylic: /never a dry one/, none: /do not touch/ }[family],
			id
		);
	}
});

test('a hanging alone says what it knows: nothing of a place whose light nobody looked at', () => {
	const parts = care(HANG_ONLY);
	assert.doesNotMatch(said(parts, 'Its place'), /about/);
	assert.ok(parts.every(({ says }) => says.length > 0));
	for (const by of HANGER_KINDS) assert.ok(said(care({ ...HANG_ONLY, hang: { by } }), 'Hanging it').length > 0);
});

test('what travels is wrapped before it leaves the bench, and upright where its glazing sags; what stays is not', () => {
	const stepsOf = (file: JobFile) => planSteps(decide(readJob(file), builtInShop), plan(file, builtInShop), builtInShop);
	const wrapOf = (file: JobFile) => stepsOf(file).find(({ id }) => id === 'wrap');
	assert.equal(wrapOf(workedJob()), undefined);
	const travels = (piece: JobFile['piece'], guard: JobFile['guard'] = {}) =>
		workedJob({ piece: { ...workedJob().piece, ...piece, travels: true }, guard: { ...workedJob().guard, ...guard } });
	const small = wrapOf(travels({}, { glazing: 'uv-glass' }));
	assert.match(small!.does.join(' '), /low-tack tape across the glass/);
	assert.doesNotMatch(small!.does.join(' '), /sags/);
	const large = travels({ readings: { width: 900, height: 1200 } }, { glazing: 'uv-acrylic' });
	const { pack } = plan(large, builtInShop);
	assert.ok(pack!.sag > pack!.gap, 'it sags');
	assert.match(wrapOf(large)!.does.join(' '), /its glazing sags onto the piece/);
	assert.doesNotMatch(wrapOf(large)!.does.join(' '), /tape/);
});
