/** The ordered steps for this very package, with what to look at and the caution that belongs there, once (handbook bench, cautions). */
import type { Decided } from '../job/decide.ts';
import type { Plan } from '../plan.ts';
import type { Shop } from '../shop/shop.ts';
import { showLength, showNumber, showSize } from '../units/show.ts';
import { fasteners, fit, makeFrame } from './frame-steps.ts';
import { mount } from './mount-steps.ts';

export type Step = {
	id: string;
	title: string;
	/** What is done, with this job's figures. */
	does: string[];
	/** Why it stands here in the order. */
	because?: string;
	caution?: string;
	/** Minutes to wait before the next step that needs it. */
	waitMinutes?: number;
};

export type Writer = { job: Decided; plan: Plan; shop: Shop; length: (mm: number, fine?: boolean) => string };

/** @returns the steps, none while the plan is open at the window or the frame */
export function planSteps(job: Decided, plan: Plan, shop: Shop): Step[] {
	if (!plan.window || !plan.frame || !plan.hang || !plan.hold || !plan.pack || !plan.back) return [];
	const writer: Writer = { job, plan, shop, length: (mm, fine = false) => showLength(mm, job.unit, fine).text };
	return [
		ready,
		gather,
		cutBoards,
		cutGlazing,
		makeFrame,
		mount,
		cleanGlazing,
		dustFirst,
		edgeSeal,
		fit,
		centre,
		seal,
		bumpers,
		hang,
		label,
		lastLook,
		wall
	].flatMap((make) => make(writer) ?? []);
}

function ready({ job }: Writer): Step {
	const gloves = job.schools.hands === 'gloves' || (job.schools.hands === 'by-piece' && job.piece.kind === 'photograph');
	return {
		id: 'ready',
		title: 'Make the bench ready',
		does: [
			'A clean, padded surface without grit; the piece and its boards in the room for a day.',
			gloves ? 'Cotton or nitrile gloves on.' : 'Hands washed and dry.',
			...(job.piece.dry ? [] : ['Wait until varnish, fixative and paint are fully dry.'])
		],
		because: 'Paper and boards that meet at different damp cockle in the package.',
		...(job.piece.concerns.length > 0
			? {
					caution: 'What intake found wants a conservator first: do not clean, flatten or lift anything yourself unless trained.'
				}
			: {})
	};
}

function gather({ plan, shop }: Writer): Step {
	const counted = plan.cut.map((cut) => `${cut.count} × ${cut.role}`).join(', ');
	return {
		id: 'gather',
		title: 'Gather',
		does: [
			`${counted}.`,
			`${fasteners(plan)}, ${plan.hang!.by === 'wire' ? '2 rings with screws, wire' : '2 two-hole rings with screws'}, ${plan.hang!.hookCount} wall ${plan.hang!.hookCount === 1 ? 'hook' : 'hooks'}, ${plan.back!.bumpers} bumpers.`
		],
		because: `What is missing is found before anything is opened. Tape widths in stock: ${shop.tapeWidths.join(', ')} mm.`
	};
}

function hasFibre({ guard }: Decided): boolean {
	return guard.backing?.woodFibre === true || guard.fillers.some(({ board }) => board.woodFibre);
}

function cutBoards({ job, plan, length }: Writer): Step | null {
	const { guard } = job;
	if (plan.window!.mats.length === 0 && !guard.underMat && !guard.backing && guard.fillers.length === 0) return null;
	const mats = plan.window!.mats.flatMap((mat, index) => {
		const bevel = job.mats[index]!.bevel === 'reverse' ? 'reverse bevel' : 'normal bevel';
		return (mat.holes ?? [mat]).map((hole, at) => {
			const { top, right, bottom, left } = hole.stop;
			const which = mat.holes ? `, window ${at + 1}` : '';
			const set = hole.curve
				? `${job.windows[at]!.shape}, its centre ${length(hole.curve.centre.left, true)} from the left and ${length(hole.curve.centre.top, true)} from the top${hole.curve.radius === undefined ? '' : `, radius ${length(hole.curve.radius, true)}`}`
				: `stops left ${length(left, true)}, right ${length(right, true)}, top ${length(top, true)}, bottom ${length(bottom, true)}`;
			return `Mat ${index + 1}${which}, ${bevel}, from the back: ${set}; the window measures ${showSize(hole.opening, job.unit)}.`;
		});
	});
	const printed = plan.window!.mats.flatMap(({ print }, index) =>
		print
			? [
					`Mat ${index + 1} is printed: cut it ${showSize(print.board, job.unit)}, square the print from the window’s bottom edge, and trim the strip that the clamps held last of all.`
				]
			: []
	);
	return {
		id: 'cut-boards',
		title: 'Cut the boards',
		does: [
			`All blanks ${showSize(plan.window!.pack, job.unit)}, squared: both diagonals equal${plan.window!.mats.length > 0 ? ' before a window is cut' : ''}.`,
			...mats,
			...printed
		],
		because:
			plan.window!.mats.length > 0
				? 'A window cut in a blank out of square stands askew in the frame.'
				: 'A board out of square binds in the rabbet.',
		caution: hasFibre(job)
			? 'Fibre boards give off harmful dust: outdoors or under extraction, with a mask. Blade away from the holding hand; fresh bevels cut skin.'
			: 'Blade away from the holding hand, retracted between cuts, changed often; fresh bevels cut skin.'
	};
}

