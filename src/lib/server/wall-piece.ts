/** A job as it hangs on a wall: its size, mass and nails, its name, and how it looks. */
import { decide } from '$core/decide.ts';
import type { Scene } from '$core/figures/scene.ts';
import type { JobFile } from '$core/job/definition.ts';
import { readJob } from '$core/job/read.ts';
import { planDecided } from '$core/plan.ts';
import type { Shop } from '$core/shop/shop.ts';
import { asItHangs } from '$core/views/drawing/as-it-hangs.ts';
import { frontScene } from '$core/views/drawing/front.ts';
import { pictureOf } from '$core/wall/of-job.ts';
import type { JobPicture } from '$core/wall/written.ts';

export type WallPiece = { number: string; title: string; picture: JobPicture; scene: Scene | null };

export function wallPiece(number: string, file: JobFile, shop: Shop): WallPiece {
	const job = decide(readJob(file), shop);
	const plan = planDecided(file, job, shop);
	const scene = frontScene(plan, job);
	return {
		number,
		title: (file.title ?? file.piece?.title) || 'New piece',
		picture: pictureOf(number, file, job, plan) ?? `${number} has no frame yet, or nothing to hang by.`,
		scene: scene && asItHangs(scene)
	};
}
