/** A sheet as a file: its drawing, its cuts. */
import { csvOf } from '$core/views/formats/csv.ts';
import type { Scene } from '$core/figures/scene.ts';
import type { Unit } from '$core/units/length.ts';
import { showNearest } from '$core/units/round.ts';
import { sceneToSvg } from '$core/views/formats/svg.ts';
import { saveFile } from '$lib/files.ts';
import type { CutRow } from './words.ts';

const TYPES = { svg: 'image/svg+xml', dxf: 'image/vnd.dxf' };
/** A label is so small a part of the sheet. */
const LABEL_SHARE = 1 / 60;

export async function saveDrawing(scene: Scene, format: 'svg' | 'dxf', unit: Unit): Promise<void> {
	const text =
		format === 'svg'
			? sceneToSvg(scene, { reader: unit, textHeight: Math.max(scene.box.width, scene.box.height) * LABEL_SHARE })
			: (await import('$core/views/formats/dxf.ts')).sceneToDxf(scene);
	saveFile(`${scene.title.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.${format}`, TYPES[format], text);
}

/** For machines: to a hundredth of a millimetre. */
const inMm = (mm: number): number => showNearest(mm, 0.01);

export function saveCuts(rows: CutRow[], sheet: string): void {
	const lines = rows.map(({ cut, runs, gives }) => ({
		sheet,
		cut: cut.order,
		piece: cut.from,
		runs,
		fence_mm: inMm(cut.fence),
		at_mm: inMm(cut.at),
		gives: gives[0],
		and: gives[1]
	}));
	saveFile('cuts.csv', 'text/csv', csvOf(lines));
}
