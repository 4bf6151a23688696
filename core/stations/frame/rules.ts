import type { Context, Remedy, Rule } from '../../rule/rule.ts';
import { massesSaid, remedy, said, saidBoth, saidFine, saidRead } from '../../rule/change.ts';
import { drop } from '../../job/patch.ts';
import { allowanceIn, growthOf } from './frame.ts';
import { put } from '../../job/patch.ts';
import { CORNERS } from './lite.ts';
import { mouldingRemedy } from './other-mouldings.ts';
import { nextPair } from '../window/borders.ts';
import { sizeValues } from '../../rule/side-terms.ts';
import { plain, sizeTerms } from '../../rule/term.ts';
import { showSize } from '../../units/show.ts';
import type { Section } from '../../shop/mouldings.ts';
import { keptRules } from './kept-rules.ts';
import { frameKindOf } from './kinds/all.ts';
import { SCOPE_OF } from '../../job/scopes.ts';
import { nth, there } from '../../units/there.ts';
import { cutDown } from '../../units/round.ts';
import { isAbove, isAtLeast, isBelow, isSame } from '../../units/compare.ts';

export const frameRules: Rule[] = [
	{
		id: 'frame.lip-short',
		station: 'frame',
		of: 'fit',
		when: 'the lip might not cover the pack’s edge: lip − allowance/2 under {lipCover}, or with an edge seal under its tape on the face + {lipBeyondTape}, or lip − allowance under that tape',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'The pack’s edge, or its tape, would show, and the pack could fall through.',
		fixes: 'A narrower tape on the face; a moulding whose lip covers and whose rabbet takes the pack.',
		find: (context) => {
			const { frame } = context.plan;
			// A pack that is too small for the customer's frame has its own finding.
			if (!frame || misfits(context).some(({ kind }) => kind !== 'tight')) return [];
			const axis = frame.allowance.width >= frame.allowance.height ? 'width' : 'height';
			if (lipCovers(context, frame.section.lip, frame.allowance[axis])) return [];
			return [
				{
					says: `A lip of ${said(context, frame.section.lip)} with ${said(context, frame.allowance[axis])} of allowance does not cover enough${context.job.guard.edgeSeal ? ' of a pack with an edge seal' : ''}.`,
					where: 'frame.section.lip',
					remedies: [
						...narrowerTape(context, frame.section.lip, frame.allowance[axis]),
						...widerLip(context, frame.allowance[axis])
					]
				}
			];
		}
	},
	{
		id: 'frame.does-not-fit',
		station: 'frame',
		of: 'fit',
		when: 'the pack, with set borders or size, is too large for the customer’s frame, or so small that it slides',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'The pack needs room to expand, without sliding.',
		fixes: 'Borders that fit the frame; trim a bought mat.',
		find: (context) =>
			misfits(context)
				.filter(({ kind }) => kind !== 'tight')
				.map((one) => ({
					says: one.says,
					...(one.kind === 'slides' ? { severity: 'caution' as const } : {}),
					where: `frame.allowance.${one.axis}`,
					remedies: smaller(context, one)
				}))
	},
	{
		id: 'frame.allowance-small',
		station: 'frame',
		of: 'fit',
		when: 'an allowance typed, or left by a given pack in a given frame, below the yearly expansion of glazing and boards',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Boards with no room to expand buckle and force the glazing out.',
		fixes: 'The allowance their expansion needs; trim a bought mat to give it.',
		find: (context) => {
			const { job, plan, shop } = context;
			const tight = misfits(context).filter(({ kind }) => kind === 'tight');
			if (tight.length > 0)
				return tight.map((one) => ({ says: one.says, where: `frame.allowance.${one.axis}`, remedies: smaller(context, one) }));
			const allowance = job.frame?.allowance ?? null;
			if (allowance === null || !plan.frame || !plan.window || misfits(context).length > 0) return [];
			const grows = Math.max(
				...(['width', 'height'] as const).map((axis) => growthOf(axis, job, shop.house, there(plan.window, 'window').pack))
			);
			if (isAtLeast(allowance, grows) && allowance > 0) return [];
			const has = allowance === 0 ? 'There is no allowance' : `The allowance is ${saidFine(context, allowance)}`;
			return [
				{
					says: `${has}; glazing and boards expand by up to ${saidFine(context, grows)}.`,
					where: 'frame.allowance.width',
					remedies: [{ label: 'The allowance they need', patch: drop(context.file, ['frame', 'allowance']) }]
				}
			];
		}
	},
	{
		id: 'frame.weak',
		station: 'frame',
		of: 'fit',
		when: 'too heavy for the moulding section',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Long rails bow and corners open under the weight: a deeper section, splines or a brace.',
		fixes: 'Splines in plain corners, a cross-brace, or a stronger moulding.',
		find: (context) => {
			const { frame, mass } = context.plan;
			// The rule of thumb is of wood.
			if (!frame || !mass || !frameKindOf(context.job)?.wood) return [];
			const carries = carriesKg(
				context,
				frame.section,
				there(context.job.frame, 'frame').corners,
				there(context.job.frame, 'frame').brace
			);
			if (mass.kg <= carries) return [];
			const [weighs, bears] = massesSaid(context, mass.kg, carries);
			return [
				{
					says: `It weighs ${weighs}; this section carries ${bears}.`,
					where: 'mass.kg',
					remedies: stronger(context, mass.kg)
				}
			];
		}
	},
	{
		id: 'frame.rabbet-bare',
		station: 'frame',
		of: 'fit',
		when: 'a wood rabbet that is not lined, with no edge seal round the pack',
		severity: { rare: 'caution', keep: 'note' },
		why: 'Bare wood gives off acid next to the pack’s edge.',
		fixes: 'Aluminium laminate tape in the rabbet.',
		find: (context) => {
			const { job, plan } = context;
			if (!plan.frame || !SCOPE_OF[job.scope].pack || !frameKindOf(job)?.wood) return [];
			if (job.frame?.lining || job.guard.edgeSeal) return [];
			return [
				{
					says: 'The rabbet’s wood is bare.',
					where: 'frame.lining',
					remedies: [remedy(context, 'Line it with aluminium laminate tape', ['frame', 'lining'], 'aluminium-laminate')]
				}
			];
		}
	},
	{
		id: 'points.flexible',
		station: 'frame',
		of: 'safety',
		when: 'flexible points hold the pack',
		severity: { rare: 'caution', keep: 'note' },
		why: 'Flexible points bend back under load; rigid points hold.',
		fixes: 'Rigid points.',
		school: 'points',
		find: (context) =>
			context.plan.frame?.points.kind === 'flexible'
				? [
						{
							says: 'Flexible points hold the pack.',
							where: 'frame.points',
							remedies: [remedy(context, 'Rigid points', ['frame', 'points'], 'rigid')]
						}
					]
				: []
	},
	...keptRules,
	{
		id: 'frame.plate-high',
		station: 'frame',
		of: 'fit',
		when: 'a title plate higher than the moulding’s face, or wider than the sight width',
		severity: { rare: 'note', keep: 'note', show: 'note' },
		why: 'It would overhang the face or run into the mitres.',
		fixes: 'A plate that fits the rail.',
		find: (context) => {
			const { frame } = context.plan;
			const { plate } = context.job.belongs;
			if (!frame || !plate) return [];
			const most = { width: frame.sight.width, height: frame.section.face };
			if (isAtLeast(most.height, plate.height) && isAtLeast(most.width, plate.width)) return [];
			const size = { width: Math.min(plate.width, most.width), height: Math.min(plate.height, most.height) };
			return [
				{
					says: `The title plate measures ${showSize(plate, context.job.reader, 'mark')}; the bottom rail takes ${showSize(most, context.job.reader, 'mark')}.`,
					where: 'frame.section.face',
					remedies: [
						remedy(context, `Plate ${showSize(size, context.job.reader, 'mark')}`, ['belongs', 'plate'], {
							text: plate.text,
							...size
						})
					]
				}
			];
		}
	},
	{
		id: 'frame.pair-size',
		station: 'frame',
		of: 'fit',
		when: 'a pack for which no pairs of the metal section are sold',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'Metal pairs come in set sizes: in between, the pack rattles or does not fit.',
		fixes: 'The next size up, with wider borders.',
		find: (context) => {
			const { frame, window } = context.plan;
			if (!frame?.kit || !window) return [];
			const { pairStep } = there(context.job.frame, 'frame');
			const next = sizeValues(nextPair(sizeTerms('window.pack', window.pack), plain(pairStep)));
			if (isSame(next.width, window.pack.width) && isSame(next.height, window.pack.height)) return [];
			return [
				{
					says: `Pairs are sold in steps of ${said(context, pairStep)}; the pack measures ${showSize(window.pack, context.job.reader, 'mark')}.`,
					where: 'frame.kit',
					remedies: [
						{
							label: `Pack ${showSize(next, context.job.reader, 'mark')}`,
							patch: put(context.file, ['borders', 'pack'], next)
						}
					]
				}
			];
		}
	},
	{
		id: 'frame.misfit',
		station: 'frame',
		of: 'fit',
		when: 'diagonals and sides of the customer’s frame disagree by more than {outOfTrue}',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Five measurements define the rabbet; the sixth checks them. Measure again before cutting glazing to it.',
		find: (context) => {
			const misfit = context.plan.frame?.misfit ?? 0;
			return misfit <= context.shop.house.outOfTrue
				? []
				: [{ says: `The frame’s measurements disagree by ${saidRead(context, misfit)}.`, where: 'frame.misfit' }];
		}
	},
	{
		id: 'frame.out-of-true',
		station: 'frame',
		of: 'fit',
		when: 'the customer’s frame is out of square by more than {outOfTrue}',
		severity: { rare: 'note', keep: 'note', show: 'note' },
		why: 'Square-cut glazing would bind in the closed corners: cut it to the frame, or let a square pane pull the frame true.',
		school: 'old-frame',
		find: (context) => {
			const out = context.plan.frame?.cornersOut;
			if (!out) return [];
			const worst = out.reduce((most, next, index) => (Math.abs(next) > Math.abs(nth(out, most)) ? index : most), 0);
			const by = saidRead(context, Math.abs(nth(out, worst)));
			return [
				{
					says: `The frame’s ${nth(CORNERS, worst).replace('-', ' ')} corner is ${nth(out, worst) > 0 ? 'open' : 'closed'} by ${by}${there(context.plan.frame, 'frame').lite ? '; the glazing follows it' : ''}.`,
					where: 'frame.cornersOut'
				}
			];
		}
	}
];

