import type { JobFile } from '$core/job/definition.ts';
import { call, route } from '$lib/server/answer.ts';
import { postSamples } from '$lib/server/samples.ts';

const FILES = import.meta.glob<JobFile>('../../../../demo/jobs/K-01{01,04,07,09,12,16}.json', { eager: true, import: 'default' });
const PICTURES = import.meta.glob<string>(
	'../../../../demo/pictures/{tide-chart,kelp,great-lens,boat-day,gull-egg-1,gull-egg-2,gull-egg-3,storm}.svg',
	{ eager: true, import: 'default', query: '?raw' }
);

/** Pieces to look at, for a house in which there are none. */
export const { POST, fallback } = route({
	POST: call({ answer: ({ db }) => postSamples(db, Object.values(FILES), Object.values(PICTURES)) })
});
