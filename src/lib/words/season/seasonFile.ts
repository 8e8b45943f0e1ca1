// Made of season.json by `npm run words -- --make`: change the words there.

export const thisIsADayLike = (): string => "A day, like 2026-11-26.";
export const thisIsACountOf = (): string => "A number of mats: whole, 0 to 10,000.";
export const thisIsAnAmountIn = (): string => "An amount in mats’ worth: 0 to 10,000.";
export const thisIsAShareOf = (): string => "The share of a mat made in a week: 0 to 20.";
export const thisIsTheShareOf = (): string => "The share of the mat that is made: 0 or more.";
export const thisIsAListOf = (): string => "A list of at most 520.";
export const thisIsASeedA = (): string => "A seed: a whole number from 0 to 4,294,967,295.";
export const thisIsANumberOf = (): string => "A number of runs: whole, 1 to 20,000.";
export const thisIsHowManyBags = (): string => "Bags for one mat: more than 0, at most 100,000.";
export const thisIsAMatIn = (): string => "A mat being made has: done and weeks.";
export const thisIsAListOf2 = (): string => "A list of mats being made.";
export const thisIsAMakerWithout = (): string => "A maker without a mat has: weeks.";
export const thisIsAListOf3 = (): string => "A list of makers without a mat.";
export const thisIsWhatATable = (): string => "What a table day made: an amount, or made and short.";
export const theseAreChecksGoodAnd = (): string => "Checks have: good and mended.";
export const thisIsASeasonToday = (): string => "A season has: today, by, wanted and what there is.";
export const theSeasonEndsBeforeIt = (): string => "The season ends before it starts.";
export const thatIsMoreThanFive = (): string => "At most five years ahead.";
export const theseAreMoreMatsWeeks = (): string => "Too many mats, weeks and runs at once. Ask for fewer runs.";
