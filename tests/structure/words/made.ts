/** Every text that is made of a job: findings, steps, papers, drawings, explanations, and what is still to do. */
import { careOf } from '../../../core/views/care/care.ts';
import { notDoneYet } from '../../../core/views/hand-over.ts';
import { boughtByName } from '../../../core/views/cost/by-name.ts';
import { quoteRows } from '../../../core/views/cost/quote-words.ts';
import { heldBy, madeOf, toOpen } from '../../../core/views/bench/label-words.ts';
import { planSteps } from '../../../core/views/bench/steps.ts';
import { sceneOf, VIEWS } from '../../../core/views/drawing/views.ts';
import { partsScene } from '../../../core/views/drawing/parts.ts';
import { lookIn } from '../../../core/views/why/expression.ts';
import { figureWithUnit } from '../../../core/views/why/figure-text.ts';
import { sayExpression } from '../../../core/views/why/say.ts';
import { lineDetail, lineName, lineSize, materialName } from '../../../core/stations/cut/material-name.ts';
import { partName } from '../../../core/stations/cut/part-name.ts';
import type { Scene } from '../../../core/figures/scene.ts';
import { decide } from '../../../core/decide.ts';
import type { JobFile } from '../../../core/job/definition.ts';
import { readJob } from '../../../core/job/read.ts';
import { plan } from '../../../core/plan.ts';
import { builtInShop } from '../../../core/shop/shop.ts';
import type { Unit } from '../../../core/units/length.ts';

export type Said = { where: string; text: string };

/** What a person meets of one job, in the unit that is shown. */
export function madeTexts(file: JobFile, reads: Unit): Said[] {
	const job = decide(readJob(file), builtInShop, reads);
	const made = plan(file, builtInShop, reads);
	const planned = { file, job, plan: made, shop: builtInShop };
	const steps = planSteps(job, made, builtInShop);
	const said: Said[] = [];
	const add = (where: string, ...texts: string[]) => said.push(...texts.map((text) => ({ where, text })));
	for (const { rule, says, why, remedies } of made.findings) add(rule, says, why, ...remedies.map(({ label }) => label));
	for (const { id, title, does, because, caution, ticks } of steps)
		add(`step ${id}`, title, ...does, because ?? '', caution ?? '', ...(ticks ?? []));
	for (const { path, is } of made.assumed) add(`assumed ${path}`, is);
	for (const { station, needs } of made.open) add(`open ${station}`, needs);
	for (const cut of made.cut)
		add(
			'cut list',
			partName(lineName(cut)),
			lineDetail(cut, job.reader),
			lineSize(cut, job.reader),
			materialName(cut, builtInShop)
		);
	add('label', madeOf(job));
	if (made.hold) add('label', heldBy(job, made));
	if (made.frame) add('label', toOpen(job, made, builtInShop.house));
	for (const { title, says } of careOf(job, made, builtInShop)) add('care sheet', title, ...says);
	for (const { name, says } of quoteRows(planned)) add('quote', name, says);
	for (const { name } of boughtByName(planned)) add('order', name);
	add('hand over', ...notDoneYet(planned, steps, null, 0));
	for (const { part } of made.mass?.parts ?? []) add('weight', partName(part));
	for (const { part } of made.frame?.kit ?? []) add('kit', part);
	const scenes = [
		...VIEWS.map((view) => sceneOf(view, made, job, builtInShop)),
		partsScene(made, job),
		...steps.flatMap(({ pictures }) => pictures ?? [])
	];
	for (const scene of scenes) if (scene) add(`drawing ${scene.title}`, ...ofScene(scene));
	const named = { plan: made, job, shop: builtInShop };
	const write = (value: number, of: string | null) => (of === null ? String(value) : figureWithUnit(value, of, job.reader));
	for (const [path, { of }] of Object.entries(made.why)) {
		const { line, parts } = sayExpression(of, lookIn(named), write, named);
		add(`why ${path}`, line, ...parts.map(({ name }) => name));
	}
	return said;
}

function ofScene({ title, shapes, dimensions, callouts, notToScale }: Scene): string[] {
	return [
		title,
		...shapes.flatMap(({ title: of }) => of ?? []),
		...dimensions.map(({ name }) => name),
		...callouts.map(({ name }) => name),
		...(notToScale ? [notToScale] : [])
	];
}
