/**
 * Every constant of the craft, in one table: value, unit, spread before anything is measured
 * (coefficient of variation, null where the relation is taken as exact) and where it comes from.
 * A group's own swatches, chains and timed work replace those with a spread.
 */
export interface CraftDefault {
	readonly value: number;
	readonly unit: string;
	readonly cv: number | null;
	/** `assumed`: the craft gives no figure, and docs/model.md argues for this one. */
	readonly source: 'bench default' | 'geometry' | 'material' | 'assumed';
}

const exact = (value: number, unit: string, source: CraftDefault['source'] = 'bench default') =>
	({ value, unit, cv: null, source }) satisfies CraftDefault;
const uncertain = (
	value: number,
	unit: string,
	cv: number,
	source: CraftDefault['source'] = 'bench default'
) => ({ value, unit, cv, source }) satisfies CraftDefault;

export const defaults = {
	// size
	matLeastWidth: exact(750, 'mm'),
	sleeperHeight: exact(1750, 'mm'),
	shouldersWidth: exact(600, 'mm'),
	tapeShare: exact(0.01, 'of a limit of size'),
	rowsCanAdd: exact(300, 'mm'),
	widthCanGrow: exact(150, 'mm'),
	narrowBelow: exact(750, 'mm'),
	veryWideOver: exact(1220, 'mm'),
	veryLongOver: exact(2300, 'mm'),
	shorterSleeperLength: exact(1500, 'mm'),
	childWidth: exact(550, 'mm'),
	childLength: exact(1200, 'mm'),
	panelWidth: exact(300, 'mm'),
	seatSide: exact(350, 'mm'),
	missedWidth: exact(0.05, 'of the width', 'assumed'),

	// film
	filmDensity: exact(0.00095, 'g/mm³', 'material'),
	filmYieldStress: exact(20, 'N/mm²', 'material'),
	jointStrengthShare: exact(0.5, 'of the strand'),
	handleFilmShare: exact(0.45, 'of the handle zone'),
	plausibleFilmMinUm: exact(5, 'µm'),
	plausibleFilmMaxUm: exact(120, 'µm'),

	// how much of a squeezed strand is plastic
	packingWorked: exact(0.2, 'share'),
	packingHalfBag: exact(0.1, 'share'),
	packingLofty: exact(0.06, 'share'),
	packingSpun: exact(0.35, 'share'),
	spunShortening: exact(0.06, 'share'),

	// cutting
	generousTrim: exact(50, 'mm'),
	closeTrim: exact(12, 'mm'),
	countedShortStrip: exact(0.75, 'of the strip width'),
	spiralMargin: exact(35, 'mm'),
	spiralEndLoss: exact(120, 'mm'),
	scissorsFilmLimit: exact(1.5, 'mm'),
	rollingBladeFilmLimit: exact(3, 'mm', 'assumed'),
	bluntScissorsFilmLimit: exact(0.75, 'mm'),
	hardFilm: exact(4 / 3, 'of what the tool takes'),
	spiralLeastWidth: exact(20, 'mm'),
	thinFilm: exact(18, 'µm', 'assumed'),
	halfBagHandleShare: exact(0.5, 'of the handle height'),
	keptHandleShare: exact(0.5, 'of the handle height'),
	rollingBladeStack: exact(20, 'bags'),
	scissorsStack: exact(3, 'bags'),
	batchSize: exact(20, 'bags'),

	wastefulOffcut: exact(0.4, 'of the strip width', 'assumed'),
	carelessPull: exact(12, 'N', 'assumed'),

	// joints
	loopJointTakeUp: exact(6, 'bulk diameters'),
	overhandTakeUp: exact(14, 'bulk diameters'),
	slitJointTakeUp: exact(40, 'mm'),

	// crochet
	hookShare: exact(0.75, 'share'),
	strandShare: exact(0.25, 'share'),
	strandSizes: exact(2.1, 'bulk diameters'),
	stitchWidthPerSize: exact(1.27, 'of the effective size'),
	rowHeightSingle: exact(1.12, 'of the effective size'),
	rowHeightHalfDouble: exact(1.6, 'of the effective size'),
	rowHeightDouble: exact(2.3, 'of the effective size'),
	strandPerStitchSingle: exact(4.8, 'stitch widths'),
	strandPerStitchHalfDouble: exact(6.1, 'stitch widths'),
	strandPerStitchDouble: exact(7.9, 'stitch widths'),
	edgeStrand: exact(3.2, 'stitch widths'),
	hookNear: exact(2.0, 'bulk diameters'),
	hookFar: exact(2.6, 'bulk diameters'),
	hookTolerance: exact(0.1, 'of the hook', 'assumed'),
	hookDenseLeast: exact(1.6, 'bulk diameters'),
	hookDenseAim: exact(1.8, 'bulk diameters'),
	hookUsualAim: exact(2.3, 'bulk diameters'),
	hookLooseAim: exact(3.0, 'bulk diameters'),
	hookLooseMost: exact(3.5, 'bulk diameters'),
	fistHook: exact(12, 'mm'),
	crampHook: exact(4, 'mm'),
	closeCover: exact(1.9, 'strand widths'),
	fairCover: exact(1.5, 'strand widths'),

	// peg loom
	pegEndGap: exact(25, 'mm'),
	rowPitchFirm: exact(0.58, 'weft diameters'),
	rowPitchMedium: exact(0.75, 'weft diameters'),
	rowPitchLoose: exact(1.0, 'weft diameters'),
	edgeTurn: exact(0.75, 'of a turn round the warp', 'geometry'),
	pegCloseCover: exact(1.6, 'weft diameters a row'),
	pegFairCover: exact(1.25, 'weft diameters a row'),
	fitLeast: exact(0.97, 'of peg to peg'),
	fitMost: exact(1.06, 'of peg to peg'),
	knotFreeEnd: exact(75, 'mm'),
	warpTails: exact(300, 'mm'),
	thickWarp: exact(0.45, 'of the pitch'),

	// twined frame
	twinedRowPitch: exact(1.75, 'weft diameters'),
	twinedTakeUp: exact(1.2, 'of the width'),
	twinedRowEnds: exact(100, 'mm a row'),
	twinedCloseCover: exact(1.3, 'strand widths', 'assumed'),
	twinedFairCover: exact(1.1, 'strand widths', 'assumed'),
	clothWidth: exact(1400, 'mm', 'assumed'),
	clothStrip: exact(40, 'mm'),
	panelWarpTails: exact(200, 'mm a panel'),
	lacingWidths: exact(3, 'widths a seam'),
	lacingTails: exact(300, 'mm a seam'),
	panelOver: exact(150, 'mm', 'bench default'),
	clothWeight: exact(0.00015, 'g/mm²', 'assumed'),

	// finger-woven bands
	bandWidth: exact(1.5, 'strands × diameters'),
	bandWarpTakeUp: exact(1.05, 'of the length'),
	bandRowPitch: exact(0.9, 'diameters'),
	bandWeaverWidth: exact(1.15, 'band widths'),
	bandWeaverEnds: exact(1.6, 'diameters'),
	bandTurn: exact(6, 'diameters a strand'),

	// finish
	tieCount: exact(2, 'ties'),
	tieLength: exact(1200, 'mm'),
	strapLength: exact(1500, 'mm'),
	chainTakeUp: exact(3.5, 'of its length'),
	braidTakeUp: exact(3 * 1.15, 'of its length'),
	matThicknessCrochet: exact(2, 'bulk diameters'),
	matThicknessWoven: exact(1.6, 'bulk diameters'),
	rollCore: exact(60, 'mm', 'assumed'),
	pillowDensity: exact(25, 'kg/m³'),
	pillowMass: exact(300, 'g'),
	pillowDensityFull: exact(40, 'kg/m³'),
	pillowFlat: exact(0.6, 'of the full grams'),
	coverSeams: exact(30, 'mm, both seams'),
	knotLength: exact(60, 'mm of a piece'),
	// once round the roll without and with a bow, a tie that trips
	tieLeastRound: exact(200, 'mm beyond once round'),
	tieBow: exact(400, 'mm beyond once round'),
	tieLong: exact(2500, 'mm'),
	strapHandle: exact(2, 'roll lengths'),

	// several kinds of bag in one mat
	mixLeastStrip: exact(12, 'mm'),
	mixMostLoops: exact(40, 'loops a bag'),
	mixAsOne: exact(0.15, 'of the section, as a logarithm'),
	mixAlternate: exact(0.4, 'of the section, as a logarithm'),
	mixWidth: exact(0.233, 'of a change of thickness', 'geometry'),

	// allowances
	spoiledShare: exact(0.08, 'of bags prepared'),
	rejectedShare: exact(0.12, 'of bags collected'),

	// counting and learning
	bagSpread: exact(0.2, 'of the bags in one box', 'assumed'),
	wantedCountShare: exact(0.03, 'of the count'),
	lightestBag: exact(0.8, 'g', 'assumed'),
	heaviestBag: exact(150, 'g', 'assumed'),
	bagsInSack: exact(600, 'bags', 'assumed'),
	bagsAtOnce: exact(3000, 'bags', 'assumed'),
	piecesMovedAtOnce: exact(20_000, 'pieces', 'assumed'),
	scrapMovedAtOnce: exact(200_000, 'g', 'assumed'),
	workableHours: exact(2.5, 'times the least hours that cover', 'assumed'),
	plausibleFactor: exact(2.5, 'times what was expected', 'assumed'),
	rejectPriorBags: exact(50, 'bags', 'assumed'),
	shortSpellWork: exact(30, 'min at a stretch'),
	shortSpellRest: exact(10, 'min without work'),
	attendance: exact(0.8, 'of those who said yes', 'assumed'),
	attendancePriorDays: exact(5, 'days', 'assumed'),
	// what a season is reckoned with before anything of a group is known
	checksPriorGood: exact(4, 'mats good at once'),
	checksPriorMended: exact(1, 'mats mended first'),
	tableDayMats: uncertain(0.8, 'mats’ worth of strand a table day', 0.5, 'assumed'),
	gatheredMats: uncertain(0.8, 'mats’ worth of bags a week', 0.8, 'assumed'),
	weeksPriorWithoutBags: exact(0.5, 'weeks', 'assumed'),
	weeksPriorWithBags: exact(4.5, 'weeks', 'assumed'),
	weekOfMaker: exact(0.08, 'of a mat, in a week with rows'),
	weekOfMakerSpread: exact(0.6, 'of a week’s share'),
	weeksPriorWithoutRows: exact(1, 'weeks'),
	weeksPriorWithRows: exact(3, 'weeks'),
	groupPriorMakers: exact(6, 'makers', 'assumed'),
	weeksOfAllSpread: exact(0.02, 'of all makers’ weeks to come alike', 'assumed'),
	ratePriorUnits: exact(5, 'units of work'),
	swatchSpread: exact(0.04, 'of a reading', 'assumed'),
	chainSpread: exact(0.02, 'of a ten-piece chain', 'assumed'),
	// A session differs from the next by its people and its day, however much was counted in it.
	sessionSpread: exact(0.15, 'of a timed session', 'assumed'),
	sessionSpreadWorth: exact(4, 'sessions', 'assumed'),
	matSpread: exact(0.06, 'of the bags in a finished mat', 'assumed'),

	// spreads of what is not measured yet, as multipliers around one
	bagMass: uncertain(1, 'multiplier', 0.06),
	pieceLength: uncertain(1, 'multiplier', 0.04),
	stitchWidth: uncertain(1, 'multiplier', 0.08),
	rowHeight: uncertain(1, 'multiplier', 0.08),
	strandPerStitch: uncertain(1, 'multiplier', 0.1),
	loomPitch: uncertain(1, 'multiplier', 0.1),
	framePitch: uncertain(1, 'multiplier', 0.1),
	bandGauge: uncertain(1, 'multiplier', 0.08),
	bandPitch: uncertain(1, 'multiplier', 0.1),

	// hands, per person
	flatten: uncertain(15, 's a bag', 0.35),
	cutScissorsStack: uncertain(60, 's a stack', 0.35),
	cutScissorsBag: uncertain(4, 's a bag', 0.35),
	cutBladeStack: uncertain(150, 's a stack', 0.35),
	cutBladeBag: uncertain(2, 's a bag', 0.35),
	cutSpiralBag: uncertain(150, 's a bag', 0.35),
	cutHalfBag: uncertain(45, 's a bag', 0.35),
	loopJoint: uncertain(15, 's a joint', 0.35),
	overhandJoint: uncertain(20, 's a joint', 0.35),
	slitJoint: uncertain(20, 's a joint', 0.35, 'assumed'),
	spinMetre: uncertain(30, 's a metre', 0.5, 'assumed'),
	ball: uncertain(90, 's a ball', 0.35),
	stitchSingle: uncertain(4.5, 's a stitch', 0.35),
	stitchHalfDouble: uncertain(5.5, 's a stitch', 0.35),
	stitchDouble: uncertain(7, 's a stitch', 0.35),
	pegLoadStrand: uncertain(90, 's a strand', 0.35),
	pegCrossing: uncertain(2.5, 's a crossing', 0.35),
	twinedCrossing: uncertain(3.5, 's a crossing', 0.35),
	bandCrossing: uncertain(6, 's a crossing', 0.35),
	finishMat: uncertain(40 * 60, 's a mat', 0.35),
	checkMat: uncertain(10 * 60, 's a mat', 0.35),
	rollMat: uncertain(5 * 60, 's a mat', 0.35),
	stuffPillow: uncertain(20 * 60, 's a pillow', 0.35)
} as const satisfies Record<string, CraftDefault>;
