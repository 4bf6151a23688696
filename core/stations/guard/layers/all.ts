/** Every layer of the pack, from the front. */
import type { Layer, LayerRole } from '../../../figures/pack.ts';
import type { Decided } from '../../../job/decided.ts';
import type { Shop } from '../../../shop/shop.ts';
import { backing } from './backing.ts';
import { backSpacer } from './back-spacer.ts';
import { barrier } from './barrier.ts';
import { filler } from './filler.ts';
import { glazing } from './glazing.ts';
import type { LayerDefinition, LayerDefinitions } from './layer.ts';
import { lift } from './lift.ts';
import { mat } from './mat.ts';
import { piece } from './piece.ts';
import { spacer } from './spacer.ts';
import { support } from './support.ts';
import { underMat } from './under-mat.ts';
import { nth } from '../../../units/there.ts';

export const LAYERS: LayerDefinitions = {
	glazing,
	spacer,
	mat,
	lift,
	piece,
	support,
	'back-spacer': backSpacer,
	'under-mat': underMat,
	filler,
	barrier,
	backing
};

type Walked = { role: LayerRole; definition: LayerDefinition; index: number };

/** Each role as often as there may be one, from the front: a mat, its lift, the next mat. */
export function layersInOrder(job: Decided): Walked[] {
	const counts = { mats: job.mats.length, fillers: job.guard.fillers.length };
	const roles = Object.keys(LAYERS) as LayerRole[];
	const walked: Walked[] = [];
	while (roles.length > 0) {
		const { each } = LAYERS[nth(roles, 0)];
		const apart = roles.findIndex((role) => LAYERS[role].each !== each);
		const together = roles.splice(0, each === null ? 1 : apart < 0 ? roles.length : apart);
		for (let index = 0; index < (each === null ? 1 : counts[each]); index += 1)
			walked.push(...together.map((role) => ({ role, definition: LAYERS[role], index })));
	}
	return walked;
}

export function layerName(layer: Layer, job: Decided, shop: Shop): string {
	return LAYERS[layer.role].name(layer, job, shop);
}

/** Where findings about a layer say they are. */
export function whereOf(layer: Layer): string {
	return LAYERS[layer.role].where(layer.index ?? 0);
}
