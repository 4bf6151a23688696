/** The views of a job, by name. */
import type { Decided } from '../../job/decide.ts';
import type { Plan } from '../../plan.ts';
import type { Shop } from '../../shop/shop.ts';
import { backScene } from './back.ts';
import { frontScene } from './front.ts';
import type { Scene } from './scene.ts';
import { sectionScene } from './section.ts';

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
