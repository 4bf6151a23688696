/** Draws a picture of every demo piece, and writes its sum where the piece's job file names it. `node scripts/draw-demo.js` */
import { createHash } from 'node:crypto';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { boatDay } from '../demo/draw/boat-day.js';
import { boatSheds } from '../demo/draw/boat-sheds.js';
import { breakers } from '../demo/draw/breakers.js';
import { certificate } from '../demo/draw/certificate.js';
import { crew } from '../demo/draw/crew.js';
import { deed } from '../demo/draw/deed.js';
import { eleven } from '../demo/draw/eleven.js';
import { flag } from '../demo/draw/flag.js';
import { fog } from '../demo/draw/fog.js';
import { greatLens } from '../demo/draw/great-lens.js';
import { gullEgg } from '../demo/draw/gull-eggs.js';
import { keepsake } from '../demo/draw/keepsake.js';
import { kelp } from '../demo/draw/kelp.js';
import { logLeaf } from '../demo/draw/log-leaf.js';
import { miniature } from '../demo/draw/miniature.js';
import { mole } from '../demo/draw/mole.js';
import { poster } from '../demo/draw/poster.js';
import { regatta } from '../demo/draw/regatta.js';
import { seaweed } from '../demo/draw/seaweed.js';
import { slip } from '../demo/draw/slip.js';
import { soundMap } from '../demo/draw/sound-map.js';
import { storm } from '../demo/draw/storm.js';
import { tideChart } from '../demo/draw/tide-chart.js';
import { timetable } from '../demo/draw/timetable.js';
import { root } from './setup.js';

/** By job: the names of its pictures, one for each window, and what draws them. */
export const DRAWN = {
	'K-0101': { 'tide-chart': tideChart },
	'K-0102': { 'log-leaf': logLeaf },
	'K-0103': { seaweed },
	'K-0104': { kelp },
	'K-0105': { flag },
	'K-0106': { fog },
	'K-0107': { 'great-lens': greatLens },
	'K-0108': { deed },
	'K-0109': { 'boat-day': boatDay },
	'K-0110': { poster },
	'K-0111': { mole },
	'K-0112': { 'gull-egg-1': () => gullEgg(1), 'gull-egg-2': () => gullEgg(2), 'gull-egg-3': () => gullEgg(3) },
	'K-0113': { keepsake },
	'K-0114': { 'boat-sheds': boatSheds },
	'K-0115': { crew },
	'K-0116': { storm },
	'K-0117': { miniature },
	'K-0118': { eleven },
	'K-0119': { timetable },
	'K-0120': { certificate },
	'K-0121': { 'sound-map': soundMap },
	'K-0122': { breakers },
	'K-0123': { regatta },
	'K-0124': { slip }
};

const sumOf = (text) => createHash('sha256').update(text).digest('hex');

/** Where a job file's pieces stand: in its windows, or as the one it has. */
function piecesOf(job) {
	const inWindows = (job.window?.openings ?? []).filter(({ piece }) => piece).map(({ piece }) => piece);
	return inWindows.length > 0 ? inWindows : [job.piece];
}

/** A line of a file as it was written, with the picture's sum in it: nothing else of the file moves. */
function withSum(text, old, sum, piece) {
	if (old) return text.replace(old, sum);
	const title = `"title": ${JSON.stringify(piece.title)}`;
	// The piece's title comes after the job's, where both are the same.
	const at = text.lastIndexOf(title) + title.length;
	return `${text.slice(0, at)},\n"picture": "${sum}"${text.slice(at)}`;
}

if (process.argv[1]?.endsWith('draw-demo.js')) {
	mkdirSync(join(root, 'demo/pictures'), { recursive: true });
	for (const [number, pictures] of Object.entries(DRAWN)) {
		const file = join(root, `demo/jobs/${number}.json`);
		let text = readFileSync(file, 'utf8');
		for (const [index, [name, draw]] of Object.entries(pictures).entries()) {
			const svg = draw();
			writeFileSync(join(root, `demo/pictures/${name}.svg`), svg);
			const piece = piecesOf(JSON.parse(text))[index];
			text = withSum(text, piece.picture, sumOf(svg), piece);
		}
		writeFileSync(file, text);
	}
}
