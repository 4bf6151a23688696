/**
 * What the figures of an explanation are called, as a person sees them: `mat 1 (cotton museum board, 4-ply)`, not a path. `[#]` stands for
 * a number in a list, `*` for the last word of the path.
 */
import { partName } from '../../stations/cut/part-name.ts';
import type { Plan } from '../../plan.ts';
import { inSentence } from '../../units/in-sentence.ts';
import type { House } from '../../shop/house.ts';
import { HOUSE_NAMES } from '../../shop/house-names.ts';
import type { Shop } from '../../shop/shop.ts';
import type { Decided } from '../../job/decided.ts';
import { layerName } from '../../stations/guard/layers/all.ts';
import { lastOf, nth, there } from '../../units/there.ts';

/** What names are taken from; without it a material keeps its id. */
export type Named = { plan: Plan; job: Decided; shop: Shop };

const PLAN: Readonly<Record<string, string>> = {
	'measure.mean.*': 'mean * of the sheet',
	'measure.largest.*': 'largest * of the sheet',
	'measure.usable.width': 'usable width',
	'measure.usable.height': 'usable height',
	'measure.usable.left': 'usable part, from the left',
	'measure.usable.top': 'usable part, from the top',
	'measure.loses.*': 'lost at the *',
	'measure.lean': 'lean',
	'measure.share': 'usable share',
	'measure.misfit': 'measurements disagree by',
	'measure.diagonals.d1': 'diagonal from the top left',
	'measure.diagonals.d2': 'diagonal from the top right',
	'measure.outline[#].x': 'corner #, across',
	'measure.outline[#].y': 'corner #, down',
	'movement.width': 'movement across',
	'movement.height': 'movement up and down',
	'window.opening.*': 'window *',
	'window.overlap.*': 'overlap *',
	'window.least.*': 'minimum overlap *',
	'window.solved.*': 'overlap * as found',
	'window.free.width': 'free range across',
	'window.free.height': 'free range up and down',
	'window.tolerance.width': 'tolerance across',
	'window.tolerance.height': 'tolerance up and down',
	'window.sees.width': 'visible width',
	'window.sees.height': 'visible height',
	'window.sees.left': 'window’s left edge on the sheet',
	'window.sees.top': 'window’s top edge on the sheet',
	'window.placement.left': 'sheet from the left edge',
	'window.placement.top': 'sheet from the top edge',
	'window.pack.*': 'pack *',
	'window.support.*': 'support *',
	'window.supportAt.left': 'support from the left of its base',
	'window.supportAt.top': 'support from the top of its base',
	'window.at.*': 'place of the window, *',
	'window.zones[#].margin': 'margin of zone #',
	'window.mats[#].opening.*': 'opening * of mat #',
	'window.mats[#].border.*': '* border of mat #',
	'window.mats[#].seen.*': '* border of mat # as seen',
	'window.mats[#].stop.*': '* stop of mat #',
	'window.mats[#].blank.*': 'blank * of mat #',
	'window.mats[#].lift.height': 'lift behind mat #',
	'window.mats[#].lift.setback': 'setback of the lift behind mat #',
	'window.mats[#].lift.uprights.left.*': '* of the left upright behind mat #',
	'window.mats[#].lift.uprights.right.*': '* of the right upright behind mat #',
	'window.mats[#].lift.crosses.top.*': '* of the top cross strip behind mat #',
	'window.mats[#].lift.crosses.bottom.*': '* of the bottom cross strip behind mat #',
	'window.mats[#].curve.radius': 'radius of mat #',
	'window.mats[#].curve.spring': 'spring line of mat #',
	'window.mats[#].curve.centre.left': 'centre of the curve of mat #, from the left',
	'window.mats[#].curve.centre.top': 'centre of the curve of mat #, from the top',
	'window.mats[#].curve.diameters.*': '* of the curve of mat #',
	'window.mats[#].holes[#].opening.*': 'opening * of mat #, window #',
	'window.mats[#].holes[#].border.*': '* border of mat #, window #',
	'window.mats[#].holes[#].stop.*': '* stop of mat #, window #',
	'window.mats[#].holes[#].curve.radius': 'radius of mat #, window #',
	'window.mats[#].holes[#].curve.spring': 'spring line of mat #, window #',
	'window.mats[#].holes[#].curve.centre.left': 'centre of the curve of mat #, window #, from the left',
	'window.mats[#].holes[#].curve.centre.top': 'centre of the curve of mat #, window #, from the top',
	'window.mats[#].holes[#].curve.diameters.*': '* of the curve of mat #, window #',
	'window.mats[#].print.board.*': 'blank * of printed mat #',
	'window.mats[#].print.needs.*': 'printed * that mat # needs',
	'window.pack': 'the pack',
	'window.sees': 'what the window shows',
	'pack.thickness': 'thickness of the pack',
	'pack.layers[#].made[#].layers': 'layers of its board #',
	'pack.gap': 'gap over the piece',
	'pack.gapNeed': 'gap needed',
	'pack.sag': 'sag of the glazing',
	'pack.sagWeeks': 'sag after weeks',
	'pack.sagCarried': 'sag as carried',
	'pack.clearance': 'clearance',
	'pack.spacer.high': 'height of the spacer',
	'pack.spacer.thick': 'thickness of the spacer',
	'pack.spacer.covering': 'covering of the spacer',
	'pack.spacer.seen': 'visible part of the spacer',
	'pack.spacer.lengths.*': 'length of the spacer *',
	'hold.count': 'how many',
	'hold.inset': 'inset of the outer hinge',
	'hold.places[#]': 'hinge #',
	'hold.size.width': 'width of a hinge or strip',
	'hold.size.height': 'reach onto the sheet',
	'hold.tab': 'tab beyond the edge',
	'hold.cross.width': 'width of a cross-piece',
	'hold.cross.height': 'height of a cross-piece',
	'hold.slit.length': 'length of a slit',
	'hold.slit.below': 'slits below the sheet’s top edge',
	'hold.sheetGrams': 'weight of the sheet',
	'hold.loadKPa': 'load of a hinge',
	'hold.workingKPa': 'limit of a hinge',
	'hold.dryMinutes': 'drying',
	'hold.slack.width': 'slack across',
	'hold.slack.height': 'slack up and down',
	'hold.bulge.width': 'bulge across',
	'hold.bulge.height': 'bulge up and down',
	'hold.tissue': 'tissue',
	'hold.others[#].places[#]': 'hinge # at another edge',
	'hold.patchInside': 'patch from the edge',
	'hold.stitchSpacing': 'from stitch to stitch',
	'hold.cloth.*': 'cloth *',
	'hold.tiesAt[#]': 'position of tie #',
	'hold.recess.outer.*': 'recess board *',
	'hold.recess.left': 'opening of the recess from the left edge',
	'hold.recess.top': 'opening of the recess from the top edge',
	'hold.recess.made[#].layers': 'layers of recess board #',
	'hold.strips[#].length': 'length of strip #',
	'hold.strips[#].reach': 'reach of strip #',
	'frame.section.face': 'face',
	'frame.section.lip': 'lip',
	'frame.section.depth': 'depth of the moulding',
	'frame.section.rabbetDepth': 'rabbet depth',
	'frame.section.density': 'density of the wood',
	'frame.rabbet.*': 'rabbet *',
	'frame.sight.*': 'sight *',
	'frame.outer.*': 'outer *',
	'frame.allowance.width': 'allowance across',
	'frame.allowance.height': 'allowance up and down',
	'frame.rails[#]': 'rail #',
	'frame.stick': 'stick',
	'frame.diagonal': 'rabbet across its corners',
	'frame.points.total': 'points in all',
	'frame.points.top.*': '* at the top',
	'frame.points.side.*': '* at the sides',
	'frame.offset': 'step of the clips',
	'frame.cornersOut[#]': 'corner # out of square',
	'frame.misfit': 'frame’s measurements disagree by',
	'frame.kit[#].size': 'size of pair #',
	'frame.lite.d1': 'pane from the top left corner across',
	'frame.lite.d2': 'pane from the top right corner across',
	'frame.lite.blank.*': 'blank * of the pane',
	'frame.lite.*': '* of the pane',
	'frame.depthWithStrips': 'depth with its strips',
	'back.tape.land': 'tape on the wood',
	'back.tape.recess': 'step down to the pack',
	'back.tape.width': 'width of tape needed',
	'back.tape.stock': 'tape from stock',
	'back.tape.passes': 'passes',
	'back.tape.strips[#]': 'strip # of the tape',
	'back.edgeSeal.width': 'width of edge seal needed',
	'back.edgeSeal.stock': 'edge seal from stock',
	'back.edgeSeal.length': 'length of edge seal',
	'back.dustCover.*': 'dust cover *, finished',
	'back.dustCoverRough.*': 'dust cover *, as cut',
	'back.bumpers': 'bumpers',
	'mass.kg': 'total weight',
	'back.pouch.*': '* of the pouch for travel',
	'hang.drop': 'drop of the rings',
	'hang.inset': 'rings from the sides',
	'hang.span': 'between the rings',
	'hang.spacing': 'between the hooks',
	'hang.rise': 'rise of the wire',
	'hang.angle': 'angle of the wire',
	'hang.pullN': 'pull',
	'hang.sidewaysN': 'sideways pull',
	'hang.wireWantedKg': 'strength needed',
	'hang.ringWantedKg': 'load rating needed for a ring',
	'hang.wire.breakingKg': 'strength of the wire',
	'hang.wire.length': 'length of wire',
	'hang.hookCount': 'hooks',
	'hang.pilot': 'pilot hole',
	'hang.strip.*': '* of the cross strip',
	'hang.wallRail.*': '* of the wall rail',
	'hang.wallRailEdge': 'top edge of the wall rail, above the floor',
	'hang.lean': 'lean at the wall',
	'hang.stand.lean': 'lean on its stand',
	'hang.stand.hinge': 'hinge of the stand above the bottom',
	'hang.stand.leg': 'length of the stand’s leg',
	'hang.stand.foot': 'end of the stand’s leg behind the bottom',
	'hang.turned.drop': 'drop of the rings, turned',
	'hang.turned.inset': 'rings from the ends, turned',
	'hang.turned.span': 'between the rings, turned',
	'hang.turned.spacing': 'between the hooks, turned',
	'hang.turned.rise': 'rise of the wire, turned',
	'hang.turned.angle': 'angle of the wire, turned',
	'hang.turned.pullN': 'pull, turned',
	'hang.turned.sidewaysN': 'sideways pull, turned',
	'hang.turned.wireWantedKg': 'strength needed, turned',
	'hang.turned.ringWantedKg': 'load rating needed for a ring, turned',
	'hang.turned.wire.breakingKg': 'strength of the wire, turned',
	'hang.turned.wire.length': 'length of wire, turned',
	'hang.turned.hookCount': 'hooks, turned',
	'hang.turned.pilot': 'pilot hole, turned',
	'hang.turned.hooks[#].x': 'nail # from the centre line, turned',
	'hang.turned.hooks[#].height': 'nail # above the floor, turned',
	'mass.computed': 'weight, calculated',
	'hang.hooks[#].x': 'nail # from the centre line',
	'hang.hooks[#].height': 'nail # above the floor',
	'light.years': 'years to a visible fade',
	'light.yearly': 'light in a year, behind the glazing',
	'light.budget': 'times the yearly budget',
	'light.fade': 'light class',
	'light.uvShare': 'share of UV in the fading',
	'light.byGlazing[#].years': 'years to a visible fade behind glazing #',
	'light.byGlazing[#].yearly': 'light in a year behind glazing #',
	'light.byGlazing[#].budget': 'times the yearly budget behind glazing #',
	'light.byGlazing[#].doseMlxh': 'dose of a visible fade behind glazing #',
	'light.doubling[#].years': 'years by way #',
	'light.doubling[#].share': 'share of the light by way #',
	'light.doubling[#].monthsPerYear': 'months a year by way #',
	'light.doseMlxh': 'dose of a visible fade',
	'climate.capacity': 'moisture its boards take up',
	'climate.exchange': 'moisture passing in a day',
	'climate.tauDays': 'time constant',
	'climate.halfDays': 'time for humidity to get halfway in',
	'cut[#].width': 'width of line #',
	'cut[#].height': 'height of line #',
	'cut[#].count': 'count of line #',
	'cut[#].sides.d1': 'line # from the top left corner across',
	'cut[#].sides.d2': 'line # from the top right corner across',
	'cut[#].sides.*': '* of line #',
	'cut[#].layers': 'layers of line #',
	'cut[#].high': 'height line # gives',
	'cut[#].opening.*': 'opening * of line #'
};

