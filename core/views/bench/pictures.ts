/** What a step is shown with at the bench: the board as it lies, the back with what comes onto it, the way that hands go. */
import type { Scene } from '../../figures/scene.ts';
import type { Decided } from '../../job/decided.ts';
import type { Plan } from '../../plan.ts';
import type { Shop } from '../../shop/shop.ts';
import type { AnyStepId, Step } from '../../stations/step.ts';
import { backScene } from '../drawing/back.ts';
import { frontScene } from '../drawing/front.ts';
import { cornerPlatesScene, tapeCornerScene, wireKnotScene, cordKnotScene } from '../drawing/hands.ts';
import { holdHandsScene } from '../drawing/hold-hands.ts';
import { partsScene } from '../drawing/parts.ts';
import { sectionScene } from '../drawing/section.ts';

type Of = { job: Decided; plan: Plan; shop: Shop };
type Drawn = (of: Of) => (Scene | null)[];

const back: Drawn = ({ job, plan, shop }) => [backScene(plan, job, shop)];
const front: Drawn = ({ job, plan }) => [frontScene(plan, job)];
const section: Drawn = ({ job, plan, shop }) => [sectionScene(plan, job, shop)];

/** Wire is twisted, cord is knotted. */
const knot: Drawn = ({ plan: { hang } }) => (hang?.wire ? [hang.by === 'cord' ? cordKnotScene() : wireKnotScene()] : []);

/** How what holds it is made. */
const hold: Drawn = ({ job }) => [holdHandsScene(job.hold.kind)];

const DRAWN: Partial<Record<AnyStepId, Drawn>> = {
	'cut-glazing': ({ job, plan }) => [partsScene(plan, job)],
	'prepare-hold': hold,
	'try-window': front,
	'close-pack': section,
	'edge-seal': section,
	'join-metal': () => [cornerPlatesScene()],
	'open-metal': () => [cornerPlatesScene()],
	'hold-board': front,
	'mark-up': back,
	'fit-all': back,
	seal: (of) => [...back(of), tapeCornerScene()],
	'dust-cover': back,
	'back-strip': back,
	hang: (of) => [...back(of), ...knot(of)],
	rings: back,
	wire: knot,
	bumpers: back,
	'last-look': front
};

/** @returns its own drawings, else those that go with it; none where words say it */
export function picturesOf(step: Step, of: Of): Scene[] {
	const drawn = step.pictures && step.pictures.length > 0 ? step.pictures : (DRAWN[step.id]?.(of) ?? []);
	return drawn.filter((scene) => scene !== null);
}
