/** Steps of rings, wire and nails (handbook hang). */
import { SCOPE_OF } from '../../job/scopes.ts';
import { showMass, showNumber, showStrength } from '../../units/show.ts';
import type { MadeStep, Writer } from '../../stations/step.ts';
import { HANGERS } from '../../stations/hang/kinds/all.ts';
import type { Line, Own, Single } from '../../stations/hang/kinds/hanger.ts';
import type { Hang } from '../../figures/hang.ts';
import { hookFor } from '../../shop/hangers.ts';
import { hookWantedKg } from '../cost/materials.ts';
import { inSentence } from '../../units/in-sentence.ts';
import { known, there } from '../../units/there.ts';

/** Steps of the hangers: on bare wood before tape and cover; then the rings and what stretches between them, in two steps or in one. */
export type HangerSteps = {
	onBareWood: MadeStep[];
	rings: MadeStep[];
	/** Null where nothing stretches. */
	line: MadeStep[] | null;
	/** Both at once. */
	whole: MadeStep[];
};

export function hangerSteps(writer: Writer): HangerSteps {
	const hang = there(writer.plan.hang, 'hang');
	const { single, own, line } = HANGERS[hang.by];
	const only = (steps: MadeStep[], onBareWood: MadeStep[] = []): HangerSteps => ({
		onBareWood,
		rings: steps,
		line: null,
		whole: steps
	});
	if (writer.job.kept.hangers) return only([keptHangers(writer)]);
	if (own) {
		const step = [ownHanger(writer, hang, own)];
		return own.onBareWood ? only([], step) : only(withSecond(writer, hang, step));
	}
	if (single) return only(withSecond(writer, hang, [oneHanger(writer, single)]));
	const onBareWood = stripAcross(writer);
	const whole = withSecond(writer, hang, [rings(writer)]);
	if (!line || !hang.wire) return only(whole, onBareWood);
	return { onBareWood, rings: withSecond(writer, hang, [ringsAlone(writer)]), line: [lineAlone(writer)], whole };
}

/** All of them, one after the other. */
export function planHangers(writer: Writer): MadeStep[] {
	const { onBareWood, whole } = hangerSteps(writer);
	return [...onBareWood, ...whole];
}

/** What was closed here was marked; a frame that came closed is looked at, and marked now. */
function whichWay({ job, plan }: Writer): string {
	return SCOPE_OF[job.scope].pack || plan.back?.board
		? 'Check by the mark which way is up before measuring anything.'
		: 'Check from the front which way is up, and mark it on the back in pencil before measuring anything.';
}

/** A kind that has places of its own. */
function ownHanger(writer: Writer, hang: Hang, own: Own): MadeStep {
	const { title, does, because, waitMinutes } = own.step(writer, hang);
	return {
		id: 'hang',
		title,
		does: [whichWay(writer), ...does],
		...(because ? { because } : {}),
		...(waitMinutes ? { waitMinutes } : {}),
		caution: liftSays(writer),
		uses: writer.parts(...own.parts)
	};
}

/** What the last step says besides, of a set for the frame turned, and of a leg. */
function withSecond(writer: Writer, { turned, stand, by }: Hang, steps: MadeStep[]): MadeStep[] {
	const { single, line } = HANGERS[by];
	const says = [
		...(turned
			? [
					`Also hangs turned 90°: its left side, from the front, is then the top, and ${
						single
							? `another ${single.name} goes in its middle, ${writer.mark(turned.drop)} from that edge`
							: `a second pair goes ${writer.mark(turned.drop)} from that edge, ${writer.mark(turned.inset)} from the top and the bottom`
					}.${turned.wire && line ? ` Its ${turned.by} is cut ${writer.cut(turned.wire.length)}, and breaks at ${showStrength(turned.wire.breakingKg, writer.job.reader)}.` : ''}`
				]
			: []),
		...(stand && by !== 'stand' ? (HANGERS.stand.own?.step(writer, { ...there(writer.plan.hang, 'hang') }).does ?? []) : [])
	];
	return steps.map((step, at) => (at === steps.length - 1 ? { ...step, does: [...step.does, ...says] } : step));
}

