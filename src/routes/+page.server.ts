import type { PageServerLoad } from './$types';
import { nextOf } from '$core/bench/next.ts';
import { frontScene } from '$core/drawing/front.ts';
import { decide } from '$core/job/decide.ts';
import { readJob } from '$core/job/read.ts';
import { planDecided } from '$core/plan.ts';
import { database } from '$lib/server/db/connection.ts';
import { shopOf } from '$lib/server/shop.ts';
import { READS, unitFrom } from '$lib/ui/reads.ts';
import { selectJobs } from '$lib/server/db/jobs.ts';

export const load: PageServerLoad = async ({ url, cookies }) => {
	const reads = unitFrom(cookies.get(READS)) ?? undefined;
	const find = (url.searchParams.get('find') ?? '').slice(0, 200);
	const { jobs, next } = await selectJobs(database(), find, (url.searchParams.get('after') ?? '').slice(0, 20));
	const shop = await shopOf(database());
	const pieces = jobs.map(({ number, title, maker, spec, at }) => {
		const job = decide(readJob(spec), shop, reads);
		const plan = planDecided(spec, job, shop);
		const scene = frontScene(plan, job);
		return {
			number,
			title: title || 'New piece',
			maker,
			grade: plan.grade,
			at,
			next: nextOf(plan),
			// The rack shows pieces as they will hang: no edges behind the mat, no zones.
			scene: scene && {
				...scene,
				shapes: scene.shapes.filter(
					(shape) => shape.role !== 'sheet-edge' && shape.role !== 'support' && !shape.role.startsWith('zone')
				),
				dimensions: [],
				callouts: []
			}
		};
	});
	return { pieces, find, next };
};
