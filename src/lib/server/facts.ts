/** What is known of a job beside its file: what lists show, and what a job is found by. */
import { isDay } from '$core/units/day.ts';
import { usedMaterials } from '$core/stations/guard/used.ts';
import type { JobFile } from '$core/job/definition.ts';
import { isEmptyJob } from '$core/job/is-empty.ts';
import type { Plan } from '$core/plan.ts';
import { nextOf, type Next } from '$core/views/bench/next.ts';
import { KINDS } from '$core/shop/material-kinds.ts';
import type { Shop } from '$core/shop/shop.ts';
import type { Facts } from './db/jobs.ts';
import type { Decided } from '$core/job/decided.ts';

/** @param stands names the shop that it is planned for */
export function factsOf(file: JobFile, job: Decided, plan: Plan, shop: Shop, stands: string): Facts {
	const { grade } = plan;
	const title = file.title ?? file.piece?.title ?? '';
	const maker = file.piece?.maker ?? '';
	const owner = file.piece?.owner ?? '';
	const words = new Set(wordsIn(file));
	const named = Object.values(KINDS).flatMap(({ of }) => Object.entries(shop[of]).filter(([id]) => words.has(id)));
	return {
		title,
		maker,
		owner,
		standing: standingOf(nextOf(plan, job.scope)),
		plannedFor: stands,
		aim: grade.aimed,
		reached: grade.reached,
		empty: isEmptyJob(file),
		wanted: dayOf(file.dates?.wanted),
		words: folded(
			[title, maker, owner, ...told(file, job), ...named.map(([, { name }]) => name), ...madeOf(job, plan)]
				.filter(Boolean)
				.join(' ')
		),
		materials: [...new Set([...named.map(([id]) => id), ...usedMaterials(job).map(({ material }) => material.id)])],
		pictures: [...words].filter((word) => /^[0-9a-f]{64}$/.test(word))
	};
}

/** What a piece is remembered by beside its names. */
function told({ piece, dates }: JobFile, job: Decided): (string | undefined)[] {
	return [piece?.title, piece?.year, dates?.wanted, piece?.condition, ...job.piece.media.map(({ name }) => name), job.piece.kind];
}

/** What is put round it, how it is held, and what was found. */
function madeOf(job: Decided, plan: Plan): string[] {
	return [
		...new Set([
			...usedMaterials(job).map(({ material }) => material.name),
			job.hold.kind.replaceAll('-', ' '),
			...plan.findings.map(({ rule }) => rule.replace(/^.*?\./, '').replaceAll('-', ' '))
		])
	];
}

export function standingOf(next: Next): Facts['standing'] {
	return next.sign === 'stop' ? 'stopped' : next.ready ? 'ready' : 'between';
}

/** Small letters without accents: `Écume` is found by `ecume`. */
export function folded(text: string): string {
	return text.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase();
}

/** An ISO day that there is; null otherwise. */
function dayOf(text: string | undefined): string | null {
	return text && isDay(text) ? text : null;
}

/** Every text of a file, at any depth. */
function wordsIn(value: unknown): string[] {
	if (typeof value === 'string') return [value];
	return typeof value === 'object' && value !== null ? Object.values(value).flatMap(wordsIn) : [];
}
