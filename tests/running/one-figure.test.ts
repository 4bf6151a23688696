/**
 * One figure, one text: what screens, job sheet, cut list and drawings of random jobs say is the plan's figures, rounded once, and no
 * other. Pages are read as the server renders them.
 */
import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import DxfParser from 'dxf-parser';
import fc from 'fast-check';
import Papa from 'papaparse';
import { centreFromBack, hingesAsLaid, laidOn } from '../../core/stations/hold/as-laid.ts';
import { slitPlaces } from '../../core/stations/hold/kinds/hinged.ts';
import { pairName } from '../../core/stations/frame/kit.ts';
import { decide } from '../../core/decide.ts';
import type { JobFile } from '../../core/job/definition.ts';
import { readJob } from '../../core/job/read.ts';
import { plan, type Plan } from '../../core/plan.ts';
import { builtInShop, shopFor } from '../../core/shop/shop.ts';
import { sightsOf } from '../../core/rule/sights.ts';
import { showLength, showMass, showShare, type Look, type Reader } from '../../core/units/show.ts';
import { figureText } from '../../core/views/why/figure-text.ts';
import { anyPieceJob, anyWindowJob } from '../jobs.ts';
import { runs } from '../thorough.ts';
import { keepJob, newFolder, removeFolder, startServer, type Server } from './server.ts';
import { isHinge } from '../../core/job/hold-kinds.ts';
import type { Decided } from '../../core/job/decided.ts';

const STATIONS = ['cut', 'bench', 'frame', 'back', 'wall', 'hold', 'guard', 'window', 'measure'];
const NUMBER = /[−-]?\d+(?: \d+⁄\d+|⁄\d+|\.\d+)?/g;
/** Counts, steps and shares are small whole numbers; lengths so small are rare, and stand beside others. */
const COUNTED = 60;
/** Round figures that nobody computes: cautions, waits, angles, mitres, and the words of schools. */
const ROUND = ['1⁄32', '70', '72', '100', '250', '300', '0.8', '4711'];

let server: Server;
let folder: string;
before(async () => {
	folder = newFolder();
	server = await startServer(folder);
});
after(async () => {
	await server.stop();
	removeFolder(folder);
});

const STEPS_FINE = /^(pack\.clearance|frame\.cornersOut)/;

/** Every text that the plan's figures may have. */
function allowed(made: Plan, job: Decided, reader: Reader): Set<string> {
	const texts = new Set<string>(ROUND);
	const add = (text: string) => {
		for (const [number] of text.matchAll(NUMBER)) texts.add(number.replace(/^[−-]/, ''));
	};
	const walk = (value: unknown, path: string) => {
		if (typeof value === 'number') {
			add(figureText(value, path, reader));
			// Steps say it as a rule is read closely.
			if (STEPS_FINE.test(path)) add(showLength(value, { ...reader, fraction: 32 }, 'mark').text);
		} else if (Array.isArray(value)) value.forEach((one, index) => walk(one, `${path}[${index}]`));
		else if (value && typeof value === 'object' && !(value instanceof Set))
			for (const [key, one] of Object.entries(value))
				if (!['findings', 'open', 'assumed', 'why', 'grade', 'fits', 'index'].includes(key))
					walk(one, path === '' ? key : `${path}.${key}`);
	};
	walk(made, '');
	for (const key of [
		'piece',
		'pieces',
		'window',
		'windows',
		'mats',
		'borders',
		'grid',
		'guard',
		'hold',
		'frame',
		'rabbet',
		'back',
		'hang',
		'place'
	] as const)
		walk(job[key], `job.${key}`);
	const shop = shopFor(builtInShop, job.cutIn);
	for (const [name, value] of Object.entries(shop.house)) walk(value, `shop.house.${name}`);
	for (const width of shop.tapeWidths) add(showLength(width, reader).text);
	for (const { ratedKg } of Object.values(shop.hooks)) add(showMass(ratedKg, reader));
	for (const { name } of [
		...Object.values(shop.boards),
		...Object.values(shop.glazings),
		...Object.values(shop.dustCovers),
		...Object.values(shop.barriers)
	])
		add(name);
	add(showLength(job.step, { ...reader, unit: job.cutIn }).text);
	const length = (mm: number, look: Look = 'mark') => add(showLength(mm, reader, look).text);
	// As the hand meets it, the same figures from the other side.
	for (const sight of sightsOf(job, made)) {
		const laid = laidOn(made, job, sight);
		length(laid.left);
		length(laid.top);
		if (sight.hold && isHinge(sight.hold.kind)) {
			hingesAsLaid(job, sight).forEach((place) => length(place));
			sight.hold.places.slice(1).forEach((place, index) => length(place - sight.hold!.places[index]!));
			if (sight.hold.slit)
				for (const { left, top } of slitPlaces(sight, { plan: made, job })) [left, top].forEach((at) => length(at));
			add(showShare(sight.hold.loadKPa, sight.hold.workingKPa));
			length(sight.hold.size.height + (sight.hold.tab ?? 0));
		}
	}
	// What the tape leaves bare of the wood.
	if (made.back?.tape && made.frame) {
		const { face, lip } = made.frame.section;
		length(face - lip - made.back.tape.land);
	}
	// A lift is set back from the edge that is seen from behind.
	for (const [index, { lift }] of (made.window?.mats ?? []).entries()) {
		const mat = job.mats[index]!;
		if (lift && mat.bevel === 'reverse') length(lift.setback - mat.board.thickness);
		if (lift) add(showLength(lift.height, { ...reader, fraction: 32 }, 'mark').text);
	}
	for (const mat of made.window?.mats ?? [])
		for (const hole of mat.holes ?? [mat]) if (hole.curve) length(centreFromBack(hole.curve, mat.blank.width).left);
	for (const part of made.frame?.kit ?? []) if (part.size !== undefined) add(pairName(part.size, job.frame!.pairStep));
	if (made.mass && made.hang) add(showMass((2 * made.mass.kg) / made.hang.hooks.length, reader));
	return texts;
}

