/** How boards look in section. */
import type { Hatch } from '../../../figures/scene.ts';

/** A board that is nobody's colour. */
export const BOARD_FILL = '#f3f1ea';

export function hatchOf(board: string): Hatch {
	if (board.startsWith('foam')) return 'foam';
	if (board.startsWith('fluted')) return 'plastic';
	if (board.startsWith('aluminium')) return 'metal';
	return board.startsWith('cotton') || board.startsWith('purified') || board.startsWith('alkaline') ? 'board' : 'pulp';
}
