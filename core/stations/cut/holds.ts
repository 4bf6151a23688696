/** What a hold is made of: torn tabs and cross-pieces, folded pockets and strips, cloth (handbook hold). */
import { isHinge } from '../../job/decide-hold.ts';
import type { Size } from '../../geometry/shapes.ts';
import type { Decided } from '../../job/decide.ts';
import { stripBlank } from '../hold/strips.ts';
import { named } from '../../rule/sights.ts';
import type { House } from '../../shop/house.ts';
import type { Hold } from '../../figures/hold.ts';
import type { Cut } from '../../figures/cut.ts';

type Add = (cut: Cut, width: string, height: string) => void;

/** Of several sheets each part says which it holds. */
function whose(job: Decided, index: number): Partial<Cut> {
	return job.several ? { of: `window ${index + 1}` } : {};
}

export function cutHolds(holds: Hold[], job: Decided, house: House, add: Add): void {
	const { kind } = job.hold;
	if (isHinge(kind)) cutHinges(holds, job, house, add);
	else if (kind === 'corners') cutPockets(holds, job, add);
	else if (kind === 'strips' || kind === 'sling') cutStrips(holds, job, house, add);
	else if (kind === 'clips') cutPatches(holds, job, add);
	else if (kind === 'whole-surface') cutAdhesiveBoard(holds, job, add);
}

/** Tabs of one size are torn together, whichever sheet they hold; cross-pieces likewise. */
function cutHinges(holds: Hold[], job: Decided, house: House, add: Add): void {
	const material = job.hold.adhesive.id;
	const path = (index: number, text: string) => named(job.several ? index + 1 : null, text);
	const tabOf = ({ size, tab }: Hold): Size => ({ width: size.width, height: size.height + tab! });
	for (const { first, size, count, of } of alike(holds, tabOf))
		add(
			{ role: 'hinge tab', ...of, material, ...size, count, from: 'tissue' },
			path(first, 'hold.size.width'),
			`${path(first, 'hold.size.height')} + ${path(first, 'hold.tab')}`
		);
	if (job.hold.kind !== 't-hinge') return;
	for (const { first, size, count, of } of alike(holds, ({ cross }) => cross!))
		add(
			{ role: 'cross-piece', ...of, material, ...size, count, from: 'tissue' },
			path(first, 'hold.cross.width'),
			path(first, 'hold.cross.height')
		);
}

type Alike = { /** Index of the first sheet that has them. */ first: number; size: Size; count: number; of: Pick<Cut, 'of'> };

/** Parts of one size with their count; where sheets differ, of which windows they are. */
function alike(holds: Hold[], sizeOf: (hold: Hold) => Size): Alike[] {
	const groups = new Map<string, number[]>();
	for (const [index, hold] of holds.entries()) {
		const { width, height } = sizeOf(hold);
		const key = `${width} ${height}`;
		groups.set(key, [...(groups.get(key) ?? []), index]);
	}
	return [...groups.values()].map((indexes) => ({
		first: indexes[0]!,
		size: sizeOf(holds[indexes[0]!]!),
		count: indexes.reduce((sum, index) => sum + holds[index]!.count, 0),
		of:
			groups.size === 1
				? {}
				: { of: `${indexes.length === 1 ? 'window' : 'windows'} ${indexes.map((index) => index + 1).join(', ')}` }
	}));
}

/** A pocket is folded from a strip as high as the triangle over its fold, and four times as long. */
function cutPockets(holds: Hold[], job: Decided, add: Add): void {
	for (const [index, { size }] of holds.entries()) {
		const height = size.width / Math.SQRT2;
		const of = named(job.several ? index + 1 : null, 'hold.size.width / sqrt(2)');
		if (height > 0)
			add(
				{
					role: 'corner pocket',
					material: 'alkaline-paper',
					width: 4 * height,
					height,
					count: 4,
					from: 'roll',
					...whose(job, index)
				},
				`4 * (${of})`,
				of
			);
	}
}

function cutStrips(holds: Hold[], job: Decided, house: House, add: Add): void {
	for (const [index, { strips }] of holds.entries())
		for (const [at, strip] of strips!.entries()) {
			const path = (key: string) => named(job.several ? index + 1 : null, `hold.strips[${at}].${key}`);
			add(
				{
					role: 'edge strip',
					material: 'alkaline-paper',
					...stripBlank(strip, house),
					count: 1,
					from: 'roll',
					side: strip.side,
					...whose(job, index)
				},
				path('length'),
				`${path('reach')} + shop.house.stripBehind`
			);
		}
}

/** Clips are hardware; behind a panel in a float lie patches of tape. Glue is not cut. */
function cutPatches(holds: Hold[], job: Decided, add: Add): void {
	if (job.hold.adhesive.family !== 'gummed') return;
	for (const [index, { size, count }] of holds.entries()) {
		const path = (axis: string) => named(job.several ? index + 1 : null, `hold.size.${axis}`);
		add(
			{ role: 'patch behind the piece', material: job.hold.adhesive.id, ...size, count, from: 'tissue', ...whose(job, index) },
			path('width'),
			path('height')
		);
	}
}

/** Adhesive board and dry-mount tissue are cut to the sheet; what is sprayed is not. */
function cutAdhesiveBoard(holds: Hold[], job: Decided, add: Add): void {
	if (job.hold.adhesive.family !== 'whole-surface' || job.hold.adhesive.id === 'spray') return;
	for (const [index, { size }] of holds.entries()) {
		const path = (axis: string) => named(job.several ? index + 1 : null, `hold.size.${axis}`);
		add(
			{
				role: job.hold.adhesive.ownBoard ? 'adhesive board' : 'adhesive sheet',
				material: job.hold.adhesive.id,
				...size,
				count: 1,
				from: 'sheet',
				...whose(job, index)
			},
			path('width'),
			path('height')
		);
	}
}
