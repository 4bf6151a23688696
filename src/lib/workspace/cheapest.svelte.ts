/** The cheapest set of changes to the aim, for the job as it stands; found in a worker once the job has rested for a moment. */
import type { Barred, CheapestSet } from '$core/advice/cheapest.ts';
import type { JobFile } from '$core/job/definition.ts';
import type { Plan } from '$core/plan.ts';
import { GRADES } from '$core/shop/grades.ts';
import type { Unit } from '$core/units/length.ts';
import CheapestWorker from '../workers/cheapest.worker.ts?worker';
import type { Answered, Asked } from '../workers/cheapest.worker.ts';
import type { JobEditor } from './editor.svelte.ts';

const REST_MS = 250;

/** Its labels are written for a reader. */
type Subject = { file: JobFile; reads: Unit };

function isSame(one: Subject, file: JobFile, reads: Unit): boolean {
	return one.file === file && one.reads === reads;
}

export class CheapestDesk {
	/** What was found, and for which file: an older answer is no answer. */
	#found = $state.raw<{ of: Subject; set: CheapestSet | Barred } | null>(null);
	#worker: Worker | null = null;
	#timer: ReturnType<typeof setTimeout> | undefined;
	#asked: { number: number; of: Subject } = { number: 0, of: { file: {}, reads: 'mm' } };
	readonly #editor: JobEditor;

	constructor(editor: JobEditor) {
		this.#editor = editor;
	}

	/** Null while it is looked for, and where the aim is reached. */
	get set(): CheapestSet | Barred | null {
		return this.#found && isSame(this.#found.of, this.#editor.file, this.#editor.unit) ? this.#found.set : null;
	}

	/** Begins to look when the aim is not reached. Called whenever the plan has settled. */
	look(file: JobFile, { aimed, reached, known }: Plan['grade'], reads: Unit): void {
		clearTimeout(this.#timer);
		const short = known && (reached === null || GRADES.indexOf(reached) > GRADES.indexOf(aimed));
		if (!short || (this.#found && isSame(this.#found.of, file, reads))) return;
		this.#timer = setTimeout(
			() => this.#ask({ number: this.#asked.number + 1, file, shop: this.#editor.written, grade: aimed, reads }),
			REST_MS
		);
	}

	close(): void {
		clearTimeout(this.#timer);
		this.#worker?.terminate();
		this.#worker = null;
	}

	#ask(asked: Asked): void {
		if (!this.#worker) {
			this.#worker = new CheapestWorker();
			this.#worker.onmessage = ({ data }: MessageEvent<Answered>) => {
				if (data.number === this.#asked.number) this.#found = { of: this.#asked.of, set: data.found };
			};
		}
		this.#asked = { number: asked.number, of: { file: asked.file, reads: asked.reads } };
		this.#worker.postMessage(asked);
	}
}