function liftSays(writer: Writer): string {
	return `Over ${writer.either('8 kg or 1 m', '18 lb or 3 ft')}, two people lift.`;
}

/** What it hung by before is looked at before it hangs by it again. */
function keptHangers(writer: Writer): MadeStep {
	const hang = there(writer.plan.hang, 'hang');
	const { line, single, own, came } = HANGERS[hang.by];
	const bears = showStrength(hang.ringWantedKg, writer.job.reader);
	return {
		id: 'hang',
		title: `Check the existing ${came}`,
		does: [
			whichWay(writer),
			`Check: ${inSentence(single?.looked ?? 'Every screw tight, no wood split')}.`,
			`Pull ${single || own ? 'it' : `each ${writer.metal ? 'hanger' : 'ring'}`} by hand: it must carry ${bears}.`,
			...(line ? [`Check the ${line.name} for kinks, broken strands and loose turns; replace it if it has any.`] : [])
		],
		because: 'It carried another weight, for unknown years.',
		...(line?.caution ? { caution: line.caution } : {}),
		uses: []
	};
}

function oneHanger(writer: Writer, { title, does, because }: Single): MadeStep {
	return { id: 'hang', title, does: [whichWay(writer), ...does(writer, there(writer.plan.hang, 'hang'))], because, uses: [] };
}

/** Where the wood is too narrow for screws a strip takes them. */
function stripAcross(writer: Writer): MadeStep[] {
	const { strip, drop } = there(writer.plan.hang, 'hang');
	if (!strip) return [];
	return [
		{
			id: 'back-strip',
			title: 'Cross strip',
			does: [
				`Strip ${writer.size(strip)}, its middle ${writer.mark(drop)} from the top; glue and screw it to both side rails.`,
				'Screws at most two thirds of the depth there.'
			],
			because: 'The rails are too narrow for the hanger screws.',
			waitMinutes: 12 * 60,
			uses: writer.parts('strip across the back')
		}
	];
}

/** Rings, and what stretches between them, as one step. */
function rings(writer: Writer): MadeStep {
	const hang = there(writer.plan.hang, 'hang');
	const { line } = HANGERS[hang.by];
	const stretched = hang.wire && line ? lineSays(writer, line) : null;
	return {
		id: 'hang',
		title: stretched && line ? `${ringsTitle(writer)} and ${line.name}` : ringsTitle(writer),
		does: [whichWay(writer), ...ringsSay(writer), ...(stretched ?? [pullSays(writer, null)])],
		because: stretched ? 'What fails this pull would fail on the wall.' : 'Rings on hooks cannot stretch.',
		caution: (stretched && line?.caution) || liftSays(writer),
		uses: writer.parts('wire', 'cord')
	};
}

/** Before a cover that is cut round them. */
function ringsAlone(writer: Writer): MadeStep {
	return {
		id: 'rings',
		title: ringsTitle(writer),
		does: [whichWay(writer), ...ringsSay(writer), pullSays(writer, null)],
		because: 'Cut the paper round them; wire or cord goes over it.',
		caution: liftSays(writer),
		uses: []
	};
}

/** Over the cover. */
function lineAlone(writer: Writer): MadeStep {
	const line = there(HANGERS[there(writer.plan.hang, 'hang').by].line, 'line');
	return {
		id: 'wire',
		title: line.title,
		does: lineSays(writer, line),
		because: 'What fails this pull would fail on the wall.',
		...(line.caution ? { caution: line.caution } : {}),
		uses: writer.parts('wire', 'cord')
	};
}

function ringsTitle(writer: Writer): string {
	return writer.metal ? 'Hangers' : HANGERS[there(writer.plan.hang, 'hang').by].ringsTitle;
}

function lineSays(writer: Writer, line: Line): string[] {
	const hang = there(writer.plan.hang, 'hang');
	const { breakingKg, length } = there(hang.wire, 'wire');
	return [
		`Cut ${line.name}, breaking at ${showStrength(breakingKg, writer.job.reader)}, to ${writer.cut(length)}.`,
		line.tied,
		`Under load it rises ${writer.mark(hang.rise)} above the ${writer.metal ? 'hangers' : 'rings'}, at ${showNumber(hang.angle, 1)}°.`,
		pullSays(writer, line)
	];
}

