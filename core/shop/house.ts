/**
 * House figures: what the shop uses unless a job says otherwise. Each is named once, here, and found from every explanation. There are two
 * houses: a job that is cut in inches has defaults in inches, as people who work in them have them, not converted millimetres; limits of
 * safety are the same length in both (handbook units#inch-house).
 */
import type { FigureUnit } from '../units/figures.ts';
import { MM_PER_INCH } from '../units/length.ts';


export const HOUSE_MM = {
	/** The finest fraction of an inch on the shop's tapes; in millimetres the step is half of one. */
	fraction: 16,

	/** Window. */
	overlap: 6,
	borderWidth: 70,
	borderWeight: 10,
	reveal: 6,
	paperReveal: 6,
	floatGap: 10,
	floatSetBack: 6,
	gutter: 40,
	joinDistance: 20,
	fitBorderLeast: 15,
	printBeyondBlank: 5,
	clampTrim: 16,
	ovalRevealShare: 0.9,
	setback: 8,
	setbackLeast: 6,
	setbackMost: 25,
	setbackBeyondSheet: 2,
	showZoneMargin: 2,
	hideZoneMargin: 1,
	leastOverlap: 3,
	thinBorder: 40,
	thinBorderFrom: 300,
	stripeWithin: 3,
	/** Movement: growth per 10 % RH, swing of the year. */
	paperGrowthAcross: 0.0015,
	paperGrowthAlong: 0.0005,
	boardGrowth: 0.001,
	metalGrowthPerKelvin: 23e-6,
	swingRh: 35,
	swingKelvin: 25,
	/** What is no paper moves otherwise: skin more, a thin panel across its grain nearly as much. */
	vellumGrowth: 0.003,
	panelGrowth: 0.002,
	/** Piece: g/m² of sheets, cloth and canvas on its stretcher, kg/m³ of what is thick. */
	grammage: 200,
	vellumGrammage: 300,
	textileGrammage: 150,
	canvasGrammage: 2500,
	panelDensity: 650,
	boneDensity: 1900,
	objectDensity: 300,
	thinnestSheet: 0.5,
	/** Guard. */
	gapFlat: 1.4,
	gapSticky: 3,
	gapFriable: 5,
	gapLargeFrom: 600,
	gapLargeExtra: 1,
	troughLift: 1.4,
	glassLargeM2: 0.6,
	/** Over a deeper gap a matt-etched glass blurs what lies behind it. */
	etchedGapMost: 3,
	spacerWidth: 5,
	/** A height is made of boards that come within this of it. */
	madeWithin: 0.3,
	/** What the work of one more change is worth beside the price of materials, cents. */
	changeCents: 500,
	/** What a caution that is left behind weighs beside it, cents. */
	cautionCents: 2000,
	/** A wall whose dew point is reached: the air that is reckoned with, and the air wanted behind the frame. */
	airCelsius: 20,
	airRh: 50,
	coldWallAir: 6,
	bumperHeight: 3,
	/** Damp in the pack: water for each kg and % RH, g; joints, g/(Pa s m), and what seals leave of them. */
	waterPerKg: 1,
	pascalPerRh: 23.4,
	jointPermeance: 6e-8,
	jointTaped: 1 / 5,
	jointEdgeSealed: 1 / 100,
	openBackPermeance: 3e-6,
	/** Light: up to here UV glazing hardly helps. */
	uvHardlyHelps: 1.3,
	/** What the shop’s tools take: the mat cutter’s longest cut and thickest board, the glass cutter’s longest cut, the saw’s section. */
	matCutterLongest: 1500,
	matCutterThickest: 3.2,
	glassCutterLongest: 1600,
	sawWidest: 100,
	sawDeepest: 75,
	joinFromWindow: 10,
	/** Hold. */
	hingeInset: 50,
	hingeEach: 300,
	hingeWidth: 25,
	hingeWidthShare: 0.3,
	hingeContact: 8,
	hingeTab: 25,
	crossWidth: 60,
	crossHeight: 20,
	crossAbove: 2,
	/** Board above the sheet that a T-hinge needs, what its tab and its cross-piece leave of it. */
	boardAboveLeast: 12,
	tabInside: 1,
	crossInside: 3,
	/** Tape behind a panel that floats: a square patch, its edge this far inside the panel's. */
	patch: 25,
	patchInside: 12,
	/** Heavier sheets hang by tabs that pass through the board, g/m². */
	heavySheet: 450,
	/** Between two cross-pieces of a narrow sheet. */
	crossApart: 5,
	pocketMost: 40,
	pocketLeast: 12,
	pocketBehind: 1,
	/** Edge strips: how far they reach, what of them lies behind, how short one may be; a sling's sides. */
	stripReach: 6,
	stripBehind: 25,
	stripLeast: 3,
	slingShare: 1 / 3,
	/** Panels: fixed at six points or more, one each 200 mm of edge. */
	edgePointEach: 200,
	edgePointsLeast: 6,
	/** Textiles: a stitch each 20 mm, the cloth turned over the board's edge by 40. */
	stitchEach: 20,
	stitchLong: 5,
	clothTurn: 40,
	liningThick: 0.4,
	/** What is stuck down or lined dries under weight. */
	boardDryMinutes: 720,
	supportDryMinutes: 720,
	/** Board that comes with its adhesive on it. */
	adhesiveBoardThick: 1.5,
	adhesiveBoardKgM2: 0.95,
	/** A sheet with both sides up to here may hang from one tab. */
	oneTabUpTo: 200,
	/** Pack and frame. */
	roomForPoints: 3,
	recessedFrom: 12,
	/** Strips on the back: what stock they are cut from. */
	deepenMost: 30,
	/** Offset clips, by how far they step. */
	offsetMost: 25,
	/** What a spring clip takes up between pack and channel. */
	clipLeast: 1,
	clipMost: 6,
	clipEach: 250,
	/** Glazing: acrylic that lies for weeks creeps; in a van it leans this far from upright. */
	acrylicCreepGPa: 1.6,
	carriedLean: 10,
	metalKgPerM: 0.45,
	/** A box without a mat: air round what lies in it. */
	boxAir: 25,
	allowanceLeast: 3,
	allowanceSpare: 1,
	allowanceStep: 0.5,
	lipCover: 3,
	lipCoverSealed: 5,
	edgeSealOnFace: 3,
	edgeSealOnBack: 10,
	kerf: 3,
	stickTrim: 20,
	stickSpare: 1.05,
	weakReinforced: 60,
	weakPlain: 120,
	weakSide: 800,
	pointFirst: 50,
	pointAlone: 80,
	pointsRigid: 125,
	pointsFlexible: 75,
	pointsTurnButton: 200,
	/** Back. */
	land: 10,
	/** Wood that stays bare at the outer edge, so that no tape shows from the side; under the least the tape holds badly. */
	bareWood: 2,
	landLeast: 5,
	tapeOnBacking: 15,
	pointHead: 10,
	pointHeadCover: 5,
	tapeSpare: 1.05,
	dustCoverInside: 3,
	dustCoverRough: 25,
	dustCoverHeavyFrom: 600,
	/** Mass and hanging. */
	hardwareKg: 0.1,
	dropShare: 1 / 3,
	dropShareQuarter: 1 / 4,
	wireHidden: 50,
	wireAngle: 30,
	wireAngleLeast: 15,
	lowFrameLeast: 20,
	runLeast: 50,
	twoHooksAbove: 300,
	hookSpacingShare: 1 / 3,
	hookSpacingLeast: 125,
	hookSpacingFree: 100,
	wireSafety: 4,
	wireEnd: 125,
	wireMostKg: 12,
	/** Flat wood that a hanger's screw wants, and under which it splits. */
	woodForScrew: 10,
	woodForScrewLeast: 6,
	hangerSafety: 2,
	pilotShare: 0.7,
	screwShare: 2 / 3,
	/** A strip across the back where the wood is too narrow for hangers. */
	backStripWidth: 40,
	cleatFromKg: 25,
	centreHeight: 1500,
	hookOffset: 20,
	gravity: 9.81
};


