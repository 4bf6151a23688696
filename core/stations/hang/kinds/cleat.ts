/**
 * Two bevelled rails, one on the frame and one on the wall, that hook into each other (handbook hang#cleat): for what is too heavy for
 * hooks. The wall’s is shorter, so that the picture can be slid to its place.
 */
import { at, counted, half, houseTerms, largest, less, negative, over, plain, sum, times, twice } from '../../../rule/term.ts';
import { rectangle } from '../../../figures/scene.ts';
import { colourOf } from '../../../shop/colours.ts';
import { fail } from '../../../job/faults.ts';
import { isAbove, isBelow } from '../../../units/compare.ts';
import { showWithUnit } from '../../../units/show.ts';
import { there } from '../../../units/there.ts';
import { heightOf, insetOf, nailsAt, stripOf, typedDrop, type Hangs } from '../places.ts';
import type { HangerDefinition, Own } from './hanger.ts';

const own: Own = {
	name: 'a cleat',
	title: 'Cleat',
	plan(hangs) {
		const { job, kg, outer, shop, write } = hangs;
		const house = houseTerms(shop.house);
		const drop = write('drop', job.hang.drop === null ? house('cleatDown') : typedDrop(hangs, job.hang.drop), 'cleat');
		const inset = write('inset', insetOf(hangs), 'inset');
		const span = write('span', less(outer.width, twice(inset)), 'inset');
		const strip = stripOf(hangs);
		const rail = at(`${hangs.under}.strip.width`, strip.width);
		const wallRail = write('wallRail.width', less(rail, house('cleatSlide')), 'cleat');
		const height = write('wallRail.height', house('backStripWidth'), 'cleat');
		fits(hangs, drop.value, wallRail.value);
		// The screws at its ends, and between them no farther apart than the house says.
		const between = largest(plain(0), less(wallRail, twice(house('cleatScrewEnd'))));
		const gaps = largest(plain(1), counted(over(between, house('cleatScrewEvery'))));
		const spacing = write('spacing', over(between, gaps), 'cleat');
		const count = write('hookCount', sum(gaps, plain(1)), 'cleat');
		const weight = times(kg, house('gravity'));
		// Hooked in, the frame's rail lies on the wall's with its lowest edge t lower than that one's highest.
		const edge = write('wallRailEdge', less(heightOf(hangs, drop), less(height, house('cleatThickness'))), 'cleat');
		const line = less(edge, half(height));
		return {
			by: 'cleat',
			drop: drop.value,
			inset: inset.value,
			span: span.value,
			hookCount: count.value,
			spacing: spacing.value,
			rise: write('rise', plain(0), 'cleat').value,
			angle: write('angle', plain(90), 'cleat').value,
			pullN: write('pullN', over(weight, count), 'cleat').value,
			sidewaysN: write('sidewaysN', plain(0), 'cleat').value,
			ringWantedKg: write('ringWantedKg', times(house('hangerSafety'), kg), 'cleat').value,
			strip,
			wallRail: { width: wallRail.value, height: height.value },
			wallRailEdge: edge.value,
			widened: false,
			noWire: false,
			hooks: nailsAt(
				write,
				Array.from({ length: count.value }, (_, index) => ({
					x: sum(negative(half(between)), times(plain(index), at(`${hangs.under}.spacing`, spacing.value))),
					height: line
				}))
			)
		};
	},
	screwedOn: 2,
	gather: {
		frame: 'glue and screws for the frame rail and strip',
		wall: ({ hookCount }) => `${hookCount} screws and wall plugs for the wall rail`
	},
	step: (writer, { drop, strip }) => {
		const thick = writer.mark(writer.shop.house.cleatThickness);
		return {
			title: 'Frame rail of the cleat',
			does: [
				`Fix the rail ${writer.size(there(strip, 'strip'))}, ${thick} thick, one long edge cut at 45°: bevel down, long edge toward the wall.`,
				`Its top ${writer.mark(drop)} below the frame’s top; glue and screw it to both side rails, on bare wood.`,
				`Fix a strip ${thick} thick along the bottom, so the frame hangs parallel to the wall.`,
				'Pull-test the rail by hand once the glue has set.'
			],
			because: 'The whole rail carries the load; no nail is pulled sideways.',
			waitMinutes: writer.shop.house.cleatGlueMinutes
		};
	},
	atWall: {
		title: 'Hang it',
		does: (writer, { wallRail, wallRailEdge, hooks }) => [
			`Fix the rail ${writer.size(there(wallRail, 'wall rail'))}, bevel up, long edge away from the wall, level: that edge ${writer.mark(there(wallRailEdge, 'edge'))} above the floor.`,
			`Its ${hooks.length} screws ${writer.mark(there(hooks[0], 'screw').height)} above the floor, into studs or wall plugs.`,
			'Two people lower the frame rail behind it from above and slide it into place.'
		]
	},
	shapes({ strip, drop }, box) {
		const { width, height } = there(strip, 'strip');
		const left = box.left + (box.width - width) / 2;
		return [
			{
				role: 'strip',
				rings: [rectangle(left, box.top + drop, width, height)],
				fill: colourOf('limed'),
				title: 'Frame rail of the cleat'
			}
		];
	},
	onBareWood: true,
	parts: ['cleat’s rail on the frame', 'cleat’s strip at the bottom'],
	drops: 'cleat'
};

/** @throws FaultError for a frame too narrow for two screws in the wall’s rail, or too low for the rail on it */
function fits({ job, outer, shop: { house } }: Hangs, drop: number, wallRail: number): void {
	const said = (mm: number) => showWithUnit(mm, job.reader, 'mark');
	if (isBelow(wallRail, 2 * house.cleatScrewEnd))
		fail('hang.by', `The frame is ${said(outer.width.value)} wide, too narrow for a cleat. Choose rings.`);
	if (isAbove(drop + house.backStripWidth, outer.height.value))
		fail(
			'hang.drop',
			`The frame is ${said(outer.height.value)} high: a cleat ${said(drop)} down would reach past it. Choose a shorter drop, or rings.`
		);
}

export const cleat: HangerDefinition & { line: null } = {
	title: 'Cleat: two bevelled rails',
	came: 'cleat',
	line: null,
	single: null,
	own,
	rings: 'cleat',
	ringsTitle: 'Cleat',
	holes: null,
	holdsIn: 'rails',
	most: null,
	standsOff: 'cleatThickness',
	levels: true,
	onMetal: false,
	turns: false
};
