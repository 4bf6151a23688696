/** Plates that lock to the wall, two at the top and one at the bottom: for public places (handbook hang#security). */
import type { Shape } from '../../../figures/scene.ts';
import { at, half, houseTerms, less, negative, over, plain, sum, times } from '../../../rule/term.ts';
import { there } from '../../../units/there.ts';
import { heightOf, insetOf, nailsAt } from '../places.ts';
import type { HangerDefinition, Own } from './hanger.ts';

/** Two that bear, and one that locks. */
const PLATES = 3;

const own: Own = {
	name: 'security plates',
	title: 'Security plates',
	plan(hangs) {
		const { job, kg, outer, shop, write } = hangs;
		const house = houseTerms(shop.house);
		// A typed drop is for rings on the side rails: plates stand on the top rail, whatever it says.
		const drop = write('drop', insetOf(hangs), 'security');
		// Clear of the mitres, whose wood ends there.
		const span = write('span', half(outer.width), 'security');
		const bottom = sum(less(at('job.hang.centreHeight', job.hang.centreHeight), half(outer.height)), drop);
		const top = heightOf(hangs, drop);
		return {
			by: 'security',
			drop: drop.value,
			inset: write('inset', half(less(outer.width, span)), 'security').value,
			span: span.value,
			hookCount: write('hookCount', plain(PLATES), 'security').value,
			spacing: write('spacing', span, 'security').value,
			rise: write('rise', plain(0), 'security').value,
			angle: write('angle', plain(90), 'security').value,
			pullN: write('pullN', over(times(kg, house('gravity')), plain(2)), 'security').value,
			sidewaysN: write('sidewaysN', plain(0), 'security').value,
			ringWantedKg: write('ringWantedKg', times(house('hangerSafety'), kg), 'security').value,
			widened: false,
			noWire: false,
			hooks: nailsAt(write, [
				{ x: negative(half(span)), height: top },
				{ x: plain(0), height: bottom },
				{ x: half(span), height: top }
			])
		};
	},
	screwedOn: 3,
	gather: { frame: '3 security plates, with screws', wall: () => '3 wall plates, screws, wall plugs, the key' },
	step: (writer, { drop, inset }) => ({
		title: 'Security plates',
		does: [
			`Fix two plates on the top rail, ${writer.mark(inset)} from the sides, screws ${writer.mark(drop)} below the top; the locking one in the middle of the bottom rail.`,
			'Screws at most two thirds of the depth there. Pull each by hand.'
		],
		because: 'A knock won’t lift it off, and removing it takes the key.'
	}),
	atWall: {
		title: 'Hang it',
		does: (writer, { hooks }) => [
			`Fix two wall plates ${writer.mark(Math.abs(there(hooks[0], 'plate').x))} left and right of the centre line, ${writer.mark(there(hooks[0], 'plate').height)} above the floor; the locking one on it, ${writer.mark(there(hooks[1], 'plate').height)}.`,
			'Hang it on the two, push the bottom onto the third and lock it; note the key in the record.'
		]
	},
	shapes({ drop, span }, box) {
		const middle = box.left + box.width / 2;
		const plate = (x: number, y: number): Shape => ({ role: 'ring', circle: { x, y, radius: 6 }, title: 'Security plate' });
		return [
			plate(middle - span / 2, box.top + drop),
			plate(middle + span / 2, box.top + drop),
			plate(middle, box.top + box.height - drop)
		];
	},
	onBareWood: false,
	parts: [],
	drops: 'plates'
};

export const security: HangerDefinition & { line: null } = {
	title: 'Security plates, for public places',
	came: 'security plates',
	line: null,
	single: null,
	own,
	rings: 'security plates',
	ringsTitle: 'Security plates',
	holes: null,
	holdsIn: 'rails',
	most: null,
	standsOff: 'platesStandOff',
	levels: true,
	onMetal: true,
	turns: false
};
