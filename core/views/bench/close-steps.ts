/** Steps from the closed frame to the wall: seal, cover, bumpers, hangers, label (handbook back, hang). */
import { covers } from '../../job/scopes.ts';
import { hangerSteps, type HangerSteps } from './hanger-steps.ts';
import type { MadeStep, Writer } from '../../stations/step.ts';
import { SEALS } from '../../stations/back/seals/all.ts';
import { frameKindOf } from '../../stations/frame/kinds/all.ts';
import { HANGERS } from '../../stations/hang/kinds/all.ts';
import { known, there } from '../../units/there.ts';

/**
 * What is glued or screwed across the back comes onto bare wood; then the tape, cut round it; then paper and hangers, as the schools have
 * it. With hardware first the rings go on, the paper closes round them, then the wire: no strung wire lies under it, and no bumper.
 */
export function closeBack(writer: Writer): MadeStep[] {
	const { schools, scope } = writer.job;
	const hangers = hangersBeforeClosing(writer) || !covers(scope, 'wall') ? NO_HANGERS : hangerSteps(writer);
	const { onBareWood } = hangers;
	if (!covers(scope, 'back')) return [...onBareWood, ...hangers.whole];
	const cover = dustCover(writer, onBareWood.length > 0);
	const feet = bumpers(writer);
	const closed = [...onBareWood, ...seal(writer, onBareWood.length > 0)];
	if (schools['cover-order'] === 'hardware-first' && cover.length > 0) {
		const { line } = hangers;
		return [...closed, ...(line ? hangers.rings : hangers.whole), ...cover, ...(line ?? []), ...feet];
	}
	const hardware = schools['bumper-order'] === 'before-hangers' ? [...feet, ...hangers.whole] : [...hangers.whole, ...feet];
	return [...closed, ...cover, ...hardware];
}

const NO_HANGERS: HangerSteps = { onBareWood: [], rings: [], line: null, whole: [] };

/** In a metal channel hangers slide in while a rail is off, or when it is closed. */
export function hangersBeforeClosing({ job }: Writer): boolean {
	return frameKindOf(job)?.clips === true && job.schools['cover-order'] === 'hardware-first';
}

function seal(writer: Writer, isCutRound: boolean): MadeStep[] {
	const { job, plan } = writer;
	const tape = there(plan.back, 'back').tape;
	if (!tape || writer.metal) return [];
	const tapeOf = SEALS[there(job.back.seal, 'seal')];
	const { section, points } = there(plan.frame, 'frame');
	const heads = ['clips', 'offset-clips'].includes(points.kind) ? '' : ', over the points’ heads';
	const bare = section.face - section.lip - tape.land;
	return [
		{
			id: 'seal',
			title: `Tape the back, ${tapeOf.name} tape ${writer.withUnit(tape.stock, 'cut')}`,
			does: [
				`${tape.strips[0] === tape.strips[1] ? 'Lay four strips' : `Lay two strips ${writer.cut(tape.strips[0])}, two`} ${writer.cut(tape.strips[1])}${tape.passes > 1 ? `, in ${tape.passes} passes` : ''}${heads}.`,
				`${writer.mark(tape.land)} on the frame, ${writer.mark(bare)} of wood bare at the outer edge; press into the inner corner.`,
				...tapeOf.does,
				...(isCutRound ? ['Cut it round the wood already on.'] : []),
				...(job.hang.by === 'tag' ? ['Cut it round the hanging tag, which stays out.'] : []),
				'Cut ends flat, no gap at the corners.'
			],
			because: 'Tape not pressed into the corner leaks and tears.',
			uses: writer.parts('back tape')
		}
	];
}

function dustCover(writer: Writer, hasWood: boolean): MadeStep[] {
	const { job, plan, shop } = writer;
	const cover = there(plan.back, 'back').dustCover;
	if (!cover) return [];
	const { grammage } = known(shop.dustCovers, there(there(plan.back, 'back').dustCoverPaper, 'dust cover paper'));
	const hardware = job.schools['cover-order'] === 'hardware-first' && covers(job.scope, 'wall');
	const isThere = job.kept.hangers !== null;
	return [
		{
			id: 'dust-cover',
			title: 'Dust cover',
			does: [
				`Use paper of ${grammage} g/m², cut ${writer.size(there(there(plan.back, 'back').dustCoverRough, 'dust cover rough'))}, finished ${writer.size(cover)}: ${writer.mark(shop.house.dustCoverInside)} inside the frame’s edge; adhesive from that edge inward.`,
				// What is tied comes off before the paper lies over it.
				...(hardware || hasWood || isThere ? [slitsSay(writer)] : []),
				'Position it first; then expose the transfer tape and press.',
				job.schools['dust-cover'] === 'wetted'
					? 'Dampen lightly to tighten: too wet and corners open. Trim with a trimmer.'
					: 'Stretch it by hand; trim with a trimmer.'
			],
			because: hardware || hasWood || isThere ? 'Cut the paper round the hardware.' : 'Before the hangers, which go on top.',
			uses: writer.parts('dust cover')
		}
	];
}