function cutGlazing({ job, plan, length }: Writer): Step | null {
	const { glazing } = job.guard;
	if (glazing.family === 'none') return null;
	const glass = glazing.family !== 'acrylic';
	return {
		id: 'cut-glazing',
		title: `Cut the glazing, ${glazing.name}`,
		does: [
			plan.frame!.lite ? liteSays(plan.frame!.lite, length) : `${showSize(plan.window!.pack, job.unit)}.`,
			glass ? 'Sweep the bench and the floor after it.' : 'Leave the film on both faces.'
		],
		...(glass
			? { caution: 'Cut-resistant gloves, eyes covered, closed shoes; carried on edge; a broken lite goes in its own bin.' }
			: {})
	};
}

/** A frame out of true: the lite's own sides. */
function liteSays(lite: NonNullable<NonNullable<Plan['frame']>['lite']>, length: Writer['length']): string {
	return `It follows the frame, not the square: top ${length(lite.top)}, right ${length(lite.right)}, bottom ${length(lite.bottom)}, left ${length(lite.left)}, the diagonal from the top left ${length(lite.d1)}, the other ${length(lite.d2)}.`;
}

function cleanGlazing({ job }: Writer): Step | null {
	const { glazing } = job.guard;
	if (glazing.family === 'none') return null;
	const acrylic = glazing.family === 'acrylic';
	const both = job.schools.cleaning === 'both-first';
	return {
		id: 'clean-glazing',
		title: 'Clean the glazing',
		does: [
			acrylic
				? 'Peel the inner film only now; wipe with acrylic’s own cleaner, never a paper towel.'
				: 'Cleaner without ammonia, sprayed on the cloth, never near the piece; polish dry.',
			both
				? 'Both faces first, looked at by raking light.'
				: 'The inner face first, looked at by raking light; lay it on the piece; the outer face when the pack is closed.',
			...(glazing.id.startsWith('uv-glass') ? ['The coated face lies inside: wipe it gently, no blade.'] : [])
		],
		because: 'A mount that waits collects dust, so the glazing is cleaned last.'
	};
}

function dustFirst({ job }: Writer): Step {
	const blow =
		{
			bulb: 'Blow with a bulb',
			compressor: 'Blow with filtered air at low pressure',
			canned: 'Blow with canned air held upright'
		}[job.schools.dust!] ?? 'Blow with a bulb';
	return {
		id: 'dust-first',
		title: 'Dust check, first',
		does: job.piece.friable
			? ['Look through a low light; lift lint off with a soft brush tip. No tapping and no blowing: the sheet sheds.']
			: [`${blow} or brush, tap, look through a low light. Again until it is clean: one to five times is usual.`],
		...(job.schools.dust === 'canned'
			? { caution: 'Canned air can spit liquid: upright, never toward a friable piece or a face.' }
			: {})
	};
}

function edgeSeal({ job, plan, length }: Writer): Step | null {
	const seal = plan.back!.edgeSeal;
	if (!seal) return null;
	return {
		id: 'edge-seal',
		title: `Edge seal, ${job.guard.edgeSeal!.name.toLowerCase()}`,
		does: [
			`${length(seal.stock)} wide, ${length(seal.length)} with what is spare: 3 mm over the glazing’s face, round the edge, at least 10 mm onto the backing.`
		],
		because: 'Before the pack enters the frame; the tape must hide under the lip.'
	};
}

function centre({ job, plan, length }: Writer): Step | null {
	const seen = plan.window!.mats[0]?.seen;
	if (!seen) return null;
	const targets = `left ${length(seen.left, true)}, right ${length(seen.right, true)}, top ${length(seen.top, true)}, bottom ${length(seen.bottom, true)}`;
	return {
		id: 'centre',
		title: 'Centre the pack',
		does: [
			job.schools.centring === 'by-eye'
				? `By eye against a straight rail; planned: ${targets}.`
				: `Read the seen border near both ends of each side; planned: ${targets}.`,
			'Shift it with a flat blade, read again, lock it. Look at the image once more.'
		]
	};
}

