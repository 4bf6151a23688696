/** Nails put where the list says, and each picture hung on them again: its centre comes where the plan has it. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { hung } from '../../tests/hung.ts';
import { runs } from '../../tests/thorough.ts';
import type { Hang } from '../figures/hang.ts';
import { HOUSE_MM } from '../shop/house.ts';
import { showLength } from '../units/show.ts';
import { nth, there } from '../units/there.ts';
import { planWall } from './plan-wall.ts';
import type { Picture, Wall } from './wall.ts';

const CENTRE = 1500;
const WITHIN = 0.5;

type Framed = { width: number; height: number; hang: Hang };

const framed = fc
	.record({
		width: fc.integer({ min: 180, max: 1200 }),
		height: fc.integer({ min: 180, max: 1400 }),
		kg: fc.double({ min: 0.3, max: 30, noNaN: true }),
		by: fc.constantFrom('wire', 'cord', 'rings', 'sawtooth', 'centre-hanger', 'cleat', undefined)
	})
	.map(({ width, height, kg, by }): Framed => ({ width, height, hang: hung({ width, height, kg, hang: by ? { by } : {} }) }));

const pictureOf = ({ width, height, hang }: Framed, at: number): Picture => ({
	id: `p${at}`,
	outer: { width, height },
	kg: 3,
	hooks: hang.hooks.map((hook) => ({ x: hook.x, down: CENTRE + height / 2 - hook.height }))
});

/** As it is read on the paper, mm. */
const read = (mm: number) => Number(showLength(mm, { unit: 'mm', fraction: 16 }, 'mark').text);

/** A string of the wire’s length over two hooks as far apart as the nails are, or what hangs straight on them. */
function centreFrom(nails: readonly { x: number; height: number }[], { height, hang }: Framed): { x: number; y: number } {
	const [first, last] = [nth(nails, 0), there(nails.at(-1), 'nail')];
	const x = (first.x + last.x) / 2;
	if (hang.wallRail) {
		// Its highest edge stands half a rail above the line of its screws; the frame's rail hooks behind it, a rail's thickness lower.
		const edge = first.height + hang.wallRail.height / 2;
		return { x, y: edge - HOUSE_MM.cleatThickness + hang.wallRail.height + hang.drop - height / 2 };
	}
	// One in the middle hangs on its nail itself.
	const bearing = first.height - (hang.by === 'sawtooth' || hang.by === 'centre-hanger' ? 0 : HOUSE_MM.hookOffset);
	const spacing = last.x - first.x;
	const side = hang.wire ? (hang.wire.length - 2 * HOUSE_MM.wireEnd - spacing) / 2 : 0;
	const rise = hang.wire ? Math.sqrt(side ** 2 - ((hang.span - spacing) / 2) ** 2) : 0;
	return { x, y: bearing - rise + hang.drop - height / 2 };
}

test('property: nails placed by the list hang the centre of every picture where the plan says, within half a millimetre', () => {
	fc.assert(
		fc.property(fc.array(framed, { minLength: 1, maxLength: 6 }), fc.constantFrom('equal', 'between', 40), (frames, gap) => {
			const pictures = frames.map(pictureOf);
			const wall: Wall = {
				wall: { width: 9000, height: 3000, kind: 'masonry', things: [] },
				pictures,
				groups: [
					{
						pictures: pictures.map(({ id }) => id),
						line: 'row',
						from: 100,
						to: 8900,
						align: 'centre',
						height: 1450,
						gap: gap as 'equal',
						slope: 0.1,
						columns: 1
					}
				],
				places: []
			};
			const plan = planWall(wall, 'mm');
			for (const [at, one] of plan.pictures.entries()) {
				const nails = plan.hooks
					.filter(({ picture }) => picture === one.id)
					.map(({ x, height }) => ({ x: read(x), height: read(height) }));
				const { x, y } = centreFrom(nails, nth(frames, at));
				assert.ok(Math.abs(x - one.left - one.width / 2) <= WITHIN, `${one.id}: ${x - one.left - one.width / 2} aside`);
				assert.ok(Math.abs(y - one.bottom - one.height / 2) <= WITHIN, `${one.id}: ${y - one.bottom - one.height / 2} too high`);
			}
		}),
		{ numRuns: runs(1000) }
	);
});
