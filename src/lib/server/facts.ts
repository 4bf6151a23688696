/** What is known of a job beside its file: what lists show, and what a job is found by. */
import { usedMaterials } from '$core/stations/guard/used.ts';
import type { JobFile } from '$core/job/definition.ts';
import { isEmptyJob } from '$core/job/is-empty.ts';
import type { Plan } from '$core/plan.ts';
import { KINDS } from '$core/shop/catalogue.ts';
import type { Shop } from '$core/shop/shop.ts';
import type { Facts } from './db/jobs.ts';
import type { Decided } from '$core/job/decided.ts';

export function factsOf(file: JobFile, job: Decided, grade: Plan['grade'], shop: Shop): Facts {
	const title = file.title ?? file.piece?.title ?? '';
	const maker = file.piece?.maker ?? '';
	const words = new Set(wordsIn(file));
	const named = Object.values(KINDS).flatMap(({ of }) => Object.keys(shop[of]).filter((id) => words.has(id)));
	return {
		title,
		maker,
		aim: grade.aimed,
		reached: grade.reached,
		empty: isEmptyJob(file),
		wanted: dayOf(file.dates?.wanted),
		words: folded(`${title} ${maker}`),
		materials: [...new Set([...named, ...usedMaterials(job).map(({ material }) => material.id)])],
		pictures: [...words].filter((word) => /^[0-9a-f]{64}$/.test(word))
	};
}

/** Small letters without accents: `Écume` is found by `ecume`. */
export function folded(text: string): string {
	return text.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase();
}

/** An ISO day that there is; null otherwise. */
function dayOf(text: string | undefined): string | null {
	if (!text || !/^\d{4}-\d{2}-\d{2}$/.test(text)) return null;
	const day = new Date(`${text}T00:00:00Z`);
	return !Number.isNaN(day.getTime()) && day.toISOString().startsWith(text) && text > '1000' ? text : null;
}

/** Every text of a file, at any depth. */
function wordsIn(value: unknown): string[] {
	if (typeof value === 'string') return [value];
	return typeof value === 'object' && value !== null ? Object.values(value).flatMap(wordsIn) : [];
}
