/** A tape that closes the back: one file gives all of it, and a part that is missing does not compile. */
import type { BackSeal } from '../../../job/kinds.ts';

export type SealDefinition = {
	/** Before “tape”. */
	name: string;
	/** What its step says beside what all tapes share. */
	does: string[];
	/** How it comes off, on the label. */
	opens: string;
};

export type SealDefinitions = Record<BackSeal, SealDefinition>;
