/** A kept job's drawings and cut list, as files. */
import { csvOf } from '$core/views/formats/csv.ts';
import { partsScene } from '$core/views/drawing/parts.ts';
import { sceneToDxf } from '$core/views/formats/dxf.ts';
import { sceneToSvg } from '$core/views/formats/svg.ts';
import { sceneOf, type View } from '$core/views/drawing/views.ts';
import { decide } from '$core/decide.ts';
import type { JobFile } from '$core/job/definition.ts';
import { attempt } from '$core/job/faults.ts';
import { readJob } from '$core/job/read.ts';
import type { Shop } from '$core/shop/shop.ts';
import { planDecided } from '$core/plan.ts';
import { showNearest } from '$core/units/round.ts';
import { figureWithUnit } from '$core/views/why/figure-text.ts';
import { selectJob } from './db/jobs.ts';
import type { Database } from './db/database.ts';
import { log, loggable } from './log.ts';
import { shopOf } from './shop.ts';
import { faults, notFound, type Answer } from './answer.ts';

export type Drawn = { ok: true; text: string } | { ok: false; answer: Answer };

/** The views of a job, and its parts as they are cut. */
export type Sheet = View | 'cut';
export type Format = 'svg' | 'dxf';

/** @param rev null: as it stands */
export async function drawingOf(db: Database, number: number, rev: number | null, sheet: Sheet, format: Format): Promise<Drawn> {
	const row = await selectJob(db, number, rev);
	if (!row) return { ok: false, answer: notFound };
	const shop = await shopOf(db);
	const made = planned(row.spec, shop);
	if (!made.ok) return { ok: false, answer: faults(409, made.faults) };
	const { job, plan } = made.gives;
	const scene = sheet === 'cut' ? partsScene(plan, job) : sceneOf(sheet, plan, job, shop);
	if (!scene)
		return { ok: false, answer: faults(404, [{ path: sheet, says: 'This view needs figures the job does not have yet.' }]) };
	if (format === 'dxf') return { ok: true, text: sceneToDxf(scene) };
	// Labels a fiftieth of the drawing's size are read at arm's length when it fills a page.
	return {
		ok: true,
		text: sceneToSvg(scene, { reader: job.reader, textHeight: Math.max(scene.box.width, scene.box.height) / 45 })
	};
}

/** A kept job may stand otherwise with the shop as it is now. */
function planned(file: JobFile, shop: Shop) {
	return attempt(
		() => {
			const job = decide(readJob(file), shop);
			return { job, plan: planDecided(file, job, shop) };
		},
		(defect) => log.error({ err: loggable(defect) }, 'a job fails to be planned')
	);
}

/** For machines: to a hundredth of a millimetre, which no blade holds. */
function inMm(mm: number): number {
	return showNearest(mm, 0.01);
}

/** @param rev null: as it stands */
export async function cutListOf(db: Database, number: number, rev: number | null): Promise<Drawn> {
	const row = await selectJob(db, number, rev);
	if (!row) return { ok: false, answer: notFound };
	const made = planned(row.spec, await shopOf(db));
	if (!made.ok) return { ok: false, answer: faults(409, made.faults) };
	const { job, plan } = made.gives;
	const withUnit = (mm: number, path: string) => figureWithUnit(mm, path, job.reader);
	const rows = plan.cut.map((cut) => ({
		part: cut.role,
		of: cut.of ?? '',
		side: cut.side ?? '',
		colour: cut.colour ?? '',
		material: cut.material,
		count: cut.count,
		width_mm: inMm(cut.width),
		height_mm: inMm(cut.height),
		width: withUnit(cut.width, 'cut.width'),
		height: withUnit(cut.height, 'cut.height'),
		opening_width_mm: cut.opening ? inMm(cut.opening.width) : '',
		opening_height_mm: cut.opening ? inMm(cut.opening.height) : '',
		opening: cut.opening ? `${withUnit(cut.opening.width, 'cut.opening')} × ${withUnit(cut.opening.height, 'cut.opening')}` : '',
		high: cut.high === undefined ? '' : withUnit(cut.high, 'cut.high'),
		layers: cut.layers ?? '',
		from: cut.from
	}));
	return { ok: true, text: csvOf(rows) };
}
