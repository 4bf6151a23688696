/** Station Guard: the layers from the front, and what of them touches or faces the piece (handbook guard#layers). */
import type { Layer } from '../../figures/pack.ts';
import type { Decided } from '../../job/decided.ts';
import type { Shop } from '../../shop/shop.ts';
import { isStiff } from '../../job/decide-piece.ts';
import { layersInOrder } from './layers/all.ts';

/**
 * Every mat in front of the piece faces it. Behind it, the first board touches it, and so does the base board under a float's support,
 * since its vapour reaches the piece round the support; a filler or backing faces it unless a barrier or an under-mat lies between.
 */
export function planLayers(job: Decided, shop: Shop): Layer[] {
	const float = job.windows.some(({ way }) => way === 'float');
	// A backboard stands off canvas and panel: it faces them and touches nothing.
	const standsOff = isStiff(job.piece.kind) && !float;
	let open = true;
	let first = true;
	return layersInOrder(job).flatMap(({ role, definition, index }) =>
		definition.found(job, shop, index).map(({ made, ...found }): Layer => {
			const behind = definition.side === 'behind';
			const isBack = standsOff && definition.standsOff;
			const touches = behind && !isBack && (first || (float && definition.touchesFloat));
			const faces = behind ? open && !touches : definition.faces;
			if (behind) first = false;
			if (definition.closes) open = false;
			return {
				role,
				...found,
				touches,
				faces,
				...(definition.each === null ? {} : { index }),
				...(made ? { made } : {})
			};
		})
	);
}
