/** Seeded cutting jobs as a framing shop has them: mats, under-mats, backings and strips of several jobs, onto the sheets of the trade. */
import { randomFrom, type Random } from '../../core/nesting/random.ts';
import type { BlankWanted, CuttingJob, SheetStock } from '../../core/nesting/figures.ts';

const SHEETS: [number, number][] = [
	[1016, 813],
	[1524, 1016],
	[1829, 1219]
];
/** Sheets of paper as artists use them, portrait. */
const PIECES: [number, number][] = [
	[148, 210],
	[210, 297],
	[240, 300],
	[280, 380],
	[297, 420],
	[300, 400],
	[402, 551],
	[420, 594],
	[500, 700]
];

const between = (random: Random, from: number, to: number, step = 1): number =>
	from + step * Math.floor(random() * ((to - from) / step + 1));
const oneOf = <T>(random: Random, list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;

/** @returns `blanks` about as many as asked for, on one kind of sheet or on two of different cost */
export function framingMix(seed: number, kinds: 1 | 2, most?: number): CuttingJob {
	const random = randomFrom(seed);
	const wanted = most ?? between(random, 10, 50);
	// The grain of a board is of matter for all of its blanks or for none.
	const turn = random() < 0.8;
	const blanks: BlankWanted[] = [];
	let count = 0;
	for (let job = 1; count < wanted; job += 1) {
		const [pieceW, pieceH] = random() < 0.5 ? oneOf(random, PIECES) : [between(random, 120, 560), between(random, 160, 760)];
		const border = between(random, 40, 100, 5);
		const weight = random() < 0.5 ? 0 : 10;
		const lies = random() < 0.35;
		const tall = { width: pieceW + 2 * border, height: pieceH + 2 * border + weight };
		const size = lies ? { width: tall.height, height: tall.width } : tall;
		const alike = random() < 0.15 ? between(random, 2, 6) : 1;
		const layers = between(random, 1, 3) * alike;
		blanks.push({ id: `job ${job}`, ...size, count: layers, turn });
		count += layers;
		if (random() < 0.25) {
			blanks.push({
				id: `job ${job} lift`,
				width: between(random, 15, 40),
				height: Math.max(size.width, size.height) - 20,
				count: 4,
				turn
			});
			count += 4;
		}
	}
	return { kerf: 0, trim: 0, minOffcut: 200, seconds: 5, sheets: sheetsFor(random, kinds), blanks };
}

function sheetsFor(random: Random, kinds: 1 | 2): SheetStock[] {
	const list = kinds === 1 ? [oneOf(random, SHEETS.slice(1))] : random() < 0.5 ? SHEETS.slice(0, 2) : SHEETS.slice(1);
	return list.map(([width, height], index) => ({
		id: `sheet ${width} × ${height}`,
		width,
		height,
		count: 400,
		// Larger sheets are a little dearer or cheaper by their area, as the lists of suppliers are.
		cost: kinds === 1 ? 1 : Math.round(((width * height) / 1000) * (index === 0 ? 1 : 0.9 + 0.2 * random()))
	}));
}

/** Sheets cut up to the last millimetre: as many as were cut place every blank again, and fewer cannot. */
export function zeroWaste(seed: number, most = 40): CuttingJob & { known: number } {
	const random = randomFrom(seed);
	const [width, height] = oneOf(random, SHEETS);
	const sheets = between(random, 1, 4);
	const parts: [number, number][] = [];
	for (let one = 0; one < sheets; one += 1) {
		const cut: [number, number][] = [[width, height]];
		const into = Math.max(2, Math.floor(most / sheets) - between(random, 0, 4));
		while (cut.length < into) {
			cut.sort((a, b) => b[0] * b[1] - a[0] * a[1]);
			const [w, h] = cut.splice(Math.floor(random() * Math.min(3, cut.length)), 1)[0] as [number, number];
			const across = random() < w / (w + h);
			const length = across ? w : h;
			const at = between(random, Math.ceil(length * 0.25), Math.floor(length * 0.75));
			cut.push(
				...((across
					? [
							[at, h],
							[w - at, h]
						]
					: [
							[w, at],
							[w, h - at]
						]) as [number, number][])
			);
		}
		parts.push(...cut);
	}
	parts.sort(() => random() - 0.5);
	return {
		kerf: 0,
		trim: 0,
		minOffcut: 200,
		seconds: 5,
		sheets: [{ id: 'sheet', width, height, count: 20, cost: 1 }],
		blanks: parts.map(([w, h], index) => {
			const turned = random() < 0.5;
			return { id: `part ${index + 1}`, width: turned ? h : w, height: turned ? w : h, count: 1, turn: true };
		}),
		known: sheets
	};
}

/** As zero waste, each blank a little smaller than its piece: 1 to 3 % is lost, and as many sheets as were cut place them all. */
export function nearPerfect(seed: number, most = 40): CuttingJob & { known: number } {
	const random = randomFrom(seed + 77_777);
	const job = zeroWaste(seed, most);
	const share = 0.005 + 0.008 * random();
	return {
		...job,
		blanks: job.blanks.map((blank) => ({
			...blank,
			width: Math.floor(blank.width * (1 - share)),
			height: Math.floor(blank.height * (1 - share))
		}))
	};
}
