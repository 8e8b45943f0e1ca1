// Made of making.json by `npm run words -- --make`: change the words there.

export const thisIsTheShareOf = (): string => "The share of the mat that is made: 0 to 1.";
export const theShareOfAMat = (): string => "The share of a mat made in a week: 0 to 20.";
export const aSeedAWholeNumber = (): string => "A seed: a whole number from 0 to 4,294,967,295.";
export const aNumberOfRunsWhole = (): string => "A number of runs: whole, 1 to 20,000.";
export const theseAreTheSharesOf = (): string => "The shares of past weeks: a list of up to 520 numbers.";
export const aDayLike202611 = (): string => "A day, like 2026-11-26.";
export const aMatHasTodayDone = (): string => "A mat has: today, done, weeks, seed, runs.";
export const aListOfMatsIs = (): string => "A list of mats is needed.";
export const atMost1000Mats = (): string => "At most 1,000 mats at once.";
