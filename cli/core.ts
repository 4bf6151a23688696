/**
 * `npm run -s core -- plan FILE.json`: a job file in, a plan out; `steps`: a job file in, its run at the bench out; `cut`: a cutting file
 * in, its plan out; `centre`: eight readings in, the correction out; `wall`: a wall and its pictures in, their places and hooks out;
 * `climate`: a job file and a room in, its year out. Exit 2 and one line for each fault when the file can't be read.
 */
import { readFileSync } from 'node:fs';
import { FaultError, type Fault } from '../core/job/faults.ts';
import { readJob } from '../core/job/read.ts';
import { decide } from '../core/decide.ts';
import { plan, planDecided } from '../core/plan.ts';
import { builtInShop, shopFor } from '../core/shop/shop.ts';
import { climateAnswer } from '../core/advice/climate-answer.ts';
import { centred } from '../core/views/bench/centring.ts';
import { toldSteps } from '../core/views/bench/told.ts';
import { planWall } from '../core/wall/plan-wall.ts';
import { bestPlan } from '../core/nesting/cut.ts';
import { solverFrom, type Highs } from '../src/lib/nesting/solver.ts';
import { checkCentre } from '../src/lib/server/validation/centre.ts';
import { checkCutting } from '../src/lib/server/validation/cutting.ts';
import { checkClimate, CLIMATE_BODY_MOST } from '../src/lib/server/validation/climate.ts';
import { checkWall, jobsOn } from '../src/lib/server/validation/wall.ts';
import { checkJobFile } from '../src/lib/server/validation/job-file.ts';
import { readJson } from '../src/lib/server/validation/body.ts';

const VERBS: Record<string, (body: unknown) => unknown> = {
	cut: async (body) => {
		const { job } = whole(checkCutting(body));
		const { default: highs } = await import('highs');
		return bestPlan(job, { solve: solverFrom((await highs()) as Highs), now: () => performance.now() });
	},
	centre: (body) => {
		const read = checkCentre(body);
		if (!read.ok) throw new FaultError(read.faults);
		return centred(read.value);
	},
	wall: (body) => {
		const nobody = jobsOn(body).map((number): [string, string] => [
			number,
			'Only the server knows jobs: enter its outer size, weight and hooks.'
		]);
		const read = checkWall(body, new Map(nobody));
		if (!read.ok) throw new FaultError(read.faults);
		return planWall(read.wall, read.unit);
	},
	plan: (body) => plan(whole(checkJobFile(body)).job, builtInShop),
	steps: (body) => {
		const { job: file } = whole(checkJobFile(body));
		const job = decide(readJob(file), builtInShop);
		return toldSteps({ file, job, plan: planDecided(file, job, builtInShop), shop: shopFor(builtInShop, job.cutIn) });
	},
	climate: (body) => climateAnswer(whole(checkClimate(body)).request, builtInShop)
};

const [verb = '', path = ''] = process.argv.slice(2);
try {
	const run = VERBS[verb];
	if (!run || path === '')
		throw new FaultError([
			{ path: 'usage', says: `npm run -s core -- ${Object.keys(VERBS).join(' | ')} FILE.json, or - for standard input.` }
		]);
	process.stdout.write(`${JSON.stringify(await run(await parsed(path)), null, '\t')}\n`);
} catch (error) {
	if (!(error instanceof FaultError)) throw error;
	for (const fault of error.faults) console.error(`${fault.path || 'file'}: ${fault.says}`);
	process.exitCode = 2;
}

/** The same reading as over HTTP: size, encoding, depth, JSON. */
async function parsed(file: string): Promise<unknown> {
	let bytes: Buffer;
	try {
		bytes = readFileSync(file === '-' ? 0 : file);
	} catch (error) {
		throw new FaultError([{ path: file, says: `This can't be read: ${(error as NodeJS.ErrnoException).code}.` }]);
	}
	const request = new Request('file:', {
		method: 'POST',
		body: new Uint8Array(bytes),
		headers: { 'content-type': 'application/json' }
	});
	const read = await readJson(request, verb === 'climate' ? CLIMATE_BODY_MOST : undefined);
	if (!read.ok) throw new FaultError(read.faults);
	return read.body;
}

/** What a check gave, or its faults thrown. */
function whole<T extends { ok: true }>(result: T | { ok: false; faults: Fault[] }): T {
	if (!result.ok) throw new FaultError(result.faults);
	return result;
}
