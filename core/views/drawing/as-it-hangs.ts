/** The front as it will be seen: no edges behind the mat, no zones, no figures. */
import type { Scene } from '../../figures/scene.ts';

export function asItHangs(scene: Scene): Scene {
	return {
		...scene,
		shapes: scene.shapes.filter(({ role }) => role !== 'sheet-edge' && role !== 'support' && !role.startsWith('zone')),
		dimensions: [],
		callouts: []
	};
}
