/** The cheapest set of changes to the aim, for the job as it stands; found in a worker once the job has rested for a moment. */
import type { Barred, CheapestSet } from '$core/guard/cheapest.ts';
import type { JobFile } from '$core/job/definition.ts';
import { GRADES, type Grade } from '$core/shop/grades.ts';
import CheapestWorker from '../workers/cheapest.worker.ts?worker';
import type { Answered, Asked } from '../workers/cheapest.worker.ts';
import { currentWritten, type JobEditor } from './editor.svelte.ts';

const REST_MS = 250;

export class CheapestDesk {
	/** What was found, and for which file: an older answer is no answer. */
	#found = $state.raw<{ file: JobFile; set: CheapestSet | Barred } | null>(null);
	#worker: Worker | null = null;
	#timer: ReturnType<typeof setTimeout> | undefined;
	#asked: { number: number; file: JobFile } = { number: 0, file: {} };
	readonly #editor: JobEditor;

	constructor(editor: JobEditor) {
		this.#editor = editor;
	}

	/** Null while it is looked for, and where the aim is reached. */
	get set(): CheapestSet | Barred | null {
		return this.#found && this.#found.file === this.#editor.file ? this.#found.set : null;
	}

	/** Begins to look when the aim is not reached. Called whenever the plan has settled. */
	look(file: JobFile, aimed: Grade, reached: Grade | null): void {
		clearTimeout(this.#timer);
		const short = reached === null || GRADES.indexOf(reached) > GRADES.indexOf(aimed);
		if (!short || this.#found?.file === file) return;
		this.#timer = setTimeout(
			() => this.#ask({ number: this.#asked.number + 1, file, shop: currentWritten(), grade: aimed }),
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
				if (data.number === this.#asked.number) this.#found = { file: this.#asked.file, set: data.found };
			};
		}
		this.#asked = { number: asked.number, file: asked.file };
		this.#worker.postMessage(asked);
	}
}
