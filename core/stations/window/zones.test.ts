/** What a zone asks of a window, and the smallest change that gives it. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from '../../job/definition.ts';
import { patched } from '../../job/patch.ts';
import { planned, workedJob } from '../../../tests/jobs.ts';
import { findingOf, fixesOf } from '../../../tests/findings.ts';
import { zoneMargin } from './zone-margin.ts';

type ZoneOf = [kind: 'show' | 'hide', left: number, top: number, width: number, height: number];

const zoned = (zones: ZoneOf[], changes: Partial<JobFile> = {}, readings = { width: 402, height: 551 }, ids = true) =>
	planned({
		...changes,
		piece: {
			readings,
			zones: zones.map(([kind, left, top, width, height], index) => ({
				...(ids ? { id: `z${index + 1}` } : {}),
				kind,
				left,
				top,
				width,
				height
			})),
			...changes.piece
		}
	});
const near = (value: number, wanted: number) => assert.ok(Math.abs(value - wanted) < 2e-6, `${value} is not ${wanted}`);

test('how far a zone is from showing under a curve: along its way to the middle of the window', () => {
	// A circle of radius 100 round 110, 120, and a square of 20 on its diagonal: its far corner is 14.14 farther out than its middle.
	const circle = { left: 10, top: 20, width: 200, height: 200 };
	const square = (out: number, x = 1, y = 1) => ({
		kind: 'show' as const,
		left: 110 + (x * out) / Math.SQRT2 - 10,
		top: 120 + (y * out) / Math.SQRT2 - 10,
		width: 20,
		height: 20
	});
	for (const [x, y] of [
		[1, 1],
		[-1, 1],
		[1, -1],
		[-1, -1]
	] as const)
		near(zoneMargin(square(150, x, y), circle, 'circle'), -(150 - (100 - 10 * Math.SQRT2)));
	// Straight to the right of the middle, its two far corners decide.
	const beside = { kind: 'show' as const, left: 110 + 150 - 10, top: 110, width: 20, height: 20 };
	near(zoneMargin(beside, circle, 'circle'), 110 + Math.sqrt(100 ** 2 - 10 ** 2) - (beside.left + 20));
	// Larger than the window: it never shows, and is as far off as it is large.
	const large = { kind: 'show' as const, left: 110 + 30 - 150, top: 120 + 40 - 125, width: 300, height: 250 };
	near(zoneMargin(large, circle, 'circle'), -(50 + 300));
	const high = { kind: 'show' as const, left: 110 - 30 - 125, top: 120 - 40 - 150, width: 250, height: 300 };
	near(zoneMargin(high, circle, 'circle'), -(50 + 300));
});

test('a zone inside is as far in as its nearest side, one that is hidden as far out', () => {
	const window = { left: 10, top: 20, width: 200, height: 300 };
	const zone = (kind: 'show' | 'hide', left: number, top: number) =>
		zoneMargin({ kind, left, top, width: 20, height: 30 }, window, 'rectangle');
	assert.deepEqual([zone('show', 14, 100), zone('show', 100, 27), zone('show', 185, 100), zone('show', 100, 284)], [4, 7, 5, 6]);
	assert.deepEqual(
		[zone('hide', -13, 100), zone('hide', 100, -14), zone('hide', 213, 100), zone('hide', 100, 326)],
		[3, 4, 3, 6]
	);
});

test('window.zone-covered: by how much, and less overlap at that side', () => {
	const made = (left: number) => findingOf(zoned([['show', left, 200, 40, 20]]), 'window.zone-covered');
	assert.equal(made(8), undefined, '2 mm inside the window');
	assert.match(made(7.5)!.says, /^“z1” is 1\.5 mm from the window’s edge at the left; 2 mm is needed\.$/);
	assert.match(made(6)!.says, /^“z1” ends at the window’s edge at the left; 2 mm inside it is needed\.$/);
	assert.match(made(5)!.says, /^The mat covers “z1” by 1 mm at the left\.$/);
	assert.equal(fixesOf(zoned([['show', 7, 200, 40, 20]]), 'window.zone-covered')[0], 'Overlap 5 mm at the left');
	// Of two sides the worse is named, and both are mended.
	const both = zoned([['show', 7, 5.5, 40, 20]]);
	assert.match(findingOf(both, 'window.zone-covered')!.says, /at the top\.$/);
	assert.match(fixesOf(both, 'window.zone-covered')[0]!, /^Overlap \d.* at the top and left$/);
});

test('what cutting the opening down gives back is taken off once more', () => {
	// 402.4 less 5 and 6 is 391.4: cut to 391, half of the rest brings 5 back to 5.2, and 1.8 mm are not 2.
	const made = zoned([['show', 7, 200, 40, 20]], {}, { width: 402.4, height: 551 });
	assert.equal(fixesOf(made, 'window.zone-covered')[0], 'Overlap 4.5 mm at the left');
	// Where that would be less than the least, the program finds a window: what is left over goes to the other side.
	const solved = zoned([['show', 5.05, 200, 40, 20]], {}, { width: 400.3, height: 551 });
	assert.deepEqual(fixesOf(solved, 'window.zone-covered'), ['Find the largest window']);
});

test('under a curve the same overlap on every side, below the least that there is now', () => {
	const overlap = { top: 12, right: 20, bottom: 20, left: 20 };
	const oval = (zone: ZoneOf) => fixesOf(zoned([zone], { window: { shape: 'oval', overlap } }), 'window.zone-covered');
	assert.equal(oval(['show', 72, 92, 40, 40])[0], 'Overlap 11.5 mm on every side');
	assert.equal(oval(['show', 24, 20, 30, 30])[0], 'A rectangle instead');
});

test('window.zone-exposed: the nearest side that clears it and covers nothing that must show', () => {
	const fixes = (...zones: ZoneOf[]) => fixesOf(zoned(zones), 'window.zone-exposed');
	assert.equal(fixes(['hide', 3, 200, 6, 20])[0], 'Overlap 10 mm at the left');
	assert.equal(fixes(['hide', 200, 3, 20, 7])[0], 'Overlap 11 mm at the top');
	// The left side would cover what must show, so it is the top.
	assert.equal(fixes(['hide', 3, 0, 12, 20], ['show', 10, 300, 20, 20])[0], 'Overlap 21 mm at the top');
	assert.equal(findingOf(zoned([['hide', 0, 200, 5, 20]]), 'window.zone-exposed'), undefined, 'a millimetre outside');
	assert.ok(findingOf(zoned([['hide', 0, 200, 5.1, 20]]), 'window.zone-exposed'));
});

test('in a reveal less paper on the side of what must be hidden, down to none', () => {
	const revealed = (left: number, top: number, reveal: number) =>
		fixesOf(
			zoned([['hide', left, top, 10, 20]], {
				piece: { image: { left: 40, top: 40, width: 320, height: 450 } },
				window: { way: 'reveal', reveal }
			}),
			'window.zone-exposed'
		);
	// Its right edge is 3 mm inside the window: 3, the millimetre beside it and a step.
	assert.deepEqual(revealed(25, 200, 8), ['Reveal 3.5 mm at the left']);
	// As far at the top as at the left: the top.
	assert.match(revealed(25, 15, 8)[0]!, /at the top$/);
	assert.deepEqual(revealed(28.5, 200, 3), ['Reveal 0 mm at the left']);
	assert.deepEqual(revealed(29, 200, 3), []);
});

test('what is given up is named, four choices at most, zones without a name too', () => {
	const contrary: ZoneOf[] = [
		[100, 100],
		[250, 130],
		[180, 400]
	].flatMap(([left, top]): ZoneOf[] => [
		['show', left!, top!, 20, 10],
		['hide', left!, top!, 20, 10]
	]);
	const solve = {
		window: { overlap: 'solve' as const },
		frame: { moulding: 'oak-30' },
		borders: { way: 'even' as const, width: 300 }
	};
	const made = zoned(contrary, solve);
	const [first] = made.findings.filter(({ rule }) => rule.startsWith('window.zone'));
	assert.equal(first!.remedies.filter(({ label }) => label.startsWith('Drop')).length, 4);
	const unnamed = zoned(contrary.slice(0, 2), solve, undefined, false);
	const [finding] = unnamed.findings.filter(({ rule }) => rule.startsWith('window.zone'));
	const { zones } = workedJob({
		piece: {
			readings: { width: 402, height: 551 },
			zones: contrary.slice(0, 2).map(([kind, left, top, width, height]) => ({ kind, left, top, width, height }))
		},
		...solve
	}).piece!;
	const file = workedJob({ piece: { readings: { width: 402, height: 551 }, zones: zones! }, ...solve });
	const [up] = finding!.remedies;
	const left = patched(file, up!.patch).piece!.zones!;
	assert.match(up!.label, /^Drop “zone [12]”/);
	assert.equal(left.length, 1);
	assert.equal(left[0]!.kind, up!.label.includes('zone 1') ? 'hide' : 'show');
});
