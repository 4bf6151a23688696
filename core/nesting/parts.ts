/** What the cut lists of jobs ask of full sheets: blanks by name, each material and colour by itself. */
import type { Cut } from '../figures/cut.ts';
import type { Size } from '../geometry/shapes.ts';
import type { BlankWanted } from './figures.ts';

/** A blank of a job, as it is named on its sheet: `K-0101 mat 1`. */
export type PartWanted = BlankWanted & {
	job: string;
	name: string;
	from: 'sheet' | 'stick';
	material: string;
	colour: string;
	/** Of a mat: what falls out of the windows of one. */
	drops?: Size[];
};

/** Blanks of one material and colour: colour is kept together, and so are lots within a job. */
export type PartGroup = { key: string; from: PartWanted['from']; material: string; colour: string; parts: PartWanted[] };

/**
 * @param job number as it is read, `K-0101`
 * @param name of a line of the cut list
 * @param drops what falls out of it
 * @returns the flat parts that are cut from sheets, of one out of square its box; rails that are cut from sticks, by their long points
 */
export function partsWanted(
	job: string,
	cut: readonly Cut[],
	name: (cut: Cut) => string,
	drops: (cut: Cut) => Size[] = () => []
): PartWanted[] {
	const seen = new Map<string, number>();
	return cut
		.filter(({ from, width, height, count }) => (from === 'sheet' || from === 'stick') && width > 0 && height > 0 && count > 0)
		.map((line) => {
			const called = [name(line), line.side].filter(Boolean).join(' ');
			const before = seen.get(called) ?? 0;
			seen.set(called, before + 1);
			const own = before === 0 ? called : `${called} (${before + 1})`;
			const { material, width, height, count } = line;
			const from = line.from === 'stick' ? 'stick' : 'sheet';
			const fallen = drops(line);
			return {
				id: `${job} ${own}`,
				job,
				name: own,
				from,
				material,
				colour: line.colour ?? '',
				width,
				height,
				count,
				turn: from === 'sheet',
				...(fallen.length > 0 ? { drops: fallen } : {})
			};
		});
}

/** Parts by what they are cut from, in the order in which materials first come. */
export function groupsOf(parts: readonly PartWanted[]): PartGroup[] {
	const groups = new Map<string, PartGroup>();
	for (const part of parts) {
		// A stick has one profile: what is as wide has it.
		const key = part.from === 'stick' ? `${part.material}|${part.height}` : `${part.material}|${part.colour}`;
		const group = groups.get(key) ?? { key, from: part.from, material: part.material, colour: part.colour, parts: [] };
		group.parts.push(part);
		groups.set(key, group);
	}
	return [...groups.values()];
}