export type House = typeof HOUSE_MM;

const inch = (inches: number) => inches * MM_PER_INCH;

/** What people who work in inches have; everything else is the same length in both houses. */
export const HOUSE_IN: House = {
	...HOUSE_MM,
	overlap: inch(1 / 4),
	borderWidth: inch(2.75),
	borderWeight: inch(3 / 8),
	reveal: inch(1 / 4),
	paperReveal: inch(1 / 4),
	floatGap: inch(3 / 8),
	floatSetBack: inch(1 / 4),
	gutter: inch(1.5),
	joinDistance: inch(3 / 4),
	clampTrim: inch(5 / 8),
	setback: inch(5 / 16),
	spacerWidth: inch(3 / 16),
	bumperHeight: inch(1 / 8),
	hingeInset: inch(2),
	hingeEach: inch(12),
	hingeWidth: inch(1),
	hingeContact: inch(5 / 16),
	hingeTab: inch(1),
	crossWidth: inch(2 + 3 / 8),
	crossHeight: inch(3 / 4),
	crossApart: inch(3 / 16),
	patch: inch(1),
	patchInside: inch(1 / 2),
	pocketMost: inch(1.5),
	stripReach: inch(1 / 4),
	stripBehind: inch(1),
	edgePointEach: inch(8),
	stitchEach: inch(3 / 4),
	stitchLong: inch(3 / 16),
	clothTurn: inch(1.5),
	clipEach: inch(10),
	boxAir: inch(1),
	allowanceLeast: inch(1 / 8),
	allowanceStep: inch(1 / 16),
	kerf: inch(1 / 8),
	stickTrim: inch(3 / 4),
	pointFirst: inch(2),
	pointsRigid: inch(5),
	pointsFlexible: inch(3),
	pointsTurnButton: inch(8),
	land: inch(3 / 8),
	bareWood: inch(1 / 16),
	tapeOnBacking: inch(5 / 8),
	edgeSealOnFace: inch(1 / 8),
	edgeSealOnBack: inch(3 / 8),
	dustCoverInside: inch(1 / 8),
	dustCoverRough: inch(1),
	backStripWidth: inch(1.5),
	wireHidden: inch(2),
	wireEnd: inch(5),
	hookOffset: inch(3 / 4),
	hookSpacingLeast: inch(5),
	hookSpacingFree: inch(4),
	twoHooksAbove: inch(12),
	centreHeight: inch(59)
};