type Misfit = {
	axis: 'width' | 'height';
	/** Larger than the frame wants it, mm. */ over: number;
	says: string;
	kind: 'too-large' | 'tight' | 'slides';
};

/** More play than this beyond the allowance lets a pack slide about, mm. */
const SLIDES = 4;

/** What has less play than this does not go in at all (handbook frame#allowance). */
const GOES_IN = 1;

/** Bought mats are trimmed, half of it at each edge; borders that were typed give way to those that fit. */
function smaller(context: Context, { axis, over, kind }: Misfit): Remedy[] {
	const { job, file } = context;
	const bought = job.mats.flatMap(({ have }, index) => (have ? [{ have, index }] : []));
	if (bought.length === 0)
		return [remedy(context, 'Borders that fit the frame', ['borders'], { way: 'fit', weight: job.borders.weight })];
	if (kind === 'slides') return [];
	const near = axis === 'width' ? 'left' : 'top';
	const patch = bought.flatMap(({ have, index }) => {
		const outer = cutDown(have.outer[axis] - over, job.step);
		const placed = have[near];
		return [
			...put(file, ['mats', index, 'have', 'outer'], { ...have.outer, [axis]: outer }),
			...(placed == null ? [] : put(file, ['mats', index, 'have', near], placed - (have.outer[axis] - outer) / 2))
		];
	});
	const many = bought.length > 1 ? 'the mats' : 'the mat';
	return [{ label: `Trim ${many} by ${said(context, over)} ${axis === 'width' ? 'across' : 'up and down'}`, patch }];
}