const JOB: Readonly<Record<string, string>> = {
	'job.step': 'cutting step',
	'job.window.overlap.*': 'overlap * entered',
	'job.window.reveal.*': 'reveal * entered',
	'job.window.shape': 'shape of the window',
	'job.window.at.left': 'window # from the left, entered',
	'job.window.at.top': 'window # from the top, entered',
	'job.grid.gutter': 'gutter entered',
	'job.window.gap': 'gap round the piece',
	'job.window.setBack': 'setback of the support',
	'job.borders.width': 'border width',
	'job.borders.weight': 'extra at the bottom',
	'job.borders.asked.*': '* border entered',
	'job.borders.pack.*': 'pack * entered',
	'job.mats[#].reveal.*': 'reveal * of mat #',
	'job.mats[#].lift': 'lift behind mat #',
	'job.mats[#].setback': 'setback of the lift behind mat #',
	'job.piece.thickness': 'thickness of the piece',
	'job.piece.cockle': 'highest cockle',
	'job.piece.relief': 'highest relief above its face',
	'job.piece.grammage': 'paper weight',
	'job.piece.readings.d1': 'diagonal from the top left, as measured',
	'job.piece.readings.d2': 'diagonal from the top right, as measured',
	'job.piece.readings.*': '* as measured',
	'job.piece.readings': 'measurements',
	'job.piece.motif.*': 'motif, *',
	'job.piece.zones[#]': 'zone #',
	'job.piece.image.*': 'image, *',
	'job.piece.zones[#].*': 'zone #, *',
	'job.guard.fillers[#].thickness': 'filler #',
	'job.guard.sealOnFace': 'tape of the edge seal on the glazing’s face',
	'job.guard.spacer.thickness': 'height of the spacer',
	'job.guard.spacer.seen': 'visible part of the spacer, by design',
	'job.guard.glazing': 'the existing pane',
	'job.kept.glazing.thickness': 'thickness of the existing pane',
	'job.kept.back.thickness': 'thickness of the existing back',
	'job.kept.points.count': 'existing points, as counted',
	'job.given.outer.*': 'outer * as measured',
	'job.given.mass': 'weight on a scale',
	'job.given.pack': 'thickness of the pack',
	'job.copies': 'pieces alike',
	'job.mats[#].have.opening.*': 'opening * of mat # as measured',
	'job.mats[#].have.outer.*': 'outer * of mat # as measured',
	'job.place.exposure': 'the light there',
	'job.place.exposure.monthsPerYear': 'months a year',
	'job.place.exposure.sources[#].lux': 'lux of light #',
	'job.place.exposure.sources[#].uv': 'UV in light #',
	'job.place.exposure.sources[#].hoursPerDay': 'hours a day of light #',
	'job.rabbet': 'the frame’s measurements',
	'job.rabbet.d1': 'the frame’s diagonal from the top left, as measured',
	'job.frame.allowance': 'allowance entered',
	'job.frame.deepen': 'strips on the back',
	'job.frame.pairStep': 'size step of the pairs',
	'job.frame.section.*': '* of the profile',
	'job.frame.pointFirst': 'first point',
	'job.frame.pointCount.*': 'own count at the *',
	'job.hang.dropShare': 'share of the height',
	'job.hang.drop': 'drop entered',
	'job.back.bumperHeight': 'height of a bumper',
	'job.hang.weighed': 'weight on the scale',
	'job.hang.centreHeight': 'height of the picture’s centre',
	'job.hold.count': 'hinges entered',
	'job.hold.contact': 'reach of a hinge',
	'job.hold.width': 'width entered',
	'job.hold.places[#]': 'position of hinge # entered',
	'job.hold.reach': 'reach entered',
	'job.hold.slack.width': 'slack across, entered',
	'job.hold.slack.height': 'slack up and down, entered',
	'job.back.bumpers': 'bumpers'
};

