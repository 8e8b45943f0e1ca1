// Made of measures.json by `npm run words -- --make`: change the words there.

export const KnowledgeChart = {
	nowTo: (d: { readonly percent: string | number; readonly percent2: string | number }): string => "now " + d.percent + " to " + d.percent2,
	notMeasuredYet: (): string => "not measured yet",
	byTheCraftTo: (d: { readonly label: string | number; readonly percent: string | number; readonly percent2: string | number; readonly part: string | number }): string => '' + d.label + ": by the craft " + d.percent + " to " + d.percent2 + "; " + d.part,
	asTheCraft: (): string => "as the craft",
	aboveGreyWhatTheCraft: (): string => "Above, grey: what the craft alone expects. Below, blue: what your own measures make of it. The line in the middle is the craft's figure.",
	notTimedYetSoAs: (d: { readonly untimed: string | number }): string => "Not timed yet, so as the craft has them: " + d.untimed + ".",
	aBagCmWide: (d: { readonly round: string | number }): string => "a bag " + d.round + " cm wide",
	weightOf: (d: { readonly name: string | number }): string => "Weight of " + d.name,
	timeAt: (d: { readonly taskTitles: string | number }): string => "Time at " + d.taskTitles
};

export const MeasureForm = {
	somethingMeasured: (): string => "Something measured",
	keepIt: (): string => "Keep it",
	keepAPlanFirstA: (): string => "Keep a plan first: a measure is held against what its plan expects.",
	what: (): string => "What",
	aCrochetedSwatch: (): string => "a crocheted swatch",
	aChainOfJoinedPieces: (): string => "a chain of joined pieces",
	rowsWovenOnALoom: (): string => "rows woven on a loom, a frame or in bands",
	aWeighedHandfulOfBags: (): string => "a weighed handful of bags",
	aFinishedMat: (): string => "a finished mat",
	workedAsIn: (): string => "Worked as in",
	rows: (): string => "Rows",
	ifYouKnowIt: (): string => "if you know it",
	strandUsed: (): string => "Strand used",
	bagsWovenIn: (): string => "Bags woven in",
	ifTheyWereCounted: (): string => "if they were counted",
	theyWeigh: (): string => "They weigh",
	on: (): string => "On",
	byIfTheyLike: (): string => "By, if they like",
	itSays: (d: { readonly reading: string | number }): string => "It says: " + d.reading + ".",
	bagsUsed: (): string => "Bags used",
	widthOverThem: (): string => "Width over them",
	lengthAtRest: (): string => "Length, at rest",
	lengthOverThem: (): string => "Length over them",
	lengthOfTheMat: (): string => "Length of the mat",
	widthOfTheMat: (): string => "Width of the mat",
	widthOfTheBand: (): string => "Width of the band",
	heightOverThem: (): string => "Height over them"
};

export const MeasureList = {
	countItAgain: (): string => "Count it again",
	leaveItOut: (): string => "Leave it out",
	whatWasMeasured: (): string => "What was measured",
	nothingYetASwatchOf: (): string => "Nothing yet. A swatch of twenty stitches or ten joined pieces is a good first one.",
	timedAt: (d: { readonly taskTitles: string | number }): string => "Timed at " + d.taskTitles,
	byInMin: (d: { readonly units: string | number; readonly unit: string | number; readonly people: string | number; readonly minutes: string | number }): string => '' + d.units + " " + d.unit + " by " + d.people + " in " + d.minutes + " min"
};

export const PlansNow = {
	plansNowAndWhenThey: (): string => "Plans now, and when they were kept",
	bagsThen: (): string => "Bags then",
	bags: (d: { readonly word: string | number }): string => "Bags " + d.word,
	hoursThen: (): string => "Hours then",
	hours: (d: { readonly word: string | number }): string => "Hours " + d.word,
	"with": (d: { readonly maker: string | number }): string => "with " + d.maker
};

export const TimedWorkForm = {
	workTimed: (): string => "Work timed",
	keepTheTime: (): string => "Keep the time",
	timedAt: (): string => "Timed at",
	how: (): string => "How",
	howMany: (d: { readonly unit: string | number }): string => "How many " + d.unit,
	rowsStrands: (): string => "rows × strands",
	people: (): string => "People",
	minutes: (): string => "Minutes",
	onThisDay: (): string => "On this day",
	byWhomIfTheyLike: (): string => "By whom, if they like"
};