/** What a person reads on a page: no scripts, styles, choices of a list, scales, times and numbers of jobs. */
function textOf(html: string): string {
	return (
		html
			.replace(/<(script|style|select|head|nav)\b[\s\S]*?<\/\1>/g, ' ')
			.replace(/<button[^>]*data-part="item-trigger"[\s\S]*?<\/button>/g, ' ')
			// Findings say what is missing, other kinds of hold what they would come to: neither is a figure of the plan.
			.replace(
				/<section[^>]*aria-label="Grade and findings"[\s\S]*$|<p class="finding[\s\S]*?<\/p>|<ul class="kinds[\s\S]*?<\/ul>/g,
				' '
			)
			.replace(/Stopped: [^<]*/g, ' ')
			.replace(/<[^>]+>/g, ' ')
			.replace(/&nbsp;|&#160;|\u00a0/g, ' ')
			.replace(/K-\d+/g, ' ')
			.replace(/rev \d+|\d+(\.\d+)? : \d+(\.\d+)?|\b\d+-ply\b|\d+ g\/m²|45°|turned 90°/gi, ' ')
	);
}

function strangers(text: string, known: ReadonlySet<string>): string[] {
	return [...text.matchAll(NUMBER)]
		.map(([number]) => number.replace(/^[−-]/, ''))
		.filter((number) => !known.has(number) && !(/^\d+$/.test(number) && Number(number) <= COUNTED));
}

test(
	'screens, job sheet, cut list, SVG and DXF carry the plan’s rounded figures and no other',
	{ timeout: 600_000 },
	async () => {
		const files = fc.sample(fc.oneof(anyWindowJob, anyPieceJob), { numRuns: runs(300), seed: 11 });
		for (const [index, file] of files.entries()) {
			const reads = index % 3 === 0 ? 'in' : index % 3 === 1 ? 'mm' : undefined;
			await holds(file, reads, STATIONS[index % STATIONS.length]!);
		}
	}
);

async function holds(file: JobFile, reads: 'mm' | 'in' | undefined, station: string): Promise<void> {
	const number = await keepJob(server.address, file);
	const job = decide(readJob(file), builtInShop, reads);
	const made = plan(file, builtInShop, reads);
	const known = allowed(made, job, job.reader);
	const get = async (path: string) => {
		const response = await fetch(`${server.address}${path}`, { headers: reads ? { cookie: `reads=${reads}` } : {} });
		assert.equal(response.status, 200, path);
		return response.text();
	};
	for (const path of [`/jobs/${number}/sheet`, `/jobs/${number}?at=${station}&view=front`]) {
		const odd = strangers(textOf(await get(path)), known);
		assert.deepEqual(odd, [], `${path} of ${JSON.stringify(file)}`);
	}
	// Files are in the unit that the job is cut in.
	const own = decide(readJob(file), builtInShop);
	const inFiles = allowed(plan(file, builtInShop), own, own.reader);
	for (const sheet of ['front', 'section', 'back']) {
		const svg = await get(`/api/jobs/${number}/${sheet}.svg`);
		const texts = [...svg.matchAll(/<text[^>]*>([^<]*)<\/text>/g)].map(([, text]) => text).join(' ; ');
		assert.deepEqual(strangers(texts.replace(/\d+-ply/g, ''), inFiles), [], `${sheet}.svg of ${JSON.stringify(file)}`);
	}
	const rows = Papa.parse<Record<string, string>>(await get(`/api/jobs/${number}/cut.csv`), { header: true }).data;
	assert.equal(rows.length, made.cut.length);
	for (const [index, row] of rows.entries()) {
		const cut = made.cut[index]!;
		assert.equal(row.width, `${figureText(cut.width, 'cut.width', own.reader)} ${own.cutIn}`);
		assert.ok(Math.abs(Number(row.width_mm) - cut.width) <= 0.0051 && Math.abs(Number(row.height_mm) - cut.height) <= 0.0051);
	}
	const dxf = new DxfParser().parseSync(await get(`/api/jobs/${number}/cut.dxf`))!;
	const boxes = dxf.entities.flatMap((entity) => {
		const points = (entity as unknown as { vertices?: { x: number; y: number }[] }).vertices ?? [];
		const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
		return points.length < 4 ? [] : [[Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)]];
	});
	const { pack } = made.window!;
	for (const mat of made.window!.mats)
		assert.ok(
			mat.print ||
				boxes.some(([width, height]) => Math.abs(width! - pack.width) < 0.01 && Math.abs(height! - pack.height) < 0.01),
			`cut.dxf has no blank of ${pack.width} × ${pack.height}`
		);
}
