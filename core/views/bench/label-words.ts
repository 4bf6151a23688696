/** What stands on the back label: what holds the piece, what it is made of, how it opens (handbook back#label). */
import { isFugitive } from '../../shop/fade.ts';
import { CONCERNS } from '../../shop/concerns.ts';
import { SCOPE_OF } from '../../job/scopes.ts';
import type { PieceKind } from '../../job/kinds.ts';
import { isFixed } from '../../job/fixed.ts';
import type { StepId } from '../../shop/step-names.ts';
import { holdNames } from '../../stations/hold/names.ts';
import { closingRail, isShimmed } from '../../stations/frame/kit.ts';
import { inSentence } from '../../units/in-sentence.ts';
import type { Plan } from '../../plan.ts';
import { each } from '../../units/one-or-each.ts';
import type { House } from '../../shop/house.ts';
import { isHinge } from '../../job/hold-kinds.ts';
import type { Decided } from '../../job/decided.ts';
import { SEALS } from '../../stations/back/seals/all.ts';
import { frameKindOf } from '../../stations/frame/kinds/all.ts';
import { known } from '../../units/there.ts';

/** `corner pockets, nothing sticks`; `3 T-hinges, wheat-starch paste and tissue, comes off with water`. */
export function heldBy(job: Decided, plan: Plan): string {
	const { hold } = job;
	const name = holdNames(job).label;
	const count = each(plan.hold).reduce((sum, one) => sum + one.count, 0);
	const counted = isHinge(hold.kind) && count > 0 ? `${count} ${name}` : name;
	const { adhesive } = hold;
	if (hold.kind === 'conservator') return chosenSays(job, counted);
	if (adhesive.family === 'none') return `${counted}, no adhesive`;
	const off = adhesive.release === 'none' ? 'cannot be removed' : `comes off with ${adhesive.release}`;
	return `${counted}, ${inSentence(adhesive.name)}, ${off}`;
}

/** What was used, by whom and when, and how it comes off again, as far as it was written down. */
function chosenSays({ hold: { chosen } }: Decided, name: string): string {
	const { used, by, on, release } = chosen;
	const who = [by, on].filter(Boolean).join(', ');
	const what = used ? `: ${used}` : ', not recorded yet';
	return `${name}${what}${who ? ` (${who})` : ''}${release ? `, comes off ${release}` : ''}`;
}

/** What fixes a sheet that sheds: what is on it, or that it is fixed here; empty where nothing does. */
export function fixedBy(job: Decided): string {
	const { friable, fixative } = job.piece;
	if (!friable || !isFixed(job)) return '';
	if (fixative?.on) return [fixative.kind, fixative.on].filter(Boolean).join(', ');
	const where = job.aim === 'rare' ? 'by its artist or owner, before mounting' : 'here, before mounting';
	return [fixative?.kind, where].filter(Boolean).join(', ');
}

/** What a conservator found, by whom and when; empty where nothing was written. */
export function seenBy({ piece }: Decided): string {
	const by = piece.conservator;
	if (!by) return '';
	return `${by.name}, ${by.on}: ${by.finding}${by.consolidated ? ' (consolidated)' : ''}`;
}

/** What whoever opens it must know first. */
export function warnings({ piece }: Decided): string {
	return piece.concerns.flatMap((one) => CONCERNS[one].label ?? []).join(' ');
}

/** How much light it bears, and what its place asks of it; empty while its class is not known. */
export function lightOn({ piece }: Decided, { findings }: Plan, { luxFugitive, luxFast }: House): string {
	if (piece.fade === null) return '';
	const stops = findings.filter(({ of, severity }) => of === 'place' && severity === 'stop').map(({ says }) => says);
	return [`at most ${isFugitive(piece.fade) ? luxFugitive : luxFast} lx, class ${piece.fade}`, ...stops].join('; ');
}

/** `ink, watercolour on paper`; `photograph, cyanotype`; `dyed silk`; `ivory`. */
export function madeOf({ piece }: Decided): string {
	const media = piece.media.map(({ name }) => name).join(', ');
	const on = piece.support ? piece.support.name : (piece.material ?? piece.kind);
	return media === '' ? on : WITH_MEDIA[piece.kind](media, on);
}

const laidOn = (media: string, on: string) => `${media} on ${on}`;
const itself = (media: string) => media;
/** A medium lies on paper, panel or skin; a textile or an object is made of it. */
const WITH_MEDIA: Record<PieceKind, (media: string, on: string) => string> = {
	paper: laidOn,
	vellum: laidOn,
	bone: laidOn,
	panel: laidOn,
	canvas: laidOn,
	photograph: (media) => `photograph, ${media}`,
	textile: itself,
	object: itself
};

const FASTENED: Record<string, (count: number) => string> = {
	rigid: (count) => `lift ${count} points out with a tool`,
	flexible: (count) => `bend up ${count} points with a tool`,
	hand: (count) => `pull ${count} points with pliers`,
	'turn-buttons': (count) => `turn ${count} buttons`,
	'offset-clips': (count) => `unscrew ${count} offset clips`
};

/** What is undone, by the step that made it, and how. */
export type WayToOpen = { made: StepId; does: string };

/** How the back comes off, in the order in which it is done. */
export function waysToOpen(job: Decided, plan: Plan, house: House): WayToOpen[] {
	const { frame } = plan;
	if (!frame) return [];
	const { back, guard } = job;
	const edge: WayToOpen[] = guard.edgeSeal ? [{ made: 'edge-seal', does: 'slit the edge seal' }] : [];
	if (frameKindOf(job)?.clips) {
		const rail = closingRail(frame.outer, job.schools['closing-rail']);
		const clips = isShimmed(plan, house)
			? 'slip out the card shims'
			: frame.points.total > 0
				? `turn back ${frame.points.total} clips`
				: 'take out its clips';
		const loosened = `loosen the closing rail’s two screws (the ${rail === 'bottom' ? 'bottom rail' : 'right rail, from the front'})`;
		// The clips press on the pack: with them in no rail comes off.
		return [
			{ made: 'fit-all', does: clips },
			...(SCOPE_OF[job.scope].pack ? [{ made: 'fit-first' as const, does: loosened }] : []),
			...edge
		];
	}
	return [
		...(back.dustCover ? [{ made: 'dust-cover' as const, does: 'cut the dust cover' }] : []),
		...(back.seal ? [{ made: 'seal' as const, does: SEALS[back.seal].opens }] : []),
		// Of a frame that stayed closed nobody counted them.
		...(frame.points.total > 0
			? [{ made: 'fit-all' as const, does: known(FASTENED, frame.points.kind)(frame.points.total) }]
			: []),
		...edge
	];
}

/** The same in a line, as the label has it. */
export function toOpen(job: Decided, plan: Plan, house: House): string {
	const between = frameKindOf(job)?.clips ? ', ' : '; ';
	return waysToOpen(job, plan, house)
		.map(({ does }) => does)
		.join(between);
}
