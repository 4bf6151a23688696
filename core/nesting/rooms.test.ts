/** Rooms on a sheet: a blank is said to go somewhere exactly when some box has room beside it, and lies on the sheet then. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { zeroWaste } from '../../tests/nesting/mixes.ts';
import { runs } from '../../tests/thorough.ts';
import { there } from '../units/there.ts';
import { fits, instanceOf, type BlankKind, type Instance } from './instance.ts';
import { randomFrom } from './random.ts';
import { filledOf, leastOf, type Filled } from './rooms.ts';
import { blanksOf, leaf, pair, type Box } from './slicing.ts';

/** Passes nothing over. */
const never = () => 0.999;

/** Some blanks on a sheet, each beside the box where it leaves least. */
function someLaid(instance: Instance, seed: number): Filled {
	const random = randomFrom(seed);
	const sheet = there(instance.sheets[0], 'sheet');
	const first = Math.floor(random() * instance.blanks.length);
	const kind = there(instance.blanks[first], 'kind');
	const root = leaf(kind, first, !fits({ ...kind, turn: false }, sheet));
	let filled = filledOf({ sheet, root }, leastOf(instance.blanks));
	for (let tries = 0; tries < 12; tries += 1) {
		const blank = Math.floor(random() * instance.blanks.length);
		const kind = there(instance.blanks[blank], 'kind');
		const place = filled.placeFor(blank, kind, never);
		if (place.room) filled = filled.with(blank, kind, place);
	}
	return filled;
}

/** By making every tree with the blank beside one of its boxes. */
function goesSomewhere({ sheet, root }: Filled, kind: BlankKind): boolean {
	const ways = [leaf(kind, 0, false), ...(kind.turn ? [leaf(kind, 0, true)] : [])];
	const fitsOn = ({ w, h }: Box): boolean => w <= sheet.w && h <= sheet.h;
	return ways.some((added) => grown(root, added).some(fitsOn));
}

function grown(box: Box, added: Box): Box[] {
	const { first, second, across } = box;
	const beside = [pair(true, box, added), pair(false, box, added)];
	if (first === null || second === null) return beside;
	return [
		...beside,
		...grown(first, added).map((one) => pair(across, one, second)),
		...grown(second, added).map((one) => pair(across, first, one))
	];
}

test('property: a blank goes on a sheet exactly when it goes beside one of its boxes', () => {
	fc.assert(
		fc.property(fc.integer({ min: 1, max: 5000 }), fc.integer({ min: 1, max: 99 }), (seed, laidBy) => {
			const instance = instanceOf(zeroWaste(seed, 30));
			const filled = someLaid(instance, laidBy);
			assert.ok(filled.root.w <= filled.sheet.w && filled.root.h <= filled.sheet.h);
			instance.blanks.forEach((kind, blank) => {
				const place = filled.placeFor(blank, kind, never);
				assert.equal(place.room !== null, goesSomewhere(filled, kind));
				if (!place.room) return assert.equal(place.lost, Infinity);
				assert.ok(
					Math.min(kind.w, kind.h) <= filled.deepest && kind.area <= filled.free,
					'what is known beforehand rules it out'
				);
				const after = filled.with(blank, kind, place);
				assert.ok(after.root.w <= after.sheet.w && after.root.h <= after.sheet.h);
				assert.deepEqual(
					blanksOf(after.root).sort((one, other) => one - other),
					[...blanksOf(filled.root), blank].sort((one, other) => one - other)
				);
			});
		}),
		{ numRuns: runs(60) }
	);
});

test('what is known of a sheet is not taken over for other blanks', () => {
	const instance = instanceOf(zeroWaste(3, 20));
	const least = leastOf(instance.blanks);
	const filled = someLaid(instance, 1);
	const again = filledOf(filled, least);
	assert.notEqual(again, filled);
	assert.equal(filledOf(again, least), again);
	assert.equal(again.root, filled.root);
});
