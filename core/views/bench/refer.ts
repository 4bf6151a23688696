/** While a conservator has not seen a piece that needs one, nothing touches or encloses it (handbook intake#concerns). */
import type { Plan } from '../../plan.ts';
import { referredAt } from '../../job/decide-piece.ts';
import { CONCERNS } from '../../shop/concerns.ts';
import type { MadeStep, StepId, Writer } from '../../stations/step.ts';
import { atStart, inSentence } from '../../units/in-sentence.ts';

/** Whether a step touches the piece, or closes something over it. */
const TOUCHES: Record<StepId, boolean> = {
	ready: false,
	refer: false,
	gather: false,
	'take-out': true,
	'look-at-it': true,
	'ready-frame': false,
	'open-metal': false,
	'cut-frame': false,
	'join-frame': false,
	'finish-frame': false,
	'finish-wood': false,
	'join-metal': false,
	deepen: false,
	'line-rabbet': false,
	'paste-print': false,
	'cut-boards': false,
	'gild-bevel': false,
	'cut-glazing': false,
	'prepare-hold': false,
	'cover-board': false,
	'bevel-support': false,
	'glue-lifts': false,
	'make-spacers': false,
	'join-mats': false,
	'join-package': false,
	'fix-surface': true,
	slits: false,
	tabs: true,
	place: true,
	'stick-down': true,
	'hold-board': true,
	hinge: true,
	'fix-panel': true,
	'fix-support': true,
	'support-to-base': true,
	'open-again': true,
	'try-window': true,
	'lie-open': true,
	sign: true,
	'clean-glazing': true,
	'dust-first': true,
	'close-pack': true,
	'edge-seal': true,
	'mark-up': true,
	'fit-first': true,
	'fit-all': true,
	centre: true,
	'back-strip': true,
	seal: true,
	rings: true,
	'dust-cover': true,
	hang: true,
	wire: true,
	bumpers: true,
	label: true,
	'last-look': true,
	wrap: true,
	wall: true
};

export function touchesPiece(id: StepId): boolean {
	return TOUCHES[id];
}

/** @returns the steps as they are; of a piece that is referred, what needs no piece, and of what is never framed nothing more */
export function untilSeen(steps: readonly MadeStep[], writer: Writer): MadeStep[] {
	const { piece, aim, scope } = writer.job;
	const referred = referredAt(piece, aim);
	if (referred.length === 0) return [...steps];
	const never = referred.some((one) => CONCERNS[one].never);
	// Of a frame that stays closed everything is done round the piece; its old back is not opened either.
	const isClosed = ['back', 'back-hang', 'hang', 'unframe'].includes(scope);
	const left = steps.filter(({ id }) => (never || isClosed ? id === 'ready' : !TOUCHES[id]));
	const [first, ...rest] = left;
	const refer: MadeStep = {
		id: 'refer',
		title: never ? 'Do not frame it' : 'Refer it to a conservator',
		does: [
			...referred.map((one) => `${atStart(CONCERNS[one].name)}: ${inSentence(CONCERNS[one].meanwhile)}`),
			never
				? 'Offer the owner a framed copy.'
				: 'Enter the conservator’s name, the date and the finding in Intake; the other steps then follow.'
		],
		because: CONCERNS[referred[0] ?? 'flaking'].why,
		caution: 'Untrained, do not clean, flatten, unstick or remove anything.',
		uses: []
	};
	return first ? [first, refer, ...rest] : [refer];
}

/** Most stops that a step names; the others are counted. */
const NAMED = 2;

/** The first step that touches the piece says what stops it: nobody begins there without having read why not. */
export function withStops(steps: readonly MadeStep[], { findings }: Pick<Plan, 'findings'>): MadeStep[] {
	const stops = findings.filter(({ severity, of, accepted }) => severity === 'stop' && of === 'safety' && !accepted);
	const first = steps.find(({ id }) => TOUCHES[id]);
	if (stops.length === 0 || !first) return [...steps];
	const named = stops.slice(0, NAMED).map(({ says }) => says);
	const more = stops.length > NAMED ? [`And ${stops.length - NAMED} more.`] : [];
	const caution = [`Stopped: ${named.join(' ')}`, ...more, first.caution ?? ''].filter(Boolean).join(' ');
	return steps.map((step) => (step === first ? { ...step, caution } : step));
}
