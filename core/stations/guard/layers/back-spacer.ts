/** Strips behind a panel that hold its backboard off: nothing presses on its back (handbook hold#panels). */
import type { Decided } from '../../../job/decided.ts';
import { rectangle } from '../../../figures/scene.ts';
import { houseTerms, less, sizeTerms, tidied, twice } from '../../../rule/term.ts';
import { CORE } from '../../../shop/colours.ts';
import { nearestHeight, spacerBoards, stackBeside } from '../../pack/made.ts';
import type { LayerDefinition } from './layer.ts';

export const backSpacer: LayerDefinition = {
	side: 'behind',
	each: null,
	faces: false,
	closes: false,
	touchesFloat: false,
	standsOff: false,
	found: (job, { house, ...shop }) => {
		if (!hasBackSpacer(job)) return [];
		const boards = spacerBoards(job, { ...shop, house });
		const made =
			stackBeside(house.panelBackAir, boards, job, house.madeWithin) ?? nearestHeight(house.panelBackAir, boards)?.made ?? null;
		return [{ material: 'cotton', thickness: house.panelBackAir, made }];
	},
	where: () => 'guard.backing',
	thickness: (_, __, house) => houseTerms(house)('panelBackAir'),
	name: () => 'Spacer behind the panel, cotton board',
	look: () => ({ fill: CORE, hatch: 'board' }),
	// At its edges alone.
	drawn: ({ layout, top, layer, plan }) => {
		const width = plan.window?.pack.width ?? 0;
		return [{ ring: rectangle(layout.packLeft, top, Math.min(STRIP, width / 4), layer.thickness) }];
	},
	weighs: () => {},
	cut: ({ house, plan }, _, add) => {
		const made = plan.pack?.layers.find(({ role }) => role === 'back-spacer')?.made;
		const pack = sizeTerms('window.pack', plan.window.pack);
		const strip = houseTerms(house)('backSpacerWidth');
		for (const { board, layers } of made ?? [])
			for (const [axis, of] of [
				['width', 'top and bottom'],
				['height', 'left and right']
			] as const)
				add({
					role: 'back spacer',
					material: board,
					width: axis === 'width' ? pack.width : tidied(less(pack.height, twice(strip))),
					height: strip,
					count: 2 * layers,
					from: 'sheet',
					of,
					...(layers > 1 ? { layers } : {})
				});
	}
};

const STRIP = 10;

/** A panel in its frame, with a board behind it and nothing between. */
export function hasBackSpacer({ piece, windows, guard }: Pick<Decided, 'piece' | 'windows' | 'guard'>): boolean {
	return (
		piece.kind === 'panel' && guard.backing !== null && guard.underMat === null && windows.every(({ way }) => way !== 'float')
	);
}
