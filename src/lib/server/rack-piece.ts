/** A piece as Today shows it: drawn as it will hang, and what it needs next. */
import { nextOf, type Next } from '$core/views/bench/next.ts';
import { asItHangs } from '$core/views/drawing/as-it-hangs.ts';
import { frontScene } from '$core/views/drawing/front.ts';
import { decide } from '$core/decide.ts';
import type { JobFile } from '$core/job/definition.ts';
import { showJobNumber } from '$core/job/number.ts';
import { readJob } from '$core/job/read.ts';
import { planDecided, type Plan } from '$core/plan.ts';
import type { Shop } from '$core/shop/shop.ts';
import type { Unit } from '$core/units/length.ts';
import type { Scene } from '$core/figures/scene.ts';

export type RackPiece = {
	number: string;
	title: string;
	maker: string;
	grade: Plan['grade'];
	next: Next;
	/** Null while it is not measured. */ scene: Scene | null;
};

export function pieceOf(number: number, file: JobFile, shop: Shop, reads: Unit | null): RackPiece {
	const job = decide(readJob(file), shop, reads ?? undefined);
	const plan = planDecided(file, job, shop);
	const scene = frontScene(plan, job);
	return {
		number: showJobNumber(number),
		title: (file.title ?? file.piece?.title) || 'New piece',
		maker: file.piece?.maker ?? '',
		grade: plan.grade,
		next: nextOf(plan),
		scene: scene && asItHangs(scene)
	};
}
