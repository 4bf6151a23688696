/** What an open job asks of full sheets, as Cutting lists it. */
import { decide } from '$core/decide.ts';
import type { JobFile } from '$core/job/definition.ts';
import { showJobNumber } from '$core/job/number.ts';
import { readJob } from '$core/job/read.ts';
import { partsWanted, type PartWanted } from '$core/nesting/parts.ts';
import { planDecided } from '$core/plan.ts';
import type { Shop } from '$core/shop/shop.ts';
import { lineName } from '$core/stations/cut/material-name.ts';

export type JobParts = {
	number: string;
	title: string;
	/** Something forbids the work: its sizes may still change. */
	stopped: boolean;
	parts: PartWanted[];
};

export function jobParts(number: number, file: JobFile, shop: Shop): JobParts {
	const job = decide(readJob(file), shop);
	const plan = planDecided(file, job, shop);
	const shown = showJobNumber(number);
	return {
		number: shown,
		title: (file.title ?? file.piece?.title) || 'New piece',
		stopped: !plan.fits || plan.findings.some(({ severity }) => severity === 'stop'),
		parts: partsWanted(shown, plan.cut, lineName)
	};
}