/** A pack with a size of its own in the customer's frame: by how much it does not fit. One that the rabbet gives always does. */
function misfits(context: Context): Misfit[] {
	const { job, plan, shop } = context;
	const { frame, window } = plan;
	const given = job.borders.way !== 'fit' || job.borders.pack !== null;
	if (!frame || !window || !job.rabbet || !given || window.mats.length === 0) return [];
	const found = (['width', 'height'] as const).map((axis) => ({
		axis,
		over: allowanceIn(axis, job, shop.house, frame.rabbet) - frame.allowance[axis]
	}));
	const words = { width: ['wide', 'narrow'], height: ['high', 'low'] } as const;
	return found.flatMap(({ axis, over }): Misfit[] => {
		const play = frame.allowance[axis];
		if (isAbove(over, 0) && isBelow(play, GOES_IN))
			return [{ axis, over, kind: 'too-large', says: `The pack is ${said(context, over)} too ${words[axis][0]} for the frame.` }];
		if (isAbove(over, 0)) {
			const [has, wants] = saidBoth(context, play, play + over);
			const along = axis === 'width' ? 'across' : 'up and down';
			return [
				{
					axis,
					over,
					kind: 'tight',
					says: `It fits with ${has} of play ${along}, and needs ${wants}: ${said(context, over)} less of mat and boards.`
				}
			];
		}
		if (-over > SLIDES)
			return [
				{
					axis,
					over,
					kind: 'slides',
					says: `The pack is ${said(context, -over)} too ${words[axis][1]} for the frame: it slides about.`
				}
			];
		return [];
	});
}

