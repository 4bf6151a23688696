/** The views of a job, by name. */
import type { Plan } from '../../plan.ts';
import type { Shop } from '../../shop/shop.ts';
import { backScene } from './back.ts';
import { frontScene } from './front.ts';
import { sectionScene } from './section.ts';
import type { Decided } from '../../job/decided.ts';
import type { Scene } from '../../figures/scene.ts';

export const VIEWS = ['front', 'section', 'back'] as const;
export type View = (typeof VIEWS)[number];

const SCENES: Record<View, (plan: Plan, job: Decided, shop: Shop) => Scene | null> = {
	front: frontScene,
	section: sectionScene,
	back: backScene
};

/** @returns the scene, or null while the plan lacks what the view shows */
export function sceneOf(view: View, plan: Plan, job: Decided, shop: Shop): Scene | null {
	return SCENES[view](plan, job, shop);
}