const WORDS: Readonly<Record<string, string>> = {
	rabbetDepth: 'rabbet depth',
	massPerM2: 'weight',
	densityKgM3: 'density',
	uvStoppedPercent: 'UV stopped',
	lightPassedPercent: 'light transmitted',
	perKelvin: 'expansion per K',
	perTenRh: 'expansion per 10 % RH',
	stiffnessGPa: 'stiffness',
	loadKPa: 'working load',
	dryMinutes: 'drying',
	first: 'first point',
	spacing: 'spacing',
	count: 'points'
};

/** @param of the plan that it belongs to, for the names of its layers and materials */
export function nameOf(path: string, of?: Named): string {
	const several = /^(measure|movement|hold)\[(\d+)\]|^window\.openings\[(\d+)\]/.exec(path);
	if (several) {
		const number = Number(several[2] ?? several[3]) + 1;
		const rest = path.slice(several[0].length);
		return `${nameOf(`${several[1] ?? 'window'}${rest}`, of)}, window ${number}`;
	}
	if (path.startsWith('shop.')) return shopName(path, of);
	const layer = /^pack\.layers\[(\d+)\]\.thickness$/.exec(path);
	if (layer && of) return layerOf(Number(layer[1]), of);
	const part = /^mass\.parts\[(\d+)\]\.kg$/.exec(path);
	if (part && of?.plan.mass) return partName(nth(of.plan.mass.parts, Number(part[1])).part);
	const numbers = [...path.matchAll(/\[(\d+)\]/g)].map(([, number]) => Number(number) + 1);
	const plain = path
		.replace(/\[\d+\]/g, '[#]')
		.replace(/^job\.(pieces|windows)\[#\]/, (_, list: string) => `job.${list.slice(0, -1)}`);
	const [table, last] = [plain.startsWith('job') ? JOB : PLAN, lastOf(plain.split('.'))];
	const name = table[plain] ?? table[plain.replace(/\.[^.]*$/, '.*')];
	if (!name) return fallback(path);
	// A name that counts once counts the last.
	const counted = numbers.slice(-name.split('#').length + 1);
	return name.replace(/#/g, () => String(counted.shift() ?? '')).replace('*', WORDS[last] ?? spaced(last));
}

/** `mat 1 (cotton museum board, 4-ply)`; what is named by itself stands alone. */
function layerOf(index: number, { plan, job, shop }: Named): string {
	const layer = nth(there(plan.pack, 'pack').layers, index);
	if (layer.role === 'mat')
		return `mat ${there(layer.index, 'index') + 1} (${inSentence(nth(job.mats, there(layer.index, 'index')).board.name)})`;
	const name = inSentence(layerName(layer, job, shop));
	return layer.role === 'under-mat' || layer.role === 'backing' ? `${partName(layer.role)} (${name})` : name;
}

function shopName(path: string, of?: Named): string {
	const [, list, id, figure] = /^shop\.(\w+)(?:\[([\w-]+)\])?\.?(\w*)$/.exec(path) ?? [];
	if (list === 'house') return `${HOUSE_NAMES[figure as keyof House]} (shop)`;
	if (id === undefined) return `the shop’s ${spaced(there(list, 'list'))}`;
	const found = of && (of.shop[list as keyof Shop] as Record<string, { name?: string }> | undefined)?.[id];
	return `${WORDS[there(figure, 'figure')] ?? spaced(there(figure, 'figure'))} of ${found?.name === undefined ? id : inSentence(found.name)}`;
}

function fallback(path: string): string {
	const words = path.replace(/\[(\d+)\]/g, (_, number: string) => ` ${Number(number) + 1}`).split('.');
	return words.map((word) => WORDS[word] ?? spaced(word)).join(' ');
}

function spaced(camel: string): string {
	return camel.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase();
}
