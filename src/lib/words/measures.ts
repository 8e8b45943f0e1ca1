// Made of measures.json by `npm run words -- --make`: change the words there.

export const KnowledgeChart = {
	nowTo: (d: { readonly percent: string | number; readonly percent2: string | number }): string => "now " + d.percent + " to " + d.percent2,
	notMeasuredYet: (): string => "not measured yet",
	byTheCraftTo: (d: { readonly label: string | number; readonly percent: string | number; readonly percent2: string | number; readonly part: string | number }): string => '' + d.label + ": standard estimate " + d.percent + " to " + d.percent2 + "; " + d.part,
	asTheCraft: (): string => "same as the standard",
	aboveGreyWhatTheCraft: (): string => "Grey, above: the standard estimate. Blue, below: your own measures. The line in the middle is the standard figure.",
	notTimedYetSoAs: (d: { readonly untimed: string | number }): string => "Not timed yet, so the standard is used: " + d.untimed + ".",
	aBagCmWide: (d: { readonly round: string | number }): string => "a bag " + d.round + " cm wide",
	weightOf: (d: { readonly name: string | number }): string => "Weight of " + d.name,
	timeAt: (d: { readonly taskTitles: string | number }): string => "Time at " + d.taskTitles
};

export const MeasureForm = {
	somethingMeasured: (): string => "Add a measure",
	keepIt: (): string => "Save",
	keepAPlanFirstA: (): string => "Save a plan first. A measure is compared with what its plan expects.",
	what: (): string => "What",
	aCrochetedSwatch: (): string => "a crocheted swatch",
	aChainOfJoinedPieces: (): string => "a chain of joined pieces",
	rowsWovenOnALoom: (): string => "rows woven on a loom, a frame or in bands",
	aWeighedHandfulOfBags: (): string => "a weighed handful of bags",
	aFinishedMat: (): string => "a finished mat",
	workedAsIn: (): string => "Made as in plan",
	rows: (): string => "Rows",
	ifYouKnowIt: (): string => "if you know it",
	strandUsed: (): string => "Yarn used",
	bagsWovenIn: (): string => "Bags used",
	ifTheyWereCounted: (): string => "if they were counted",
	theyWeigh: (): string => "They weigh",
	on: (): string => "On",
	byIfTheyLike: (): string => "Who (optional)",
	itSays: (d: { readonly reading: string | number }): string => "Result: " + d.reading + ".",
	bagsUsed: (): string => "Bags used",
	widthOverThem: (): string => "Their width",
	lengthAtRest: (): string => "Length, not stretched",
	lengthOverThem: (): string => "Their length",
	lengthOfTheMat: (): string => "Length of the mat",
	widthOfTheMat: (): string => "Width of the mat",
	widthOfTheBand: (): string => "Width of the band",
	heightOverThem: (): string => "Their height"
};

export const MeasureList = {
	countItAgain: (): string => "Use it again",
	leaveItOut: (): string => "Leave it out",
	whatWasMeasured: (): string => "What was measured",
	nothingYetASwatchOf: (): string => "Nothing yet. Start with a swatch of twenty stitches, or with ten joined pieces.",
	timedAt: (d: { readonly taskTitles: string | number }): string => "Timed at " + d.taskTitles,
	byInMin: (d: { readonly units: string | number; readonly unit: string | number; readonly people: string | number; readonly minutes: string | number }): string => '' + d.units + " " + d.unit + " by " + d.people + " in " + d.minutes + " min"
};

export const PlansNow = {
	plansNowAndWhenThey: (): string => "Plans now and when they were saved",
	bagsThen: (): string => "Bags then",
	bags: (d: { readonly word: string | number }): string => "Bags " + d.word,
	hoursThen: (): string => "Hours then",
	hours: (d: { readonly word: string | number }): string => "Hours " + d.word,
	"with": (d: { readonly maker: string | number }): string => "with " + d.maker
};

