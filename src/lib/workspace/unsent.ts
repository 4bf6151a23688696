/** What a browser holds of a job until the server has it: the file as it stands there, and what is half typed. */
import type { JobFile } from '$core/job/definition.ts';

export type Draft = { text: string; says: string };
export type Unsent = {
	rev: number;
	file: JobFile;
	drafts: Record<string, Draft>;
	/** What was on its way to the server when the page was left: nobody heard whether it arrived. */
	onItsWay?: JobFile | null;
};

const keyOf = (number: string) => `rare-keep:${number}`;

/** @param unsent null: nothing is held any more */
export function holdUnsent(number: string, unsent: Unsent | null): void {
	if (typeof localStorage === 'undefined') return;
	if (unsent) localStorage.setItem(keyOf(number), JSON.stringify(unsent));
	else localStorage.removeItem(keyOf(number));
}

/** What an earlier visit could not send; null where there is nothing, or nothing that can be read and planned. */
export function unsentOf(number: string, canPlan: (file: JobFile) => boolean): Unsent | null {
	try {
		const unsent = JSON.parse(localStorage.getItem(keyOf(number)) ?? 'null') as Unsent | null;
		return unsent && canPlan(unsent.file) ? unsent : null;
	} catch {
		return null;
	}
}
