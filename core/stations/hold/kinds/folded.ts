/** What pockets, strips and a sling share: folded paper that touches the sheet and sticks to nothing of it (handbook hold#slack). */
import type { Write } from '../../../rule/book.ts';
import type { Hold } from '../../../figures/hold.ts';
import { mapAxes } from '../../../geometry/shapes.ts';
import type { HoldKind } from '../../../job/hold-kinds.ts';
import { isStiff } from '../../../job/decide-piece.ts';
import type { Sight } from '../../../rule/sights.ts';
import { at, up } from '../../../rule/term.ts';
import type { Writer } from '../../step.ts';
import { noAdhesive, nothing, type HoldDefinition, type Shared, type Subject } from './kind.ts';
import { there } from '../../../units/there.ts';

/** Nothing is loaded and nothing dries; there is as much room as the sheet moves. */
export function slackHold(
	shared: Shared,
	{ job, movement }: Subject,
	write: Write
): Shared & Required<Pick<Hold, 'places' | 'fixed' | 'slack'>> {
	const step = at('job.step', job.step);
	const slack = mapAxes((axis) => {
		const asked = job.hold.slack[axis];
		const room = asked === undefined ? up(at(`movement.${axis}`, movement[axis]), step) : at(`job.hold.slack.${axis}`, asked);
		return write(`slack.${axis}`, room, 'slack').value;
	});
	nothing(write, ['inset'], 'hinges');
	nothing(write, ['loadKPa', 'workingKPa', 'dryMinutes'], 'corners');
	return { ...shared, places: [], fixed: [], slack };
}

/** What suits, and what is decided alike. */
export function foldedParts(
	kind: HoldKind,
	holds: string
): Pick<HoldDefinition, 'refuses' | 'offered' | 'adhesive' | 'turnsOver'> {
	return {
		refuses: ({ piece, float, bare }) => {
			if (isStiff(piece)) return `A ${piece} is held at its edges. Choose clips or the frame’s lip.`;
			if (piece === 'object') return 'An object is held by brackets, ties or a recess. Choose one of them.';
			if (float) return `No mat hides the ${kind} of a float. Choose pass-through or v-hinge.`;
			return bare ? `Without a mat nothing hides the ${kind}. Add a mat, or choose hinges.` : null;
		},
		offered: () => true,
		adhesive: noAdhesive(`${holds} without adhesive.`),
		turnsOver: ({ hold: { from } }) => from === 'window-mat'
	};
}

export function slackSaid({ hold }: Sight, writer: Writer): string {
	return `${writer.mark(there(there(hold, 'hold').slack, 'slack').width)} slack across and ${writer.mark(there(there(hold, 'hold').slack, 'slack').height)} up and down, total`;
}

/** What its tails are fixed to. */
export function boardBehind({ job }: Writer): string {
	if (job.hold.from === 'window-mat') return 'window mat';
	if (job.guard.underMat) return 'back mat';
	return job.guard.backing ? 'backing board' : 'board behind';
}
