/** Drawings of what hands do: all of it inside its frame, every part named, and one for each kind of hold that is made by hand. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Scene } from '../../figures/scene.ts';
import { HOLD_KINDS, isHinge } from '../../job/hold-kinds.ts';
import { bladeScene, cornerPlatesScene, tapeCornerScene, wireKnotScene } from './hands.ts';
import { holdHandsScene } from './hold-hands.ts';

const SCENES: Scene[] = [
	bladeScene(),
	cornerPlatesScene(),
	tapeCornerScene(),
	wireKnotScene(),
	...HOLD_KINDS.flatMap((kind) => holdHandsScene(kind) ?? [])
];
/** Rails and boards run out of the picture on the far side; below it stands its caption. */
const RUNS_OUT = 40;

test('each stands inside its frame, is named, and says that it is no drawing to scale', () => {
	for (const { title, box, shapes, notToScale } of SCENES) {
		assert.ok(title.length > 10 && notToScale, title);
		for (const { rings = [], circle } of shapes) {
			const places = [...rings.flat(), ...(circle ? [circle] : [])];
			assert.ok(places.length > 0, title);
			for (const { x, y } of places)
				assert.ok(
					x >= box.left - 1 && y >= box.top - 1 && x <= box.width + RUNS_OUT && y <= box.height + 1,
					`${title}: ${x}, ${y}`
				);
		}
		const solid = shapes.filter(({ open, role }) => !open && role !== 'blade');
		assert.ok(
			solid.every((shape) => shape.title),
			title
		);
	}
	assert.equal(new Set(SCENES.map(({ title }) => title)).size, SCENES.length);
});

test('every hinge, the pocket and the strip are drawn; what a conservator chose or a needle does is not', () => {
	const drawn = HOLD_KINDS.filter((kind) => holdHandsScene(kind) !== null);
	assert.deepEqual(drawn, [...HOLD_KINDS.filter(isHinge), 'corners', 'strips']);
});
