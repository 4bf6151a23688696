/**
 * What unit a figure has, as data: of every figure of the plan by its path. What explains, draws, prints or exports a figure asks here; no
 * unit is guessed from a name. A length is said as it is used: cut, laid by a tape (mark), or neither (fine).
 */
import type { Unit } from './length.ts';
import type { Look, Reader } from './show.ts';
import { sayDays, sayYears } from './spans.ts';
import { showForce, showGrams, showLength, showMass, showMinutes, showNumber, showStrength } from './show.ts';
import { lastOf, nth, there } from './there.ts';

export type FigureUnit =
	| Look
	| 'count'
	| 'share'
	| 'percent'
	| 'times'
	| 'kg'
	| 'grams'
	| 'strength'
	| 'newton'
	| 'kPa'
	| 'gpa'
	| 'degrees'
	| 'minutes'
	| 'days'
	| 'years'
	| 'hours'
	| 'months'
	| 'lux'
	| 'luxHours'
	| 'megaLuxHours'
	| 'uv'
	| 'celsius'
	| 'kelvin'
	| 'perKelvin'
	| 'rh'
	| 'm2'
	| 'kgPerM'
	| 'kgPerM2'
	| 'kgPerM3'
	| 'gPerM2'
	| 'gramsOfWater'
	| 'exchange'
	| 'pascal'
	| 'permeance'
	| 'gravity'
	| 'cents';

const LENGTHS: ReadonlySet<FigureUnit> = new Set(['cut', 'mark', 'fine', 'least', 'most', 'drill']);

export function isLength(unit: FigureUnit): unit is Look {
	return LENGTHS.has(unit);
}

/** Written behind the figure. Empty where the text carries its own. */
const WORDS: Record<Exclude<FigureUnit, Look>, string> = {
	count: '',
	share: '',
	percent: '%',
	times: '',
	kg: '',
	grams: '',
	strength: '',
	newton: '',
	kPa: 'kPa',
	gpa: 'GPa',
	degrees: '°',
	minutes: '',
	days: '',
	years: '',
	hours: 'h',
	months: 'months',
	lux: 'lx',
	luxHours: 'lx h',
	megaLuxHours: 'million lx h',
	uv: 'µW/lm',
	celsius: '°C',
	kelvin: 'K',
	perKelvin: '/K',
	rh: '% RH',
	m2: 'm²',
	kgPerM: 'kg/m',
	kgPerM2: 'kg/m²',
	kgPerM3: 'kg/m³',
	gPerM2: 'g/m²',
	gramsOfWater: 'g',
	exchange: 'g a day',
	pascal: 'Pa',
	permeance: 'g/(Pa s m²)',
	gravity: 'm/s²',
	cents: 'cents'
};

