/** A case of the trainer: a job with a fault built in, what its owner asks for, and what the tape says when it is laid again. */
import type { JobFile } from '../../job/definition.ts';
import type { Decided } from '../../job/decided.ts';
import type { Work } from '../../job/scopes.ts';
import type { Plan } from '../../plan.ts';
import type { Shop } from '../../shop/shop.ts';
import type { Step } from '../../stations/step.ts';
import type { Deed } from '../bench/run.ts';

/** A job with all that follows from it. */
export type Made = { file: JobFile; job: Decided; plan: Plan; shop: Shop; steps: Step[] };

export type TrainerCase = {
	title: string;
	/** Where in the order of the work the fault lies: the judge's first word of it. */
	station: Work;
	/** What somebody says when it is handed over. */
	told: string;
	/** What is read when it is looked at again. */
	looked: string[];
	job: JobFile;
	/** The piece as it truly is, where the job has it wrong. */
	truth?: JobFile['piece'];
	/** What is at fault: a rule of the plan, or what was done at the bench. */
	fault: { rule: string } | { done: (made: Made) => Deed[] };
};