export const TimedWorkForm = {
	workTimed: (): string => "Add timed work",
	keepTheTime: (): string => "Save",
	timedAt: (): string => "Work",
	how: (): string => "How",
	howMany: (d: { readonly unit: string | number }): string => "How many " + d.unit,
	rowsStrands: (): string => "rows × strands",
	people: (): string => "People",
	minutes: (): string => "Minutes",
	onThisDay: (): string => "On this day",
	byWhomIfTheyLike: (): string => "Who (optional)"
};

export const MeasuresPage = {
	measures: (): string => "Measures",
	yourOwnSwatchesAndTimed: (): string => "Your own swatches and timed work correct the estimates of every plan. No marks, no ranking.",
	whatIsKnownNow: (): string => "Known so far",
	byWhoseMeasures: (): string => "Whose measures",
	everyones: (): string => "everyone's",
	sOwn: (d: { readonly maker: string | number }): string => '' + d.maker + "'s own",
	look: (): string => "Show",
	whatSOwnMeasuresSay: (d: { readonly maker: string | number }): string => "What " + d.maker + "'s own measures say, next to the standard, for plans that " + d.maker + " makes alone. Plans use everyone's."
};

export const measureWords = {
	weightOfABag: (): string => "Weight of a bag",
	lengthOfAPiece: (): string => "Length of a piece",
	widthOfAStitch: (): string => "Width of a stitch",
	heightOfARow: (): string => "Height of a row",
	strandAStitch: (): string => "Yarn per stitch",
	rowsOnTheLoom: (): string => "Rows on the loom",
	rowsOnTheFrame: (): string => "Rows on the frame",
	widthOfABand: (): string => "Width of a band",
	rowsOfABand: (): string => "Rows of a band",
	stitchWidth: (): string => "stitch width",
	rowHeight: (): string => "row height",
	strandAStitch2: (): string => "yarn per stitch",
	loomRows: (): string => "loom rows",
	frameRows: (): string => "frame rows",
	bandRows: (): string => "band rows",
	swatch: (): string => "Swatch",
	chain: (): string => "Chain",
	wovenRows: (): string => "Woven rows",
	handful: (): string => "Handful",
	finishedMat: (): string => "Finished mat",
	ofTheCrafts: (d: { readonly toFixed: string | number }): string => '' + d.toFixed + " % of the standard",
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
	aSwatchBelongsToA: (): string => "A swatch needs a crocheted plan. Choose one.",
	wovenRowsBelongToA: (): string => "Woven rows need a plan for a loom, a frame or bands. Choose one.",
	aMatOfThatSize: (): string => "This plan cannot make a mat of that size. Check the measures.",
	thisComesToTimesWhat: (d: { readonly odd: string | number }): string => "This is " + d.odd + " times what was expected. No bag or yarn can do that. Measure again and check the units.",
	aDecimalPlaceMayHave: (): string => "Perhaps a decimal point slipped: it is ten times what is known.",
	aDecimalPlaceMayHave2: (): string => "Perhaps a decimal point slipped: it is a tenth of what is known.",
	wasItMeasuredInInches: (): string => "Was it measured in inches and typed in centimetres?",
	wasItMeasuredInCentimetres: (): string => "Was it measured in centimetres and typed in inches?",
	pleaseLookAgain: (): string => "Please check it.",
	thisComesToTimesWhat2: (d: { readonly ratio: string | number; readonly part: string | number }): string => "This is " + d.ratio + " times what was expected. " + d.part
};

export const measurements = {
	thatPlanIsNotIn: (): string => "That plan is not in the list any more."
};

export const timedWork = {
	thisComesToTimesWhat: (d: { readonly ratio: string | number }): string => "This is " + d.ratio + " times what was expected. Nobody can do that. Check the count and the minutes."
};

export const MeasuresActs = {
	whichMeasureWasMeantCould: (): string => "The measure could not be read. Reload the page."
};