/** Of the longest beginning that is named here; indices are left out. Every figure of a plan has one, which a test holds. */
const PLAN: Readonly<Record<string, FigureUnit>> = {
	measure: 'mark',
	'measure.share': 'share',
	'measure.lean': 'fine',
	'measure.misfit': 'fine',
	'measure.loses': 'fine',
	movement: 'fine',
	window: 'cut',
	'window.overlap': 'mark',
	'window.least': 'least',
	'window.solved': 'mark',
	'window.free': 'most',
	'window.tolerance': 'most',
	'window.sees': 'mark',
	'window.placement': 'mark',
	'window.at': 'cut',
	'window.mats.seen': 'mark',
	'window.mats.stop': 'mark',
	'window.mats.border': 'mark',
	'window.mats.curve': 'mark',
	'window.mats.holes': 'mark',
	'window.mats.holes.opening': 'cut',
	'window.mats.lift': 'cut',
	'window.mats.lift.setback': 'mark',
	'window.mats.lift.height': 'fine',
	'window.openings': 'mark',
	'window.openings.least': 'least',
	'window.openings.free': 'most',
	'window.openings.tolerance': 'most',
	'window.openings.opening': 'cut',
	'window.openings.support': 'cut',
	'window.openings.zones': 'cut',
	pack: 'fine',
	'pack.layers.made.layers': 'count',
	'pack.spacer': 'mark',
	'pack.spacer.lengths': 'cut',
	'pack.spacer.high': 'fine',
	'pack.spacer.covering': 'fine',
	'pack.spacer.seen': 'fine',
	hold: 'mark',
	'hold.count': 'count',
	'hold.tissue': 'gPerM2',
	'hold.sheetGrams': 'grams',
	'hold.loadKPa': 'kPa',
	'hold.workingKPa': 'kPa',
	'hold.dryMinutes': 'minutes',
	'hold.cloth': 'cut',
	'hold.recess.outer': 'cut',
	'hold.recess.made.layers': 'count',
	'hold.bulge': 'fine',
	frame: 'cut',
	'frame.section': 'mark',
	'frame.section.density': 'kgPerM3',
	'frame.allowance': 'mark',
	'frame.diagonal': 'mark',
	'frame.points': 'mark',
	'frame.points.top.count': 'count',
	'frame.points.side.count': 'count',
	'frame.points.total': 'count',
	'frame.kit.count': 'count',
	'frame.offset': 'mark',
	'frame.cornersOut': 'fine',
	'frame.misfit': 'fine',
	'frame.depthWithStrips': 'mark',
	back: 'cut',
	'back.bumpers': 'count',
	'back.tape.passes': 'count',
	'back.tape.width': 'mark',
	'back.tape.land': 'mark',
	'back.tape.recess': 'mark',
	'back.edgeSeal.width': 'mark',
	mass: 'kg',
	hang: 'mark',
	'hang.hookCount': 'count',
	'hang.angle': 'degrees',
	'hang.pullN': 'newton',
	'hang.sidewaysN': 'newton',
	'hang.wireWantedKg': 'strength',
	'hang.wire.breakingKg': 'strength',
	'hang.wire.length': 'cut',
	'hang.strip': 'cut',
	'hang.wallRail': 'cut',
	'hang.lean': 'degrees',
	'hang.stand.lean': 'degrees',
	'hang.stand.leg': 'cut',
	'hang.turned.hookCount': 'count',
	'hang.turned.angle': 'degrees',
	'hang.turned.pullN': 'newton',
	'hang.turned.sidewaysN': 'newton',
	'hang.turned.wireWantedKg': 'strength',
	'hang.turned.wire.breakingKg': 'strength',
	'hang.turned.wire.length': 'cut',
	'hang.turned.ringWantedKg': 'strength',
	'hang.turned.pilot': 'drill',
	'hang.pilot': 'drill',
	'hang.ringWantedKg': 'strength',
	'light.doseMlxh': 'megaLuxHours',
	'light.yearly': 'luxHours',
	'light.years': 'years',
	'light.budget': 'times',
	'light.fade': 'count',
	'light.uvShare': 'times',
	'light.byGlazing.yearly': 'luxHours',
	'light.byGlazing.doseMlxh': 'megaLuxHours',
	'light.byGlazing.years': 'years',
	'light.byGlazing.budget': 'times',
	'light.doubling.years': 'years',
	'light.doubling.monthsPerYear': 'months',
	'light.doubling.share': 'share',
	'climate.capacity': 'gramsOfWater',
	'climate.exchange': 'exchange',
	'climate.tauDays': 'days',
	'climate.halfDays': 'days',
	cut: 'cut',
	'cut.count': 'count',
	'cut.layers': 'count',
	'cut.high': 'fine'
};

/** What a job asks for, where it is no length that a tape lays. */
const JOB: Readonly<Record<string, FigureUnit>> = {
	job: 'mark',
	'job.piece.grammage': 'gPerM2',
	'job.piece.fade': 'count',
	'job.piece.thickness': 'fine',
	'job.piece.cockle': 'fine',
	'job.piece.relief': 'fine',
	'job.hold.count': 'count',
	'job.frame.section.density': 'kgPerM3',
	'job.frame.pointCount': 'count',
	'job.place.exposure.monthsPerYear': 'months',
	'job.place.exposure.sources.lux': 'lux',
	'job.place.exposure.sources.uv': 'uv',
	'job.place.exposure.sources.hoursPerDay': 'hours',
	'job.back.bumpers': 'count',
	'job.hang.dropShare': 'share',
	'job.hang.hooks': 'count',
	'job.mats.lift': 'fine',
	'job.guard.spacer.thickness': 'fine',
	'job.guard.fillers': 'fine'
};

