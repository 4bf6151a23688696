/** A job as it hangs on a wall: its size, mass and nails, its name, and how it looks. */
import { decide } from '$core/decide.ts';
import type { Scene } from '$core/figures/scene.ts';
import type { JobFile } from '$core/job/definition.ts';
import type { Attempt } from '$core/job/faults.ts';
import { readJob } from '$core/job/read.ts';
import { planDecided } from '$core/plan.ts';
import type { Shop } from '$core/shop/shop.ts';
import { asItHangs } from '$core/views/drawing/as-it-hangs.ts';
import { frontScene } from '$core/views/drawing/front.ts';
import { pictureOf } from '$core/wall/of-job.ts';
import type { JobPicture } from '$core/wall/written.ts';
import { nth } from '$core/units/there.ts';

/** `copies`: so many alike can hang. */
export type WallPiece = { number: string; title: string; copies: number; picture: JobPicture; scene: Scene | null };

/** One that can't be planned does not hang, and says why. */
export function wallPieceOrFault(number: string, file: JobFile, made: Attempt<WallPiece>): WallPiece {
	if (made.ok) return made.gives;
	return {
		number,
		title: (file.title ?? file.piece?.title) || 'New piece',
		copies: 1,
		picture: `${number} can’t be planned: ${nth(made.faults, 0).says}`,
		scene: null
	};
}

export function wallPiece(number: string, file: JobFile, shop: Shop): WallPiece {
	const job = decide(readJob(file), shop);
	const plan = planDecided(file, job, shop);
	const scene = frontScene(plan, job);
	return {
		number,
		title: (file.title ?? file.piece?.title) || 'New piece',
		copies: job.copies,
		picture: pictureOf(number, file, job, plan) ?? `${number} has no frame or hangers yet.`,
		scene: scene && asItHangs(scene)
	};
}
