/** What the three hinges share: tabs of tissue or tape that stick to the sheet at its edges (handbook hold#hinges). */
import type { Write } from '../../../rule/book.ts';
import type { Hold, EdgePlaces } from '../../../figures/hold.ts';
import type { Shape } from '../../../figures/scene.ts';
import type { Point } from '../../../geometry/shapes.ts';
import { isStiff } from '../../../job/decide-piece.ts';
import { named, which, type Sight } from '../../../rule/sights.ts';
import type { Figures } from '../../../figures.ts';
import type { Decided } from '../../../job/decided.ts';
import { inSentence } from '../../../units/in-sentence.ts';
import { showShare } from '../../../units/show.ts';
import { hingesAsLaid, isLoweredOn, laidOn, staysFaceUp } from '../as-laid.ts';
import { at, houseTerms, largest, nextOf, over, plain, sizeTerms, sum, times, type TermSize } from '../../../rule/term.ts';
import type { Adhesive } from '../../../shop/holds.ts';
import { planHinges, tissueFor } from '../hinges.ts';
import { patchOn } from '../own-edges.ts';
import type { MadeStep, Writer } from '../../step.ts';
import type { BackPen, Contact, Fitting, HoldDefinition } from './kind.ts';
import type { Cut } from '../../../figures/cut.ts';
import { nth, there } from '../../../units/there.ts';

/** What a kind of hinge adds: its name before `hinges`, whether it stands above the sheet, how its tabs are fixed. */
export type HingeOf = {
	names: HoldDefinition['names'];
	/** `T-`, `pass-through `. */
	before: string;
	/** Its tabs stand up behind the mat, with a cross-piece on the board; else they stay behind the sheet. */
	stands: boolean;
	inFloat: string | null;
	/** Its tabs go through slits of the board. */
	slits: boolean;
	/** Part that goes over the tab on the board; null where the tab holds by itself. */
	over: 'cross-piece' | 'reinforcing strip' | null;
	turnsOver(job: Decided): boolean;
	/** How the tabs are fixed to the board, the sheet lying in its place. */
	fixed(writer: Writer, of: { over: string; board: string }): string[];
};

export function hinged(of: HingeOf): HoldDefinition {
	return {
		names: of.names,
		refuses: (to) => refuses(to) ?? (to.float ? of.inFloat : null),
		offered: () => true,
		adhesive: {
			usual: () => 'starch-paste',
			refuses: (family) => (family === 'none' ? 'A hinge needs an adhesive. Choose one, such as starch-paste.' : null)
		},
		plan: planFor(of),
		contacts: edgeContacts('hinge'),
		cut: (holds, job, house, add) => {
			const material = job.hold.adhesive.id;
			const path = (index: number, text: string) => named(job.several ? index + 1 : null, text);
			const tabOf = ({ size, tab }: Hold, index: number): TermSize => ({
				width: at(path(index, 'hold.size.width'), size.width),
				height: sum(at(path(index, 'hold.size.height'), size.height), at(path(index, 'hold.tab'), there(tab, 'tab')))
			});
			for (const { size, count, of: whichOf } of alike(holds, tabOf))
				add({ role: 'hinge tab', ...whichOf, material, ...size, count, from: 'tissue' });
			if (of.over === null || isLoweredOn(job)) return;
			const crossOf = ({ cross }: Hold, index: number) => sizeTerms(path(index, 'hold.cross'), there(cross, 'cross'));
			for (const { size, count, of: whichOf } of alike(holds, crossOf))
				add({ role: of.over, ...whichOf, material, ...size, count, from: 'tissue' });
		},
		shapes: (pen) => shapes(pen, of.stands),
		steps: (sights, writer, { place, toBase }) => [
			...(of.slits ? [slitsStep(sights, writer)] : []),
			tabsStep(sights, writer),
			place(),
			closed(sights, writer, of),
			...toBase
		],
		turnsOver: of.turnsOver,
		comesTo: (holds) => {
			const [hold] = holds as [Hold];
			const load = Math.max(...holds.map((one) => one.loadKPa));
			return hold.workingKPa === 0 ? '' : `${hold.count} in all, each at ${showShare(load, hold.workingKPa)} of its limit`;
		}
	};
}

