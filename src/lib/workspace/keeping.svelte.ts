/** An open job's way to the server and back: one request at a time, again when it fails, and what another kept meanwhile. */
import { differences } from '$core/job/compare.ts';
import type { JobFile } from '$core/job/definition.ts';
import type { JobState } from '$core/job/state.ts';
import { hearChanges, type Heard } from './changes.ts';

/** The version that was kept meanwhile; ours is the editor's file, which may still be changed. */
export type Conflict = {
	rev: number;
	theirs: JobFile;
	/** What both began with, where it is still known. */ base: JobFile | null;
};
export type SaveState = 'kept' | 'keeping' | 'unsent' | 'conflict' | 'refused';

/** A job as the server has it. */
export type Kept = {
	number: string;
	rev: number;
	/** When that revision was kept, milliseconds since 1970. */ at: number;
	file: JobFile;
	/** Whether it is worked on. */ ended: JobState;
};

/** What the way needs of the job that is open. */
export type Desk = {
	file: () => JobFile;
	/** Whether something is half typed. */
	isTyping: () => boolean;
	canPlan: (file: JobFile) => boolean;
	/** Another’s version in the place of this one. */
	takeUp: (theirs: JobFile) => void;
	/** The server has all that there is. */
	onkept: () => void;
};

/** A pause in typing after which a change is sent. */
const PAUSE_MS = 350;
const AGAIN_MS = 2500;
/** The server’s disk is full. */
const FULL = 507;
const FULL_AGAIN_MS = 15_000;

export class Keeping {
	rev = $state(0);
	/** When that revision was kept, milliseconds since 1970. */
	at = $state(0);
	/** Another kept the job, and the page shows theirs since: nothing of ours was unsent. */
	fromElsewhere = $state(false);
	/** Whether the job is worked on. */
	ended = $state<JobState>('open');
	state = $state<SaveState>('kept');
	conflict = $state.raw<Conflict | null>(null);
	/** Why the server did not take what was sent last; empty where it did. */
	refusal = $state('');
	readonly #number: string;
	readonly #desk: Desk;
	#sent: JobFile;
	#timer: ReturnType<typeof setTimeout> | undefined;
	#sending = false;
	/** What is on its way to the server; null where nothing is. */
	onItsWay: JobFile | null = null;
	/** What an earlier visit sent without hearing whether it arrived. */
	sentBefore: JobFile | null = null;
	/** The newest revision that anybody kept, as far as was heard. */
	#heardRev = 0;

	constructor({ number, rev, at, file, ended }: Kept, desk: Desk) {
		this.#number = number;
		this.rev = rev;
		this.at = at;
		this.#sent = file;
		this.ended = ended;
		this.#desk = desk;
	}

	get isUnsent(): boolean {
		return this.#desk.file() !== this.#sent;
	}

	/** In the browser: from here on it hears and sends. @returns what ends it, with nothing left unsent */
	start(): () => void {
		const online = () => void this.#send();
		// What was refused because another job holds it may be free now.
		const again = () => void (this.state === 'refused' && this.#send());
		const deaf = hearChanges(this.#number, (change) => void this.#heard(change), again);
		addEventListener('online', online);
		return () => {
			deaf();
			removeEventListener('online', online);
			clearTimeout(this.#timer);
			if (this.isUnsent) void this.#send();
		};
	}

	/** The file has changed: it is sent after a pause. */
	changed(): void {
		if (this.state === 'conflict') return;
		this.state = 'keeping';
		clearTimeout(this.#timer);
		this.#timer = setTimeout(() => void this.#send(), PAUSE_MS);
	}

	/** What is unsent, at once: a paper is made of what is kept. Where the server is away it stays here. */
	async sendNow(): Promise<void> {
		while (this.#sending) await new Promise((go) => setTimeout(go, 20));
		if (this.isUnsent) await this.#send();
	}

	/** After a conflict: what is sent next stands on top of theirs. */
	settle(): void {
		if (!this.conflict) return;
		this.rev = this.conflict.rev;
		this.conflict = null;
		this.state = 'keeping';
	}

	/** One request at a time; what changed meanwhile is sent after it. */
	async #send(): Promise<void> {
		if (this.#sending || this.state === 'conflict') return;
		clearTimeout(this.#timer);
		if (!this.isUnsent) {
			this.state = 'kept';
			this.#desk.onkept();
			return;
		}
		this.#sending = true;
		const file = this.#desk.file();
		this.onItsWay = file;
		try {
			const response = await fetch(`/api/jobs/${this.#number}`, {
				method: 'PUT',
				headers: { 'content-type': 'application/json', 'if-match': `"${this.rev}"` },
				body: JSON.stringify(file)
			});
			await this.#answered(response, file);
		} catch {
			this.state = 'unsent';
			this.#timer = setTimeout(() => void this.#send(), AGAIN_MS);
		} finally {
			this.#sending = false;
			this.onItsWay = null;
		}
		if ((this.state === 'kept' && this.isUnsent) || this.state === 'keeping') this.changed();
		else void this.#takeTheirs();
	}

	async #answered(response: Response, file: JobFile): Promise<void> {
		if (response.status === 409) {
			const { rev, theirs, base } = (await response.json()) as Conflict;
			// What the page sent as it was left arrived after all: theirs is ours.
			const isOurs = this.sentBefore !== null && differences(this.sentBefore, theirs).length === 0;
			this.sentBefore = null;
			if (isOurs) {
				this.rev = rev;
				this.state = 'keeping';
				return;
			}
			this.conflict = { rev, theirs, base };
			this.state = 'conflict';
			return;
		}
		if (response.status >= 400 && response.status < 500) {
			this.refusal = await reasonOf(response);
			this.state = 'refused';
			return;
		}
		if (response.status === FULL) {
			this.refusal = await reasonOf(response);
			this.state = 'refused';
			// There may be room again.
			this.#timer = setTimeout(() => void this.#send(), FULL_AGAIN_MS);
			return;
		}
		if (!response.ok) throw new Error(String(response.status));
		this.rev = ((await response.json()) as { rev: number }).rev;
		this.at = keptAt(response);
		this.#sent = file;
		this.fromElsewhere = false;
		this.refusal = '';
		this.state = 'kept';
		this.#desk.onkept();
	}

	async #heard({ rev, state }: Heard): Promise<void> {
		this.ended = state;
		this.#heardRev = Math.max(this.#heardRev, rev);
		await this.#takeTheirs();
	}

	/** What another kept is shown at once where nothing of ours is unsent; else both are shown when ours is sent. */
	async #takeTheirs(): Promise<void> {
		const isOurs = () => this.#sending || this.state !== 'kept' || this.isUnsent || this.#desk.isTyping();
		if (this.#heardRev <= this.rev || isOurs()) return;
		try {
			const response = await fetch(`/api/jobs/${this.#number}`);
			if (!response.ok) return;
			const { rev, job } = (await response.json()) as { rev: number; job: JobFile };
			if (rev <= this.rev || isOurs() || !this.#desk.canPlan(job)) return;
			this.rev = rev;
			this.#sent = job;
			this.at = keptAt(response);
			this.fromElsewhere = true;
			this.#desk.takeUp(job);
		} catch {
			// The next word of the server, or the next save, tells again.
		}
	}
}

/** When the revision that was answered was kept. */
function keptAt({ headers }: Response): number {
	return Date.parse(headers.get('last-modified') ?? '');
}

/** The first of what the server says against it. */
async function reasonOf(response: Response): Promise<string> {
	try {
		return ((await response.json()) as { faults?: { says: string }[] }).faults?.[0]?.says ?? '';
	} catch {
		return '';
	}
}