function pullSays(writer: Writer, line: Line | null): string {
	const ring = writer.metal ? 'hanger' : 'ring';
	return line ? `Pull each ${ring} and the ${line.name} by hand.` : `Pull each ${ring} by hand before hanging.`;
}

function ringsSay(writer: Writer): string[] {
	const { plan, shop } = writer;
	const hang = there(plan.hang, 'hang');
	if (writer.metal) return [`Slide hangers into the channel, ${writer.mark(hang.drop)} from the top on both sides, and tighten.`];
	const ring = hang.ring === undefined ? null : known(shop.rings, hang.ring);
	const pilot = hang.pilot === undefined ? 'pilot hole 70 % of the screw' : `pilot hole ${writer.withUnit(hang.pilot, 'drill')}`;
	return [
		`Fix each ${ring ? inSentence(ring.name) : 'ring'}: ${writer.mark(hang.drop)} from the marked top, on both sides.`,
		`Screw ${writer.mark(hang.inset)} from the sides, in the middle of the ${hang.strip ? 'strip' : 'flat wood'}; ${pilot}, screws at most two thirds of the depth.`,
		...(ring?.holes === 1 ? ['Leave them just loose enough to turn toward the pull.'] : [])
	];
}

/** Twice its share, and the weakest hook of the shop that is rated for it. */
function hookSays({ job, plan, shop }: Writer): string {
	const hang = there(plan.hang, 'hang');
	const wanted = hookWantedKg(there(plan.mass, 'mass').kg, hang);
	if (HANGERS[hang.by].single) return `The nail is rated for at least ${showMass(wanted, job.reader)}.`;
	const hook = hookFor(shop.hooks, wanted);
	const which = hook
		? `: ${inSentence(hook.name)}, rated for ${showMass(hook.ratedKg, job.reader)}`
		: '; no shop hook is rated for that';
	return `Each hook is rated for at least ${showMass(wanted, job.reader)}${which}.`;
}

export function wall(writer: Writer): MadeStep {
	const { job, plan } = writer;
	const hang = there(plan.hang, 'hang');
	const { own } = HANGERS[hang.by];
	const centre = `Picture centre ${writer.mark(job.hang.centreHeight)} above the floor.`;
	const hangs = hang.hooks.length > 0;
	return {
		id: 'wall',
		title: own?.atWall.title ?? 'Hang it',
		does: own
			? [...own.atWall.does(writer, hang), ...(hangs ? [centre] : [])]
			: [...nailsSay(writer, hang), `${centre} ${hookSays(writer)}`, ...(hang.turned ? nailsTurned(writer, hang.turned) : [])],
		...(hangs
			? {
					caution: `Check for cables and pipes, above all near switches and outlets; stand ladders on level ground; two people lift anything over ${writer.either('8 kg or 1 m', '18 lb or 3 ft')}. Local codes and a licensed installer overrule this sheet: over beds, in public rooms, in earthquake country and above ${writer.either('25 kg', '55 lb')}.`
				}
			: {}),
		uses: writer.parts('cleat’s rail on the wall')
	};
}

function nailsSay(writer: Writer, { hooks, by }: Hang): string[] {
	const { single } = HANGERS[by];
	const first = there(hooks[0], 'first');
	return [
		...(single ? [`It hangs on ${single.nail}.`] : []),
		hooks.length === 1
			? `Drive one nail on the centre line, ${writer.mark(first.height)} above the floor.`
			: `Drive two nails ${writer.mark(Math.abs(first.x))} left and right of the centre line, ${writer.mark(first.height)} above the floor.`
	];
}

function nailsTurned(writer: Writer, { hooks }: NonNullable<Hang['turned']>): string[] {
	const first = there(hooks[0], 'first');
	const aside = hooks.length === 1 ? 'on the centre line' : `${writer.mark(Math.abs(first.x))} left and right of the centre line`;
	return [
		`Turned 90°, its ${hooks.length === 1 ? 'nail is' : 'nails are'} ${aside}, ${writer.mark(first.height)} above the floor.`
	];
}