function lipCovers({ job, shop }: Context, lip: number, allowance: number): boolean {
	const { house } = shop;
	if (isBelow(lip - allowance / 2, house.lipCover)) return false;
	return !job.guard.edgeSeal || lipHides(lip, allowance, job.guard.sealOnFace, house.lipBeyondTape);
}

/** The tape on the glazing's face stays under the lip, with the pack in the middle and pushed to one side. */
function lipHides(lip: number, allowance: number, tape: number, beyond: number): boolean {
	return isAtLeast(lip - allowance / 2, tape + beyond) && isAtLeast(lip - allowance, tape);
}

/** Less tape on the face than so much seals nothing, mm. */
const LEAST_ON_FACE = 2;

/** A narrower tape on the face, where it and the bare cover would do. */
function narrowerTape(context: Context, lip: number, allowance: number): Remedy[] {
	const { guard } = context.job;
	const { house } = context.shop;
	if (!guard.edgeSeal || guard.sealOnFace <= LEAST_ON_FACE || isBelow(lip - allowance / 2, house.lipCover)) return [];
	if (!lipHides(lip, allowance, LEAST_ON_FACE, house.lipBeyondTape)) return [];
	return [remedy(context, `${said(context, LEAST_ON_FACE)} of tape on the face`, ['guard', 'sealOnFace'], LEAST_ON_FACE)];
}

/** A moulding of the shop whose lip covers and whose rabbet still takes the pack. */
function widerLip(context: Context, allowance: number): Remedy[] {
	const { section } = there(context.job.frame, 'frame');
	const depth = there(context.plan.pack, 'pack').thickness + context.shop.house.roomForPoints;
	return mouldingRemedy(
		context,
		(one) => lipCovers(context, one.lip, allowance) && one.rabbetDepth >= Math.min(depth, section.rabbetDepth)
	);
}

function stronger(context: Context, kg: number): Remedy[] {
	const { section, corners, brace } = there(context.job.frame, 'frame');
	const splines =
		corners === 'plain' && carriesKg(context, section, 'reinforced', brace) >= kg
			? [remedy(context, 'Splines in the corners', ['frame', 'corners'], 'reinforced')]
			: [];
	const braced =
		!brace && carriesKg(context, section, corners, true) >= kg
			? [remedy(context, 'A cross-brace behind', ['frame', 'brace'], true)]
			: [];
	if (splines.length + braced.length > 0) return [...splines, ...braced];
	return mouldingRemedy(
		context,
		(one) =>
			carriesKg(context, one, 'reinforced', brace) >= kg * 1.2 && one.rabbetDepth >= section.rabbetDepth && one.lip >= section.lip
	);
}

/** Kilograms by the rule of thumb: face × depth over 60 (120 with plain corners), less on long rails; a brace halves their free length. */
function carriesKg(
	{ plan, shop, job }: Context,
	{ face, depth }: Pick<Section, 'face' | 'depth'>,
	corners: 'reinforced' | 'plain',
	brace: boolean
): number {
	const { house } = shop;
	const longest = Math.max(there(plan.frame, 'frame').outer.width, there(plan.frame, 'frame').outer.height) / (brace ? 2 : 1);
	const deep = depth + there(job.frame, 'frame').deepen;
	return ((face * deep) / (corners === 'plain' ? house.weakPlain : house.weakReinforced)) * Math.min(1, house.weakSide / longest);
}
