/** Looks for the cheapest set of changes away from the page, so that typing never waits for it. */
import { cheapestTo, type Barred, type CheapestSet } from '$core/advice/cheapest.ts';
import type { JobFile } from '$core/job/definition.ts';
import type { Grade } from '$core/shop/grades.ts';
import type { Unit } from '$core/units/length.ts';
import { shopFrom, type WrittenShop } from '$core/shop/written.ts';

export type Asked = { number: number; file: JobFile; shop: WrittenShop; grade: Grade; reads: Unit };
export type Answered = { number: number; found: CheapestSet | Barred };

self.onmessage = ({ data }: MessageEvent<Asked>) => {
	postMessage({
		number: data.number,
		found: cheapestTo(data.file, shopFrom(data.shop), data.grade, data.reads)
	} satisfies Answered);
};
