/** What layers of board behind the piece share: as large as the pack, named and hatched by their board. */
import type { LayerDefinition } from './layer.ts';
import { BOARD_FILL, hatchOf } from './look.ts';
import { wholePack } from './section-rings.ts';
import { known, there } from '../../../units/there.ts';

export const boardLayer: Pick<
	LayerDefinition,
	'side' | 'each' | 'faces' | 'touchesFloat' | 'thickness' | 'name' | 'look' | 'drawn'
> = {
	side: 'behind',
	each: null,
	faces: false,
	touchesFloat: false,
	thickness: ({ material }) => `shop.boards[${material}].thickness`,
	name: ({ material }, _, shop) => known(shop.boards, there(material, 'material')).name,
	look: ({ material }) => ({ fill: BOARD_FILL, hatch: hatchOf(there(material, 'material')) }),
	drawn: wholePack
};
