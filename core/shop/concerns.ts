/** What intake may find on a piece, and who has to see it before anybody touches it (handbook intake#concerns). */
import type { Grade } from './grades.ts';

/** As a finding’s severity. */
type Severity = 'stop' | 'caution' | 'note';

export const CONCERN_IDS = [
	'flaking',
	'mould',
	'insects',
	'stuck',
	'vinegar',
	'nitrate',
	'tears',
	'brittle',
	'old-tape',
	'corrosion',
	'tacky',
	'weeping-glass',
	'foxing',
	'cased',
	'toxic',
	'protected'
] as const;
export type ConcernId = (typeof CONCERN_IDS)[number];

export type Concern = {
	/** Where it is ticked. */
	choice: string;
	/** As a sentence names it; a capital stands before it where it begins one. */
	name: string;
	/** Who has to see it first, by grade; null: it has a rule of its own. */
	refer: Record<Grade, Severity> | null;
	why: string;
	/** What is done meanwhile, for the bench. */
	meanwhile: string;
	/** No finding of a conservator opens it to framing. */
	never?: true;
	sheds?: true;
	sticks?: true;
	/** What the label says of it. */
	label?: string;
};

const ALWAYS = { rare: 'stop', keep: 'stop', show: 'stop' } as const;
const ABOVE_SHOW = { rare: 'stop', keep: 'stop', show: 'caution' } as const;
const KNOWINGLY = { rare: 'caution', keep: 'caution', show: 'caution' } as const;

export const CONCERNS: Record<ConcernId, Concern> = {
	flaking: {
		choice: 'flaking',
		name: 'flaking paint or surface',
		refer: ALWAYS,
		why: 'Every touch and every knock takes paint off for good.',
		meanwhile: 'Keep it face up and flat; save every loose flake in a labelled envelope.',
		sheds: true
	},
	mould: {
		choice: 'mould',
		name: 'active mould',
		refer: ALWAYS,
		why: 'Sealed in, mould spreads, and its spores reach other pieces and your lungs.',
		meanwhile: 'Gloves and a mask; bag it loosely, keep it dry, cool and away from other work.'
	},
	insects: {
		choice: 'insects',
		name: 'live insects',
		refer: ALWAYS,
		why: 'Enclosed, they go on eating, and get into the shop’s stock.',
		meanwhile: 'Bag and tape it shut at once, away from boards and mouldings.'
	},
	stuck: {
		choice: 'stuck to glazing',
		name: 'stuck to its glazing',
		refer: ALWAYS,
		why: 'Pulled off, its surface stays on the glass.',
		meanwhile: 'Leave it on its glazing; keep it flat, glazing down, away from moisture and heat.'
	},
	vinegar: {
		choice: 'vinegar smell',
		name: 'a vinegar smell, from decaying acetate film',
		refer: ALWAYS,
		why: 'Its acid attacks itself and whatever is enclosed with it.',
		meanwhile: 'Keep it cool, ventilated and apart from other film.'
	},
	nitrate: {
		choice: 'nitrate film',
		name: 'nitrate film',
		refer: ALWAYS,
		why: 'It burns even when shut in, and its acid fumes build up in a closed pack.',
		meanwhile: 'Isolate it, cool and ventilated, away from any flame; frame a copy.',
		never: true
	},
	tears: {
		choice: 'tears',
		name: 'tears',
		refer: ABOVE_SHOW,
		why: 'The sheet’s own weight tears it further from there.',
		meanwhile: 'Keep it flat, on a board; put no tape on it.'
	},
	brittle: {
		choice: 'brittle',
		name: 'a brittle support',
		refer: ABOVE_SHOW,
		why: 'It breaks where it is bent or hung.',
		meanwhile: 'Carry it flat on a board; never bend or hang it.'
	},
	'old-tape': {
		choice: 'old tape on it',
		name: 'old tape on it',
		refer: ABOVE_SHOW,
		why: 'Old adhesive stains on, and takes paper with it when pulled.',
		meanwhile: 'Leave the tape on; keep it away from heat.'
	},
	corrosion: {
		choice: 'corrosion',
		name: 'active corrosion',
		refer: ABOVE_SHOW,
		why: 'Enclosed with any moisture it goes on, and stains what touches it.',
		meanwhile: 'Keep it dry; gloves on; polish nothing.'
	},
	tacky: {
		choice: 'tacky',
		name: 'a tacky surface',
		refer: ABOVE_SHOW,
		why: 'It takes up dust and sticks to whatever touches it.',
		meanwhile: 'Keep it face up under a tent of clean board that touches nothing.',
		sticks: true
	},
	'weeping-glass': {
		choice: 'weeping glass',
		name: 'weeping glass',
		refer: ABOVE_SHOW,
		why: 'The glass gives off alkaline drops that eat into what lies behind it.',
		meanwhile: 'Keep it dry and face up; wipe nothing.'
	},
	foxing: {
		choice: 'foxing',
		name: 'foxing',
		refer: { ...KNOWINGLY, show: 'note' },
		why: 'Brown spots spread in humid rooms; only a conservator can reduce them.',
		meanwhile: 'Keep it dry.'
	},
	cased: {
		choice: 'cased photograph',
		name: 'a cased photograph',
		refer: KNOWINGLY,
		why: 'Opened or wiped, its image is lost in a stroke.',
		meanwhile: 'Leave the case closed; never wipe the plate.',
		label: 'Never open the case or wipe the plate.'
	},
	toxic: {
		choice: 'toxic: lead, arsenic, mercury, pesticide',
		name: 'toxic material',
		refer: null,
		why: 'Its dust poisons whoever handles or blows it.',
		meanwhile: 'Gloves and a mask; do not blow or brush it; wash hands after.',
		label: 'Toxic: gloves, mask; do not blow or brush.'
	},
	protected: {
		choice: 'protected',
		name: 'protected material',
		refer: null,
		why: 'Trade and transport are regulated by law.',
		meanwhile: 'Ask before accepting, moving or selling it.'
	}
};

/** What a conservator found, as it was written down; null unless name, date and finding all are. */
export type Conservator = { name: string; on: string; finding: string; consolidated: boolean; of: readonly ConcernId[] | null };

/** Whether a conservator has seen this concern. A finding that names concerns is of those alone. */
export function isSeen(concern: ConcernId, conservator: Conservator | null): boolean {
	return conservator !== null && (conservator.of === null || conservator.of.includes(concern));
}

/** How hard a concern stands at a grade, as long as it does; null where it has a rule of its own. */
export function refersAt(concern: ConcernId, seen: boolean, grade: Grade): Severity | null {
	const { refer, never } = CONCERNS[concern];
	if (refer === null) return null;
	return seen && !never && refer[grade] === 'stop' ? 'caution' : refer[grade];
}
