// Made of season.json by `npm run words -- --make`: change the words there.

export const aDayLike202611 = (): string => "A day, like 2026-11-26.";
export const aNumberOfMatsWhole = (): string => "A number of mats: whole, 0 to 10,000.";
export const thisIsAnAmountIn = (): string => "An amount in mats’ worth: 0 to 10,000.";
export const theShareOfAMat = (): string => "The share of a mat made in a week: 0 to 20.";
export const thisIsTheShareOf = (): string => "The share of the mat that is made: 0 or more.";
export const aListOfAtMost = (): string => "A list of at most 520.";
export const aSeedAWholeNumber = (): string => "A seed: a whole number from 0 to 4,294,967,295.";
export const aNumberOfRunsWhole = (): string => "A number of runs: whole, 1 to 20,000.";
export const bagsForOneMatMore = (): string => "Bags for one mat: more than 0, at most 100,000.";
export const aMatBeingMadeHas = (): string => "A mat being made has: done and weeks.";
export const aListOfMatsBeing = (): string => "A list of mats being made.";
export const aMakerWithoutAMat = (): string => "A maker without a mat has: weeks.";
export const aListOfMakersWithout = (): string => "A list of makers without a mat.";
export const whatATableDayMade = (): string => "What a table day made: an amount, or made and short.";
export const theseAreChecksGoodAnd = (): string => "Checks have: good and mended.";
export const aSeasonHasTodayBy = (): string => "A season has: today, by, wanted and what there is.";
export const theSeasonEndsBeforeIt = (): string => "The season ends before it starts.";
export const atMostFiveYearsAhead = (): string => "At most five years ahead.";
export const tooManyMatsWeeksAnd = (): string => "Too many mats, weeks and runs at once. Ask for fewer runs.";
export const anIdATextOf = (): string => "An id, a text of at most 200 characters.";
export const awayIsAListOf = (): string => "Days away, as pairs from and to, like [[\"2026-12-20\", \"2027-01-05\"]].";
export const eachIdStandsOnce = (): string => "Each id may stand once in a list.";
