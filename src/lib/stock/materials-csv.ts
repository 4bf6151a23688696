/** The catalogue as a table that a spreadsheet opens, and back: one line a material, one column a figure. */
import Papa from 'papaparse';
import { csvOf } from '$core/views/formats/csv.ts';
import type { Fault } from '$core/job/faults.ts';
import { readMaterials, type WrittenMaterial } from '$core/shop/catalogue.ts';
import { KINDS, MATERIAL_KINDS, type FigureValue, type MaterialKind } from '$core/shop/material-kinds.ts';
import { there } from '$core/units/there.ts';

const FIXED = ['kind', 'id', 'name', 'withdrawn', 'sources'];
const FIGURES = [...new Set(MATERIAL_KINDS.flatMap((kind) => KINDS[kind].columns.map((column) => column.key)))];

export function materialsToCsv(materials: readonly WrittenMaterial[]): string {
	const rows = materials.map((material) => ({
		kind: material.kind,
		id: material.id,
		name: material.name,
		...Object.fromEntries(FIGURES.map((key) => [key, written(material.figures[key])])),
		withdrawn: material.withdrawn ? 'yes' : '',
		sources: Object.entries(material.sources)
			.map(([key, source]) => `${key}: ${source}`)
			.join('; ')
	}));
	return csvOf(rows, [...FIXED.slice(0, 3), ...FIGURES, ...FIXED.slice(3)]);
}

function written(value: FigureValue | null | undefined): string {
	return value === null || value === undefined ? '' : value === true ? 'yes' : value === false ? 'no' : String(value);
}

/** @returns the materials of a file; or what is wrong, each with its line: `line 4, thickness` */
export function materialsFromCsv(text: string): { ok: true; materials: WrittenMaterial[] } | { ok: false; faults: Fault[] } {
	const parsed = Papa.parse<Record<string, string>>(text.replace(/^\ufeff/, ''), { header: true, skipEmptyLines: 'greedy' });
	const columns = parsed.meta.fields ?? [];
	const missing = ['kind', 'id', 'name'].filter((column) => !columns.includes(column));
	if (missing.length > 0)
		return {
			ok: false,
			faults: [
				{
					path: 'line 1',
					says: `The first line must name the columns; ${missing.join(', ')} ${missing.length === 1 ? 'is' : 'are'} missing.`
				}
			]
		};
	const unknown = columns.filter((column) => column !== '' && !FIXED.includes(column) && !FIGURES.includes(column));
	if (unknown.length > 0)
		return { ok: false, faults: [{ path: 'line 1', says: `No material has “${unknown[0]}”. Known: ${FIGURES.join(', ')}.` }] };
	const list = parsed.data.map((row) => rowOf(row));
	const read = readMaterials(list);
	if (read.ok) return read;
	return { ok: false, faults: read.faults.map(({ path, says }) => ({ path: lineOf(path), says })) };
}

function rowOf(row: Record<string, string>): unknown {
	const known = new Set(KINDS[row.kind as MaterialKind]?.columns.map((column) => column.key) ?? FIGURES);
	const figures = Object.fromEntries(
		Object.entries(row)
			.filter(([key, value]) => FIGURES.includes(key) && (known.has(key) || value.trim() !== ''))
			.map(([key, value]) => [key, plain(value)])
	);
	const sources = Object.fromEntries(
		plain(row.sources ?? '')
			.split(';')
			.map((pair) => /^\s*(\w+)\s*:\s*(.+)$/.exec(pair))
			.filter((pair) => pair !== null)
			.map(([, key, source]) => [key, there(source, 'source').trim()])
	);
	return {
		kind: row.kind?.trim(),
		id: row.id?.trim(),
		name: plain(row.name ?? ''),
		figures,
		sources,
		...(/^(yes|true)$/i.test(row.withdrawn?.trim() ?? '') ? { withdrawn: true } : {})
	};
}

/** A leading ' keeps a spreadsheet from reading a formula; it is no part of the text. */
function plain(value: string): string {
	return value.trim().replace(/^'(?=[=+\-@])/, '');
}

/** `materials[3].figures.thickness` → `line 5, thickness`: the first line is the heading. */
function lineOf(path: string): string {
	const match = /^materials\[(\d+)\]\.?(?:figures\.|sources\.)?(.*)$/.exec(path);
	return match ? `line ${Number(match[1]) + 2}${match[2] ? `, ${match[2]}` : ''}` : path;
}
