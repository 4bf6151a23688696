/** A leg on the back: it stands on a table and hangs nowhere (handbook hang#stand). */
import { rectangle, type Shape } from '../../../figures/scene.ts';
import { plain } from '../../../rule/term.ts';
import { colourOf } from '../../../shop/colours.ts';
import { showNumber } from '../../../units/show.ts';
import { there } from '../../../units/there.ts';
import type { HangerDefinition, Own } from './hanger.ts';

/** How broad the leg is drawn, of the frame’s width; and no broader than this, mm. */
const BROAD = { share: 1 / 4, most: 70 };

/** The leg as it lies on the back, its hinge up. */
export function legShapes(
	{ stand }: { stand?: { hinge: number; leg: number } },
	box: { left: number; top: number; width: number; height: number }
): Shape[] {
	if (!stand) return [];
	const broad = Math.min(BROAD.share * box.width, BROAD.most);
	const top = box.top + box.height - stand.hinge;
	return [
		{
			role: 'strip',
			rings: [rectangle(box.left + (box.width - broad) / 2, top, broad, Math.min(stand.leg, stand.hinge))],
			fill: colourOf('limed'),
			title: 'Leg of the stand'
		}
	];
}

const own: Own = {
	name: 'a stand',
	title: 'Table stand',
	plan({ write }) {
		const nothing = (name: string) => write(name, plain(0), 'stand').value;
		return {
			by: 'stand',
			drop: nothing('drop'),
			inset: nothing('inset'),
			span: nothing('span'),
			hookCount: nothing('hookCount'),
			spacing: nothing('spacing'),
			rise: nothing('rise'),
			angle: nothing('angle'),
			pullN: nothing('pullN'),
			sidewaysN: nothing('sidewaysN'),
			ringWantedKg: nothing('ringWantedKg'),
			widened: false,
			noWire: false,
			hooks: []
		};
	},
	screwedOn: 1,
	gather: { frame: 'a leg with its hinge and ribbon', wall: () => null },
	step: (writer, { stand }) => {
		const { hinge, leg, foot, lean } = there(stand, 'stand');
		return {
			title: 'The stand',
			does: [
				`Fix the leg ${writer.cut(leg)} long, its hinge ${writer.mark(hinge)} above the frame’s bottom, in the middle; screws no longer than the back’s thickness.`,
				`The ribbon stops it with its lower end ${writer.mark(foot)} behind the frame’s bottom: the frame leans back ${showNumber(lean, 0)}°.`
			],
			because: 'Too little and it tips forward; too far and the leg slides out.'
		};
	},
	atWall: {
		title: 'Stand it up',
		does: () => [
			'Stand it level, out of the sun, away from heat, draughts and elbows.',
			'Push it gently at the top, forward and back: it must settle by itself.'
		]
	},
	shapes: legShapes,
	onBareWood: false,
	parts: [],
	drops: null
};

export const stand: HangerDefinition & { line: null } = {
	title: 'Table stand, not hung',
	came: 'stand',
	line: null,
	single: null,
	own,
	rings: 'stand',
	ringsTitle: 'Stand',
	holes: null,
	holdsIn: 'back',
	most: 'standMostKg',
	standsOff: null,
	levels: false,
	onMetal: false,
	turns: false
};
