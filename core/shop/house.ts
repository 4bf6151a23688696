/** House figures: what the shop uses unless a job says otherwise. Each is named once, here, and found from every explanation. */

export const HOUSE = {
	/** Window. */
	overlap: 6,
	borderWidth: 70,
	borderWeight: 10,
	reveal: 6,
	paperReveal: 6,
	floatGap: 10,
	floatSetBack: 6,
	gutter: 40,
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
	/** Where a print counts as big, and may be held at its foot too. */
	bigPrintFrom: 600,
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
	tapeOnBacking: 15,
	pointHead: 10,
	pointHeadCover: 5,
	tapeSpare: 1.05,
	dustCoverInside: 3,
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
	cleatFromKg: 25,
	centreHeight: 1500,
	hookOffset: 20,
	gravity: 9.81
};

export type House = typeof HOUSE;
