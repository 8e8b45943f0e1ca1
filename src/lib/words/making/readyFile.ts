// Made of making.json by `npm run words -- --make`: change the words there.

export const thisIsTheShareOf = (): string => "The share of the mat that is made: 0 to 1.";
export const thisIsAShareOf = (): string => "The share of a mat made in a week: 0 to 20.";
export const thisIsASeedA = (): string => "A seed: a whole number from 0 to 4,294,967,295.";
export const thisIsANumberOf = (): string => "A number of runs: whole, 1 to 20,000.";
export const theseAreTheSharesOf = (): string => "The shares of past weeks: a list of up to 520 numbers.";
export const thisIsADayLike = (): string => "A day, like 2026-11-26.";
export const thisIsAMatToday = (): string => "A mat has: today, done, weeks, seed, runs.";
export const thisIsAListOf = (): string => "A list of mats is needed.";
export const theseAreMoreMatsThan = (): string => "At most 1,000 mats at once.";
