/** A piece as Today shows it: drawn as it will hang, and what it needs next. */
import { nextOf, type Next } from '$core/views/bench/next.ts';
import { asItHangs } from '$core/views/drawing/as-it-hangs.ts';
import { backScene } from '$core/views/drawing/back.ts';
import { frontScene } from '$core/views/drawing/front.ts';
import { decide } from '$core/decide.ts';
import type { Attempt } from '$core/job/faults.ts';
import type { JobFile } from '$core/job/definition.ts';
import { showJobNumber } from '$core/job/number.ts';
import { SCOPE_OF } from '$core/job/scopes.ts';
import { readJob } from '$core/job/read.ts';
import { planDecided, type Plan } from '$core/plan.ts';
import { nth } from '$core/units/there.ts';
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

/** One that can't be planned stands on the rack by its name, with what is wrong. */
export function rackPiece(number: number, file: JobFile, made: Attempt<RackPiece>): RackPiece {
	if (made.ok) return made.gives;
	return {
		...namesOf(number, file),
		grade: { aimed: file.aim ?? 'rare', reached: null, heldBy: [], known: false },
		next: { does: 'Can’t be planned', because: nth(made.faults, 0).says.replace(/\.$/, ''), sign: 'stop', ready: false },
		scene: null
	};
}

function namesOf(number: number, file: JobFile): Pick<RackPiece, 'number' | 'title' | 'maker'> {
	return {
		number: showJobNumber(number),
		title: (file.title ?? file.piece?.title) || 'New piece',
		maker: file.piece?.maker ?? ''
	};
}

export function pieceOf(number: number, file: JobFile, shop: Shop, reads: Unit | null): RackPiece {
	const job = decide(readJob(file), shop, reads ?? undefined);
	const plan = planDecided(file, job, shop);
	// Of a frame that stays closed its back is all that is worked on.
	const front = frontScene(plan, job);
	const scene = front ? asItHangs(front) : SCOPE_OF[job.scope].window ? null : backScene(plan, job, shop);
	return {
		...namesOf(number, file),
		grade: plan.grade,
		next: nextOf(plan, job.scope),
		scene
	};
}
