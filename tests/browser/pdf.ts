/** Straight lines of a printed page, as its PDF has them: in millimetres, from its lower left corner. */
import { inflateSync } from 'node:zlib';
import type { Browser } from './browser.ts';

/** The page as it is printed. */
export async function asPdf({ driver, settled }: Browser): Promise<Buffer> {
	await settled();
	const tools = driver as unknown as {
		sendAndGetDevToolsCommand: (name: string, options: object) => Promise<{ data: string }>;
	};
	const { data } = await tools.sendAndGetDevToolsCommand('Page.printToPDF', { preferCSSPageSize: true });
	return Buffer.from(data, 'base64');
}

/** The page as it is printed: number of its pages, and the size of each in points. */
export async function pagesOf(browser: Browser): Promise<{ pages: number; sizes: Set<string> }> {
	const text = (await asPdf(browser)).toString('latin1');
	const boxes = [...text.matchAll(/\/MediaBox \[0 0 ([\d.]+) ([\d.]+)\]/g)];
	return {
		pages: [...text.matchAll(/\/Type \/Page\b/g)].length,
		sizes: new Set(boxes.map(([, width, height]) => `${Math.round(Number(width))} × ${Math.round(Number(height))}`))
	};
}

export type Line = { x1: number; y1: number; x2: number; y2: number };
type Matrix = [number, number, number, number, number, number];

const MM = 25.4 / 72;

/** @returns lines of every stream that draws, in the order of the file */
export function linesOf(pdf: Buffer): Line[][] {
	const text = pdf.toString('latin1');
	const streams = [...text.matchAll(/\/Filter \/FlateDecode[^>]*>>\s*stream\r?\n/g)].flatMap(({ index, 0: head }) => {
		const end = text.indexOf('endstream', index);
		try {
			return [inflateSync(pdf.subarray(index + head.length, end)).toString('latin1')];
		} catch {
			return [];
		}
	});
	return streams.filter((one) => /\bcm\b/.test(one) && /\b[ml]\b/.test(one)).map(drawn);
}

function drawn(stream: string): Line[] {
	const lines: Line[] = [];
	const kept: Matrix[] = [];
	let now: Matrix = [1, 0, 0, 1, 0, 0];
	let at: [number, number] = [0, 0];
	let numbers: number[] = [];
	for (const token of stream.split(/\s+/)) {
		if (/^[-+]?(\d+\.?\d*|\.\d+)$/.test(token)) {
			numbers.push(Number(token));
			continue;
		}
		if (token === 'q') kept.push(now);
		else if (token === 'Q') now = kept.pop() ?? now;
		else if (token === 'cm') now = times(numbers.slice(-6) as Matrix, now);
		else if (token === 'm') at = numbers.slice(-2) as [number, number];
		else if (token === 'l') {
			const to = numbers.slice(-2) as [number, number];
			const [x1, y1] = moved(at, now);
			const [x2, y2] = moved(to, now);
			lines.push({ x1, y1, x2, y2 });
			at = to;
		}
		numbers = [];
	}
	return lines;
}

const times = ([a, b, c, d, e, f]: Matrix, [A, B, C, D, E, F]: Matrix): Matrix => [
	a * A + b * C,
	a * B + b * D,
	c * A + d * C,
	c * B + d * D,
	e * A + f * C + E,
	e * B + f * D + F
];
const moved = ([x, y]: [number, number], [a, b, c, d, e, f]: Matrix): [number, number] => [
	(a * x + c * y + e) * MM,
	(b * x + d * y + f) * MM
];
export const lengthOf = ({ x1, y1, x2, y2 }: Line): number => Math.hypot(x2 - x1, y2 - y1);