/** Of the shop's lists; its house figures have their own table. */
const SHOP: Readonly<Record<string, FigureUnit>> = {
	thickness: 'fine',
	bendsAs: 'fine',
	massPerM2: 'kgPerM2',
	permeance: 'permeance',
	buffers: 'share',
	densityKgM3: 'kgPerM3',
	stiffnessGPa: 'gpa',
	poisson: 'times',
	perKelvin: 'perKelvin',
	perTenRh: 'share',
	uvStoppedPercent: 'percent',
	lightPassedPercent: 'percent',
	loadKPa: 'kPa',
	dryMinutes: 'minutes',
	grammage: 'gPerM2',
	workingKg: 'strength',
	plate: 'fine'
};

/** @param houseUnit units of house figures, by name */
export function unitOf(path: string, houseUnit: (name: string) => FigureUnit): FigureUnit {
	const plain = path
		.replace(/\[[^\]]*\]/g, '')
		.replace(/^job\.(pieces|windows)\b/, (_, list: string) => `job.${list.slice(0, -1)}`);
	if (plain.startsWith('shop.house.')) return houseUnit(plain.slice('shop.house.'.length));
	if (plain.startsWith('shop.')) return SHOP[lastOf(plain.split('.'))] ?? 'fine';
	const table = plain.startsWith('job') ? JOB : PLAN;
	for (let part = plain; part !== ''; part = part.slice(0, Math.max(0, part.lastIndexOf('.')))) {
		const unit = table[part];
		if (unit) return unit;
	}
	throw new Error(`No unit is set for ${path}`);
}

/** The word of a unit behind a field or over a column; empty where the text carries its own, and for counts. */
export function figureWord(unit: FigureUnit, reads: Unit): string {
	const own: Partial<Record<FigureUnit, string>> = { minutes: 'min', kg: 'kg', strength: 'kg', grams: 'g' };
	return isLength(unit) ? reads : own[unit] || WORDS[unit];
}

/** A figure in the reader's unit, with the word of its unit: `16 1⁄4 in`, `3.21 kg`, `2.35 kPa`. */
export function showFigure(value: number, unit: FigureUnit, reader: Reader): string {
	const text = showValue(value, unit, reader);
	if (isLength(unit)) return `${text} ${reader.unit}`;
	const word = WORDS[unit];
	return word === '' ? text : `${text}${word === '°' ? '' : ' '}${word}`;
}

/** The same without the word, where a column or a sum carries it; masses and minutes keep theirs. */
export function showValue(value: number, unit: FigureUnit, reader: Reader): string {
	if (isLength(unit)) return showLength(value, reader, unit).text;
	switch (unit) {
		case 'kg':
			return showMass(value, reader);
		case 'grams':
			return showGrams(value, reader);
		case 'strength':
			return showStrength(value, reader);
		case 'minutes':
			return showMinutes(value);
		case 'newton':
			return showForce(value, reader);
		case 'degrees':
			return showNumber(value, 1);
		case 'days':
			return sayDays(value);
		case 'years':
			return sayYears(value);
		default:
			return small(value) ?? showNumber(value, 3);
	}
}

/** `1.2 × 10⁻⁶` for what three places would hide. */
function small(value: number): string | null {
	if (value === 0 || Math.abs(value) >= 0.001) return null;
	const [digits, power] = value.toExponential(1).split('e-');
	const raised = there(power, 'power').replace(/\d/g, (digit) => nth('⁰¹²³⁴⁵⁶⁷⁸⁹', Number(digit)));
	return `${there(digits, 'digits').replace('-', '−')} × 10⁻${raised}`;
}
