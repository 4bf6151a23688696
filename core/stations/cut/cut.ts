/** Everything that is cut for one job, with what it is cut from (handbook window#mats, frame#rails, back#tape). */
import { each } from '../../units/one-or-each.ts';
import { showStrength } from '../../units/show.ts';
import { HOLDS } from '../hold/kinds/all.ts';
import type { Shop } from '../../shop/shop.ts';
import { unwritten, type Figure } from '../../rule/book.ts';
import { at, houseTerms, less, nextOf, plain, sizeTerms, sum, tidied, times, twice, type Term } from '../../rule/term.ts';
import type { Size } from '../../geometry/shapes.ts';
import type { Cut } from '../../figures/cut.ts';
import type { Hang } from '../../figures/hang.ts';
import type { Figures } from '../../figures.ts';
import { mapLite } from '../frame/lite.ts';
import type { Decided } from '../../job/decided.ts';
import { SCOPE_OF } from '../../job/scopes.ts';
import { layersInOrder } from '../guard/layers/all.ts';
import type { AddBoard } from '../guard/layers/layer.ts';
import type { AddCut, CutPart } from '../cut-part.ts';
import { there } from '../../units/there.ts';

/** Sides that are cut two alike. */
const PAIRS = ['top and bottom', 'left and right'] as const;

/** The cut list; each figure with what gives it. */
export function planCut(job: Decided, shop: Shop, plan: Figures, figure: Figure = unwritten): Cut[] {
	return partsOf(job, shop, plan).map(({ width, height, high, opening, sides, ...part }, index) => {
		const write = (name: string, term: Term, source = 'cut#list') => figure(`cut[${index}].${name}`, term, source).value;
		const count = write('count', job.copies > 1 ? times(plain(part.count), at('job.copies', job.copies)) : plain(part.count));
		if (part.layers !== undefined) write('layers', plain(part.layers), 'pack#made');
		return {
			...part,
			count,
			width: write('width', width),
			height: write('height', height),
			...(high ? { high: write('high', high) } : {}),
			...(sides ? { sides: mapLite((side) => write(`sides.${side}`, sides[side])) } : {}),
			...(opening
				? { opening: { width: write('opening.width', opening.width), height: write('opening.height', opening.height) } }
				: {})
		};
	});
}

function partsOf(job: Decided, shop: Shop, plan: Figures): CutPart[] {
	const cuts: CutPart[] = [];
	const { house } = shop;
	const { window, frame, back, hang } = plan;
	const holds = each(plan.hold);
	const { guard } = job;
	const add: AddCut = (part) => cuts.push(part);
	if (window) {
		const board: AddBoard = (role, material, more = {}) =>
			add({ role, material, ...sizeTerms('window.pack', window.pack), count: 1, from: 'sheet', ...more });
		for (const { definition, index } of layersInOrder(job))
			definition.cut({ job, house, plan: { ...plan, window }, board }, index, add);
	}
	if (plan.hold) HOLDS[job.hold.kind].cut(holds, job, house, add);
	if (frame?.rails) {
		const rail = (role: string, length: 'width' | 'height') =>
			add({
				role,
				material: there(job.frame, 'frame').name,
				width: at(`frame.outer.${length}`, frame.outer[length]),
				height: at('frame.section.face', frame.section.face),
				count: 2,
				from: 'stick'
			});
		rail(`rail, ${PAIRS[0]}`, 'width');
		rail(`rail, ${PAIRS[1]}`, 'height');
	}
	if (frame && there(job.frame, 'frame').deepen > 0) {
		const strip = (length: 'width' | 'height') =>
			add({
				role: 'strip on the back',
				of: PAIRS[length === 'width' ? 0 : 1],
				material: 'strip wood',
				width: at(`frame.outer.${length}`, frame.outer[length]),
				height: tidied(less(at('frame.section.face', frame.section.face), at('frame.section.lip', frame.section.lip))),
				count: 2,
				from: 'stick'
			});
		strip('width');
		strip('height');
	}
	if (frame && job.frame?.lining && SCOPE_OF[job.scope].pack)
		add({
			role: 'rabbet lining',
			material: job.frame.lining,
			width: times(
				twice(sum(at('frame.rabbet.width', frame.rabbet.width), at('frame.rabbet.height', frame.rabbet.height))),
				houseTerms(house)('tapeSpare')
			),
			height: nextOf(
				sum(at('frame.section.lip', frame.section.lip), at('frame.section.rabbetDepth', frame.section.rabbetDepth)),
				shop.tapeWidths,
				'shop.tapeWidths'
			),
			count: 1,
			from: 'roll'
		});
	if (back?.board)
		add({
			role: 'backing',
			material: there(guard.backing, 'backing').id,
			...sizeTerms('back.board', back.board),
			count: 1,
			from: 'sheet'
		});
	if (back?.edgeSeal) {
		const { length, stock } = back.edgeSeal;
		add({
			role: 'edge seal',
			material: there(guard.edgeSeal, 'edge seal').id,
			width: at('back.edgeSeal.length', length),
			height: at('back.edgeSeal.stock', stock),
			count: 1,
			from: 'roll'
		});
	}
	if (back?.tape) {
		const { strips, stock } = back.tape;
		for (const index of [0, 1] as const) {
			add({
				role: 'back tape',
				of: PAIRS[index],
				material: there(job.back.seal, 'seal'),
				width: at(`back.tape.strips[${index}]`, strips[index]),
				height: at('back.tape.stock', stock),
				count: 2,
				from: 'roll'
			});
		}
	}
	if (back?.dustCover)
		add({
			role: 'dust cover',
			material: there(back.dustCoverPaper, 'dust cover paper'),
			...sizeTerms('back.dustCoverRough', there(back.dustCoverRough, 'dust cover rough')),
			count: 1,
			from: 'roll'
		});
	if (hang) addHangers(hang, job, add);
	return cuts;
}

/** Rails and strips of wood, and a wire for each set of rings; what came with the frame is not cut. */
function addHangers(hang: Hang, job: Decided, add: AddCut): void {
	const stays = job.kept.hangers !== null;
	const ofWood = (role: string, path: string, size: Size) =>
		add({ role, material: 'strip wood', ...sizeTerms(path, size), count: 1, from: 'stick' });
	if (hang.wallRail) {
		if (stays) return;
		ofWood('cleat’s rail on the frame', 'hang.strip', there(hang.strip, 'strip'));
		ofWood('cleat’s strip at the bottom', 'hang.strip', there(hang.strip, 'strip'));
		ofWood('cleat’s rail on the wall', 'hang.wallRail', hang.wallRail);
	} else if (hang.strip) ofWood('strip across the back', 'hang.strip', hang.strip);
	if (stays) return;
	for (const [path, set] of [
		['hang', hang],
		['hang.turned', hang.turned]
	] as const)
		if (set?.wire)
			add({
				role: set.by,
				...(set === hang ? {} : { of: 'turned' }),
				material: `breaking at ${showStrength(set.wire.breakingKg, job.reader)}`,
				width: at(`${path}.wire.length`, set.wire.length),
				height: plain(0),
				count: 1,
				from: 'coil'
			});
}