/** Where it was measured, it is said; seen from the back, both sides are alike. */
function slitsSay(writer: Writer): string {
	const { hangers, hangersAt: at } = writer.job.kept;
	if (!hangers) return 'The hardware is already on: cut relief slits round it.';
	const { single, line } = HANGERS[hangers];
	const where = at
		? `, ${writer.mark(at.drop)} from the top${single ? ' in the middle' : at.inset === null ? '' : ` and ${writer.mark(at.inset)} from each side`}`
		: '';
	const untied = line ? ` The ${line.name} comes off first and is tied over the paper; replace it if kinked.` : '';
	return `Cut relief slits round the existing hardware${where}.${untied}`;
}

function bumpers({ plan, job }: Writer): MadeStep[] {
	const count = there(plan.back, 'back').bumpers;
	if (count === 0) return [];
	return [
		{
			id: 'bumpers',
			title: `Bumpers, ${count}`,
			does: [
				`${count > 2 ? 'Fix them at all four corners' : 'Fix them at the two bottom corners'}${frameKindOf(job)?.clips ? ', on the channel’s back' : ''}.`
			],
			because: 'Silicone, not rubber, which marks the wall. They let air pass and stop the frame sliding.',
			uses: []
		}
	];
}

export function label({ job }: Writer): MadeStep {
	const { belongs, copies } = job;
	const which = belongs.papers.length > 0 ? `: ${belongs.papers.join('; ')}` : '';
	const papers =
		job.schools['certificates'] === 'stuck'
			? `Stick the papers that belong with it to the back${which}.`
			: `Put the papers that belong with it in a polyester sleeve on the back, never glued to the piece${which}.`;
	const onLabel = belongs.inscription && job.schools['inscription'] === 'label';
	return {
		id: 'label',
		title: copies > 1 ? `Labels, ${copies}, and papers` : 'Label and papers',
		does: [
			'On the label: the piece, framer, date, materials, how to open it.',
			papers,
			...(onLabel ? [`Printed on the label: “${belongs.inscription}”.`] : []),
			...(belongs.plate ? [`Title plate in the middle of the bottom rail: “${belongs.plate.text}”.`] : [])
		],
		uses: []
	};
}

export function lastLook({ job }: Writer): MadeStep {
	const glazed = job.guard.glazing.family !== 'none';
	return {
		id: 'last-look',
		title: 'Final check',
		does: [`${glazed ? 'Clean the glazing, p' : 'P'}hotograph front and back.`],
		uses: []
	};
}

/** Only what travels is wrapped at the bench. */
export function wrap(writer: Writer): MadeStep | null {
	const pouch = writer.plan.back?.pouch;
	if (!writer.job.piece.travels || !pouch) return null;
	return {
		id: 'wrap',
		title: 'Wrap it for transport',
		does: [
			`Put it in a pouch, inside ${writer.size(pouch, 'mark')} or more, and close it; guards on all four corners.`,
			...travelSays(writer)
		],
		because: 'Most breakages happen in transit.',
		uses: []
	};
}

/** How it is carried: its glazing, and whether that reaches the piece when it lies flat. */
export function travelSays({ job, plan }: Pick<Writer, 'job' | 'plan'>): string[] {
	const { family } = job.guard.glazing;
	const { pack } = plan;
	const sags = pack !== undefined && family !== 'none' && pack.gap > 0 && pack.sag > pack.gap;
	return [
		...(family === 'glass'
			? ['Put low-tack tape across the glass to hold it together if it breaks; none on acrylic or on a coating.']
			: []),
		sags
			? 'Carry and drive it upright: laid flat, its glazing sags onto the piece.'
			: family === 'none'
				? 'Let nothing touch its face: keep it face up or upright.'
				: 'Carry it upright, by both sides of the frame.'
	];
}
