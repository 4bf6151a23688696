/** What layers of board behind the piece share: as large as the pack, named and hatched by their board. */
import type { Board } from '../../../shop/boards.ts';
import { at, type Term } from '../../../rule/term.ts';
import type { LayerDefinition } from './layer.ts';
import { BOARD_FILL, hatchOf } from './look.ts';
import { wholePack } from './section-rings.ts';
import { known, there } from '../../../units/there.ts';

export const boardLayer: Pick<
	LayerDefinition,
	'side' | 'each' | 'faces' | 'touchesFloat' | 'standsOff' | 'thickness' | 'name' | 'look' | 'drawn'
> = {
	side: 'behind',
	each: null,
	faces: false,
	touchesFloat: false,
	standsOff: true,
	thickness: ({ material, thickness }) => at(`shop.boards[${material}].thickness`, thickness),
	name: ({ material }, _, shop) => known(shop.boards, there(material, 'material')).name,
	look: ({ material }) => ({ fill: BOARD_FILL, hatch: hatchOf(there(material, 'material')) }),
	drawn: wholePack
};

/** kg a m². */
export function massOf({ id, massPerM2 }: Pick<Board, 'id' | 'massPerM2'>): Term {
	return at(`shop.boards[${id}].massPerM2`, massPerM2);
}
