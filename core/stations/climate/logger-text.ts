/** The bytes of a logger's file: in which encoding they are, and whether they are the lines of a table at all. */
import { LoggerError } from './logger.ts';

export type Encoding = 'utf-8' | 'utf-16le' | 'utf-16be';

/** By the mark at the beginning, or by the zeros that every second byte of plain letters then is. @param start the first bytes */
export function encodingOf(start: Uint8Array): Encoding {
	const [one, two, three, four] = start;
	if (one === 0xff && two === 0xfe) return 'utf-16le';
	if (one === 0xfe && two === 0xff) return 'utf-16be';
	if (one !== 0 && two === 0 && three !== 0 && four === 0) return 'utf-16le';
	if (one === 0 && two !== 0 && three === 0 && four !== 0) return 'utf-16be';
	return 'utf-8';
}

/** No logger writes a longer line. */
const LINE_MOST = 2000;

/**
 * Its lines without empty ones, looked at one by one: a table reader takes minutes over a heap of quotes.
 * @throws LoggerError for what is no table of readings
 */
export function linesOf(text: string): string {
	const lines: string[] = [];
	let number = 0;
	for (let from = 0; from < text.length;) {
		const end = text.indexOf('\n', from);
		const to = end < 0 ? text.length : end;
		number += 1;
		if (to - from > LINE_MOST)
			throw new LoggerError(`Line ${number} is ${to - from} letters long. This is not a logger’s table of readings.`);
		const line = text.slice(from, to);
		if (quotesIn(line) % 2 === 1)
			throw new LoggerError(`Line ${number} has a quotation mark that is not closed. Export the file again.`);
		if (line.trim() !== '') lines.push(line);
		from = to + 1;
	}
	return lines.join('\n');
}

function quotesIn(line: string): number {
	let count = 0;
	for (let at = line.indexOf('"'); at >= 0; at = line.indexOf('"', at + 1)) count += 1;
	return count;
}
