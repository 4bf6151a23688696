/** The call for a cutting plan: checks, then the core, in a thread of its own. */
import { createRequire } from 'node:module';
import { faults, type Answer } from './answer.ts';
import { inCuttingThread } from './threads/pool.ts';
import { checkCutting } from './validation/cutting.ts';

const solverAt = createRequire(import.meta.url).resolve('highs');

export async function planCutting(body: unknown): Promise<Answer> {
	const checked = checkCutting(body);
	if (!checked.ok) return faults(400, checked.faults);
	const done = await inCuttingThread({ job: checked.job, solverAt });
	return done.ok ? { status: 200, body: done.plan } : done.answer;
}