/** The tabs on the sheet: face down on a slip sheet, or, where it sheds, slid under its edge. */
function tabsStep(sights: Sight[], writer: Writer): MadeStep {
	const { job } = writer;
	const holds = sights.map((sight) => there(sight.hold, 'hold'));
	const [hold] = holds as [Hold];
	const paste = job.hold.adhesive.family === 'paste';
	const tissue = [...new Set(holds.map((one) => one.tissue ?? '–'))].join(' or ');
	const faceUp = staysFaceUp(job);
	const tabs = writer
		.parts('hinge tab')
		.map(
			(cut) => `${cut.count} ${cut.count === 1 ? 'tab' : 'tabs'} ${writer.mark(cut.width)} wide, ${writer.mark(cut.height)} long`
		)
		.join('; ');
	const others = hold.others?.flatMap(({ side, places }) => `${side} ${places.map((one) => writer.mark(one)).join(', ')}`);
	const turn = faceUp
		? 'Friable: keep it face up on a clean slip sheet; slide each tab under its top edge, adhesive up'
		: 'Lay it face down on a clean slip sheet: its right is on your left';
	return {
		id: 'tabs',
		title: `Tabs on the ${writer.piece}${sights.length > 1 ? 's' : ''}, ${holds.reduce((sum, one) => sum + one.count, 0)}`,
		does: [
			`${tabs}, ${paste ? `tissue ${tissue} g/m², grain vertical` : inSentence(job.hold.adhesive.name)}.`,
			...sights.flatMap((sight) => {
				const centres = hingesAsLaid(job, sight).map((one) => writer.mark(one));
				return [
					`${which(sight)}${turn}.`,
					`${which(sight)}${centres.length === 1 ? 'Centre' : 'Centres'} ${centres.join(', ')} from its left corner, each reaching ${writer.mark(there(sight.hold, 'hold').size.height)}.`
				];
			}),
			...(others ? [`At the other edges, from the front: ${others.join('; ')}.`] : []),
			...(!paste
				? []
				: faceUp
					? ['Blotter and small weight on each tab at the bare edge, none on friable areas; change the blotter after 5 minutes.']
					: ['Blotter and weight on each; change the blotter after 5 minutes.'])
		],
		because: others
			? 'Held beyond its top edge it cannot expand: check again in two years.'
			: 'Hinged at the top only, the sheet can move without bulging.',
		waitMinutes: hold.dryMinutes,
		uses: writer.parts('hinge tab')
	};
}

/** Their places on the board, as they are cut from its front. */
function slitsStep(sights: Sight[], writer: Writer): MadeStep {
	const board = boardOf(sights, writer);
	return {
		id: 'slits',
		title: `Cut the slits in the ${board}`,
		does: sights.flatMap((sight) => {
			const slit = there(there(sight.hold, 'hold').slit, 'slit');
			const places = slitPlaces(sight, writer).map(
				({ left, top }) => `${writer.mark(left)} from the left and ${writer.mark(top)} from the top`
			);
			return [
				`${which(sight)}Cut from the front, each ${writer.mark(slit.length)} long, level.`,
				`${which(sight)}Centres ${places.join('; ')}.`
			];
		}),
		because: 'Slits must be cut before the sheet hides the board.',
		caution: 'Cut away from your holding hand, on a cutting mat.',
		uses: []
	};
}

/** Where slits lie on their board, seen from its front. */
export function slitPlaces(sight: Sight, { plan, job }: { plan: Figures; job: Decided }): { left: number; top: number }[] {
	const { left, top } = laidOn(plan, job, sight);
	const hold = there(sight.hold, 'hold');
	return hold.places.map((place) => {
		const [at] = patchOn(sight.measure, {
			side: 'top',
			from: place,
			to: place,
			deepFrom: there(hold.slit, 'slit').below,
			deepTo: 0
		});
		const centre = there(at, 'place');
		return { left: left + centre.x, top: top + centre.y };
	});
}

function boardOf(sights: Sight[], { plan, job }: Writer): string {
	return laidOn(plan, job, nth(sights, 0)).board;
}

/** The other half, onto the board, the sheet in its place. */
function closed(sights: Sight[], writer: Writer, of: HingeOf): MadeStep {
	const { job } = writer;
	const holds = sights.map((sight) => there(sight.hold, 'hold'));
	const count = holds.reduce((sum, one) => sum + one.count, 0);
	const paste = job.hold.adhesive.family === 'paste';
	const over = of.over === null ? '' : [...new Set(writer.parts(of.over).map((cut) => writer.size(cut, 'mark')))].join(' or ');
	return {
		id: 'hinge',
		title: `Close the ${count === 1 ? 'hinge' : `${count} ${of.before}hinges`}`,
		does: [
			...(isLoweredOn(job)
				? [
						'Paste the tabs where they show past the top edge. Lower the window mat onto them, outer edges flush with the board below.',
						'Weight along the mat’s top edge, none over the sheet.'
					]
				: of.fixed(writer, { over, board: boardOf(sights, writer) })),
			...(paste && !isLoweredOn(job) ? ['Blotter and weight on each; change the blotter after 5 minutes.'] : [])
		],
		because: 'The sheet is in position: one hinge, check, then the others.',
		waitMinutes: nth(holds, 0).dryMinutes,
		uses: of.over === null || isLoweredOn(job) ? [] : writer.parts(of.over)
	};
}

function refuses({ piece }: Fitting): string | null {
	if (isStiff(piece)) return `A ${piece} is held by its edges. Choose clips or the frame’s lip.`;
	return piece === 'object' ? 'An object is held by brackets, ties or a recess. Choose one of them.' : null;
}