/** Unit of each figure that is no length. */
const OTHER_UNITS: Partial<Record<keyof House, FigureUnit>> = {
	fraction: 'count',
	ovalRevealShare: 'share',
	paperGrowthAcross: 'share',
	paperGrowthAlong: 'share',
	boardGrowth: 'share',
	metalGrowthPerKelvin: 'perKelvin',
	swingRh: 'rh',
	swingKelvin: 'kelvin',
	vellumGrowth: 'share',
	panelGrowth: 'share',
	grammage: 'gPerM2',
	vellumGrammage: 'gPerM2',
	textileGrammage: 'gPerM2',
	canvasGrammage: 'gPerM2',
	panelDensity: 'kgPerM3',
	boneDensity: 'kgPerM3',
	objectDensity: 'kgPerM3',
	glassLargeM2: 'm2',
	changeCents: 'cents',
	cautionCents: 'cents',
	airCelsius: 'celsius',
	airRh: 'rh',
	waterPerKg: 'gramsOfWater',
	pascalPerRh: 'pascal',
	jointPermeance: 'permeance',
	jointTaped: 'share',
	jointEdgeSealed: 'share',
	openBackPermeance: 'permeance',
	uvHardlyHelps: 'times',
	hingeWidthShare: 'share',
	heavySheet: 'gPerM2',
	slingShare: 'share',
	edgePointsLeast: 'count',
	boardDryMinutes: 'minutes',
	supportDryMinutes: 'minutes',
	adhesiveBoardKgM2: 'kgPerM2',
	acrylicCreepGPa: 'gpa',
	carriedLean: 'degrees',
	metalKgPerM: 'kgPerM',
	stickSpare: 'times',
	weakReinforced: 'times',
	weakPlain: 'times',
	tapeSpare: 'times',
	hardwareKg: 'kg',
	dropShare: 'share',
	dropShareQuarter: 'share',
	wireAngle: 'degrees',
	wireAngleLeast: 'degrees',
	hookSpacingShare: 'share',
	wireSafety: 'times',
	wireMostKg: 'kg',
	hangerSafety: 'times',
	pilotShare: 'share',
	screwShare: 'share',
	cleatFromKg: 'kg',
	gravity: 'gravity'
};

export function houseUnit(name: keyof House): FigureUnit {
	return OTHER_UNITS[name] ?? 'mark';
}