function seal({ job, plan, length, shop }: Writer): Step[] {
	const steps: Step[] = [];
	const tape = plan.back!.tape;
	if (tape) {
		const gummed = job.back.seal === 'gummed';
		steps.push({
			id: 'seal',
			title: `Seal the back, ${gummed ? 'gummed' : 'self-adhesive'} tape ${length(tape.stock)}`,
			does: [
				`Two strips ${length(tape.strips[0])}, two ${length(tape.strips[1])}${tape.passes > 1 ? `, in ${tape.passes} passes` : ''}; ${length(tape.land, true)} on the frame, over the points’ heads, pressed into the inner corner.`,
				...(gummed ? ['Sponge and water stay away from the piece.'] : []),
				'Corners cut flat, no hole.'
			],
			because: 'Before the hangers, so that they go on top. Tape that spans the corner unpressed leaks and tears.'
		});
	}
	const cover = plan.back!.dustCover;
	if (cover) {
		steps.push({
			id: 'dust-cover',
			title: 'Dust cover',
			does: [
				`Paper rough ${showSize({ width: plan.frame!.outer.width + 50, height: plan.frame!.outer.height + 50 }, job.unit)}, finished ${showSize(cover, job.unit)}; the adhesive from that edge inward.`,
				job.schools['dust-cover'] === 'wetted'
					? 'Wetted so that it tightens: lightly, or the corners open.'
					: 'Stretched by hand; trimmed with a trimmer.',
				...(Math.max(cover.width, cover.height) > 600 ? ['Paper of 120 g/m² at this size.'] : [])
			],
			waitMinutes: 60
		});
	}
	if (steps.length === 0) return [];
	return job.schools['cover-order'] === 'hardware-first' && cover
		? steps.map((step) =>
				step.id === 'dust-cover' ? { ...step, does: [...step.does, 'Hardware is on already: cut relief slits round it.'] } : step
			)
		: steps.map((step) => ({
				...step,
				because: step.because ?? `Tape first, cover over it; ${shop.house.dustCoverInside} mm inside the edge.`
			}));
}

function bumpers({ plan }: Writer): Step | null {
	const count = plan.back!.bumpers;
	if (count === 0) return null;
	return {
		id: 'bumpers',
		title: `Bumpers, ${count}`,
		does: [count > 2 ? 'At all four corners.' : 'At the two bottom corners.'],
		because: 'They keep the wall clean, let air pass and stop the frame from sliding.'
	};
}

function hang({ job, plan, length }: Writer): Step {
	const planned = plan.hang!;
	const metal = job.frame!.kind === 'metal';
	const rings = metal
		? `Hangers slid into the channel, ${length(planned.drop, true)} from the top on both sides, and tightened.`
		: `Rings ${length(planned.drop, true)} from the top, both measured from the marked top, ${length(planned.inset, true)} from the sides. Pilot hole 70 % of the screw, screw at most two thirds of the depth.`;
	if (planned.by === 'rings') {
		return {
			id: 'hang',
			title: metal ? 'Hangers' : 'Two-hole rings',
			does: [rings, 'Pull each by hand before the piece hangs by it.'],
			because: 'Too heavy or too low for a wire.',
			caution: 'Over 8 kg or 1 m, two people lift.'
		};
	}
	return {
		id: 'hang',
		title: metal ? 'Hangers and wire' : 'Rings and wire',
		does: [
			rings,
			`Wire breaking at ${showNumber(planned.wire!.breakingKg, 1)} kg, cut ${length(planned.wire!.length)}. Through the ring, behind the standing wire, back through ring and loop, pulled tight; four to five close turns; the end cut and pressed flat.`,
			`Under load it rises ${length(planned.rise, true)} above the rings, at ${showNumber(planned.angle, 0)}°. Pull-test both rings and the wire by hand.`
		],
		because: 'Check which side is up before marking.',
		caution: 'Wire ends prick: snip, tuck, press.'
	};
}

function label(): Step {
	return {
		id: 'label',
		title: 'Label and papers',
		does: [
			'What it is, who framed it, when, with what, how to open it. Papers that belong with it in a polyester sleeve on the backing.'
		]
	};
}

function lastLook({ job }: Writer): Step {
	return {
		id: 'last-look',
		title: 'Last look',
		does: [
			'Glass cleaned, front and back photographed.',
			...(job.piece.travels ? ['Wrapped for travel, corners guarded, carried upright.'] : [])
		]
	};
}

function wall({ job, plan, length }: Writer): Step {
	const { hooks } = plan.hang!;
	const nails =
		hooks.length === 1
			? `One nail on the centre line, ${length(hooks[0]!.height)} above the floor.`
			: `Two nails ${length(Math.abs(hooks[0]!.x), true)} left and right of the centre line, ${length(hooks[0]!.height)} above the floor.`;
	return {
		id: 'wall',
		title: 'Hang it',
		does: [
			nails,
			`The picture’s centre is then ${length(job.hang.centreHeight)} above the floor. Each hook is rated for at least ${showNumber((2 * plan.mass!.kg) / hooks.length, 1)} kg.`
		],
		caution:
			'Look for cables and pipes above and below switches and outlets. Local codes and a licensed installer go before this sheet: over beds, in public rooms, in earthquake country and above 25 kg.'
	};
}