const planFor =
	({ stands, slits, over: partOver }: Pick<HingeOf, 'stands' | 'slits' | 'over'>): HoldDefinition['plan'] =>
	(shared, { job, piece, shop, measure, opening }, write) => {
		const { adhesive } = job.hold;
		const isCrossed = partOver !== null && !isLoweredOn(job);
		const room = { above: opening.placement.top, stands, over: isCrossed };
		const { others, ...top } = planHinges(job, shop, measure, room, write);
		const carrying = top.places.length;
		const tissue = adhesive.family === 'paste' ? tissueFor(piece.grammage, shop.tissues) : null;
		const tenth = over(at('job.piece.grammage', piece.grammage), plain(10));
		if (tissue !== null) write('tissue', nextOf(tenth, shop.tissues, 'shop.tissues'), 'tissue');
		// Grams × gravity are millinewtons; over mm² they are kilopascals. Those of the other edges carry nothing.
		const weight = times(at('hold.sheetGrams', shared.sheetGrams), houseTerms(shop.house)('gravity'));
		const size = sizeTerms('hold.size', top.size);
		const house = houseTerms(shop.house);
		// Below the contact, and far enough inside the board: its edge must not tear out.
		const out = opening.supportAt
			? sum(house('slitInside'), plain(opening.supportAt.top - opening.placement.top))
			: house('slitInside');
		const slit = slits
			? {
					slit: {
						length: write('slit.length', sum(size.width, house('slitSpare')), 'slits').value,
						below: write('slit.below', largest(sum(size.height, house('slitSpare')), out), 'slits').value
					}
				}
			: {};
		return {
			...shared,
			...top,
			...slit,
			count: carrying + others.reduce((sum, { places }) => sum + places.length, 0),
			tissue,
			loadKPa: write('loadKPa', over(weight, times(plain(carrying), size.width, size.height)), 'load').value,
			...stickTerms(adhesive, write),
			fixed: ['top', ...others.map(({ side }) => side)],
			...(others.length > 0 ? { others } : {})
		};
	};

/** What an adhesive bears, and how long it dries. */
function stickTerms({ id, loadKPa, dryMinutes }: Adhesive, write: Write): Pick<Hold, 'workingKPa' | 'dryMinutes'> {
	return {
		workingKPa: write('workingKPa', at(`shop.adhesives[${id}].loadKPa`, loadKPa), 'load').value,
		dryMinutes: write('dryMinutes', at(`shop.adhesives[${id}].dryMinutes`, dryMinutes), 'drying').value
	};
}

/** Patches along the top edge, and along others where it is held there too. */
export function edgeContacts(what: Contact['what']): HoldDefinition['contacts'] {
	return ({ hold, measure }) => {
		const inside = hold.patchInside ?? 0;
		const { width, height } = hold.size;
		return edgesOf(hold).flatMap(({ side, places }) =>
			places.map((place): Contact => ({
				what,
				ring: patchOn(measure, {
					side,
					from: place - width / 2,
					to: place + width / 2,
					deepFrom: inside,
					deepTo: inside + height
				})
			}))
		);
	};
}

function edgesOf({ places, others }: Hold): EdgePlaces[] {
	return places.length === 0 ? [] : [{ side: 'top', places }, ...(others ?? [])];
}

/** A T-hinge stands up behind the mat; the tabs of a float stay behind the sheet. */
function shapes({ sight, house, held }: BackPen, stands: boolean): Shape[] {
	const { hold, measure } = sight;
	const { size, cross } = hold;
	const tab = there(hold.tab, 'tab');
	return edgesOf(hold).flatMap(({ side, places }) =>
		places.flatMap((place): Shape[] => {
			const patch = (width: number, deepFrom: number, deepTo: number): Point[] =>
				patchOn(measure, { side, from: place - width / 2, to: place + width / 2, deepFrom, deepTo });
			const tabShape = held(stands ? patch(size.width, -tab, size.height) : patch(size.width, 0, tab), 'Hinge: tab');
			if (!cross) return [tabShape];
			const above = house.crossAbove + cross.height;
			return stands
				? [tabShape, held(patch(cross.width, -above, -house.crossAbove), 'Hinge: cross-piece on the board')]
				: [tabShape, held(patch(cross.width, 0, cross.height), 'Hinge: reinforcing strip on the board')];
		})
	);
}

type Alike = { size: TermSize; count: number; of: Pick<Cut, 'of'> };

/** Parts of one size are torn together, whichever sheet they hold; where sheets differ, each says of which windows it is. */
function alike(holds: Hold[], sizeOf: (hold: Hold, index: number) => TermSize): Alike[] {
	const groups = new Map<string, number[]>();
	for (const [index, hold] of holds.entries()) {
		const { width, height } = sizeOf(hold, index);
		const key = `${width.value} ${height.value}`;
		groups.set(key, [...(groups.get(key) ?? []), index]);
	}
	return [...groups.values()].map((indexes) => ({
		size: sizeOf(nth(holds, nth(indexes, 0)), nth(indexes, 0)),
		count: indexes.reduce((sum, index) => sum + nth(holds, index).count, 0),
		of:
			groups.size === 1
				? {}
				: { of: `${indexes.length === 1 ? 'window' : 'windows'} ${indexes.map((index) => index + 1).join(', ')}` }
	}));
}
