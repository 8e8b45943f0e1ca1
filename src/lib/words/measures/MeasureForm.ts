// Made of measures.json by `npm run words -- --make`: change the words there.

export const somethingMeasured = (): string => "Add a measure";
export const keepIt = (): string => "Save";
export const keepAPlanFirstA = (): string => "Save a plan first. A measure is compared with what its plan expects.";
export const what = (): string => "What";
export const aCrochetedSwatch = (): string => "a crocheted swatch";
export const aChainOfJoinedPieces = (): string => "a chain of joined pieces";
export const rowsWovenOnALoom = (): string => "rows woven on a loom, a frame or in bands";
export const aWeighedHandfulOfBags = (): string => "a weighed handful of bags";
export const aFinishedMat = (): string => "a finished mat";
export const workedAsIn = (): string => "Made as in plan";
export const rows = (): string => "Rows";
export const ifYouKnowIt = (): string => "if you know it";
export const strandUsed = (): string => "Yarn used";
export const bagsWovenIn = (): string => "Bags in these rows";
export const ifTheyWereCounted = (): string => "if they were counted";
export const theyWeigh = (): string => "They weigh";
export const on = (): string => "On";
export const byIfTheyLike = (): string => "Who (optional)";
export const itSays = (d: { readonly reading: string | number }): string => "Result: " + d.reading + ".";
export const bagsUsed = (): string => "Bags used";
export const widthOverThem = (): string => "Their width";
export const lengthAtRest = (): string => "Length, not stretched";
export const lengthOverThem = (): string => "Their length";
export const lengthOfTheMat = (): string => "Length of the mat";
export const widthOfTheMat = (): string => "Width of the mat";
export const widthOfTheBand = (): string => "Width of the band";
export const heightOverThem = (): string => "Their height";