export const MeasuresPage = {
	measures: (): string => "Measures",
	yourOwnSwatchesAndTimed: (): string => "Your own swatches and timed work correct the estimates of every plan. Nobody is ranked.",
	whatIsKnownNow: (): string => "What is known now",
	byWhoseMeasures: (): string => "By whose measures",
	everyones: (): string => "everyone's",
	sOwn: (d: { readonly maker: string | number }): string => '' + d.maker + "'s own",
	look: (): string => "Look",
	whatSOwnMeasuresSay: (d: { readonly maker: string | number }): string => "What " + d.maker + "'s own measures say beside the craft's figures, for plans that " + d.maker + " makes alone. Plans go by everyone's."
};

export const measureWords = {
	weightOfABag: (): string => "Weight of a bag",
	lengthOfAPiece: (): string => "Length of a piece",
	widthOfAStitch: (): string => "Width of a stitch",
	heightOfARow: (): string => "Height of a row",
	strandAStitch: (): string => "Strand a stitch",
	rowsOnTheLoom: (): string => "Rows on the loom",
	rowsOnTheFrame: (): string => "Rows on the frame",
	widthOfABand: (): string => "Width of a band",
	rowsOfABand: (): string => "Rows of a band",
	stitchWidth: (): string => "stitch width",
	rowHeight: (): string => "row height",
	strandAStitch2: (): string => "strand a stitch",
	loomRows: (): string => "loom rows",
	frameRows: (): string => "frame rows",
	bandRows: (): string => "band rows",
	swatch: (): string => "Swatch",
	chain: (): string => "Chain",
	wovenRows: (): string => "Woven rows",
	handful: (): string => "Handful",
	finishedMat: (): string => "Finished mat",
	ofTheCrafts: (d: { readonly toFixed: string | number }): string => '' + d.toFixed + " % of the craft's",
	bagsInTheMat: (d: { readonly percent: string | number }): string => "bags in the mat " + d.percent,
	thePegLoom: (): string => "the peg loom",
	theTwiningFrame: (): string => "the twining frame",
	fingerBands: (): string => "finger bands",
	withScissors: (): string => "with scissors",
	withARollingBlade: (): string => "with a rolling blade",
	halfBags: (): string => "half bags",
	loopThroughLoop: (): string => "loop through loop",
	overhandKnots: (): string => "overhand knots",
	slitInSlit: (): string => "slit in slit"
};

export const planBasis = {
	aSwatchBelongsToA: (): string => "A swatch belongs to a crocheted plan. Choose one of those.",
	wovenRowsBelongToA: (): string => "Woven rows belong to a loom, a frame or bands. Choose such a plan.",
	aMatOfThatSize: (): string => "A mat of that size cannot be made by this plan. Look at the measures.",
	thisComesToTimesWhat: (d: { readonly odd: string | number }): string => "This comes to " + d.odd + " times what was expected, which no bag or strand can. Measure again, and look at the units.",
	aDecimalPlaceMayHave: (): string => "A decimal place may have slipped: it comes to ten times what is known.",
	aDecimalPlaceMayHave2: (): string => "A decimal place may have slipped: it comes to a tenth of what is known.",
	wasItMeasuredInInches: (): string => "Was it measured in inches and typed in centimetres?",
	wasItMeasuredInCentimetres: (): string => "Was it measured in centimetres and typed in inches?",
	pleaseLookAgain: (): string => "Please look again.",
	thisComesToTimesWhat2: (d: { readonly ratio: string | number; readonly part: string | number }): string => "This comes to " + d.ratio + " times what was expected. " + d.part
};

export const measurements = {
	thatPlanIsNotIn: (): string => "That plan is not in the list any more."
};

export const timedWork = {
	thisComesToTimesWhat: (d: { readonly ratio: string | number }): string => "This comes to " + d.ratio + " times what was expected, which no pair of hands can. Look at the count and the minutes."
};

export const MeasuresActs = {
	whichMeasureWasMeantCould: (): string => "Which measure was meant could not be read."
};
