/** A kept job's drawings and cut list, as files. */
import Papa from 'papaparse';
import { partsScene } from '$core/drawing/parts.ts';
import { sceneToDxf } from '$core/formats/dxf.ts';
import { sceneToSvg } from '$core/formats/svg.ts';
import { sceneOf, type View } from '$core/drawing/views.ts';
import { decide } from '$core/job/decide.ts';
import { readJob } from '$core/job/read.ts';
import { planDecided } from '$core/plan.ts';
import { showLength } from '$core/units/show.ts';
import { selectJob } from './db/jobs.ts';
import type { Database } from './db/open.ts';
import { shopOf } from './shop.ts';
import { faults, notFound, type Answer } from './jobs.ts';

export type Drawn = { ok: true; text: string } | { ok: false; answer: Answer };

/** The views of a job, and its parts as they are cut. */
export type Sheet = View | 'cut';
export type Format = 'svg' | 'dxf';

export async function drawingOf(db: Database, number: string, sheet: Sheet, format: Format): Promise<Drawn> {
	const row = await selectJob(db, number, null);
	if (!row) return { ok: false, answer: notFound };
	const shop = await shopOf(db);
	const job = decide(readJob(row.spec), shop);
	const plan = planDecided(row.spec, job, shop);
	const scene = sheet === 'cut' ? partsScene(plan, job) : sceneOf(sheet, plan, job, shop);
	if (!scene)
		return { ok: false, answer: faults(404, [{ path: sheet, says: 'This view needs figures that the job does not have yet.' }]) };
	if (format === 'dxf') return { ok: true, text: sceneToDxf(scene) };
	// Labels a fiftieth of the drawing's size are read at arm's length when it fills a page.
	return { ok: true, text: sceneToSvg(scene, { unit: job.unit, textHeight: Math.max(scene.box.width, scene.box.height) / 45 }) };
}

export async function cutListOf(db: Database, number: string): Promise<Drawn> {
	const row = await selectJob(db, number, null);
	if (!row) return { ok: false, answer: notFound };
	const shop = await shopOf(db);
	const job = decide(readJob(row.spec), shop);
	const rows = planDecided(row.spec, job, shop).cut.map((cut) => ({
		part: cut.role,
		material: cut.material,
		count: cut.count,
		width_mm: cut.width,
		height_mm: cut.height,
		width: `${showLength(cut.width, job.unit).text} ${job.unit}`,
		height: `${showLength(cut.height, job.unit).text} ${job.unit}`,
		opening_width_mm: cut.opening?.width ?? '',
		opening_height_mm: cut.opening?.height ?? '',
		from: cut.from
	}));
	return { ok: true, text: Papa.unparse(rows, { escapeFormulae: true }) };
}
