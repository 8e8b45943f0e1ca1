// Made of table-day.json by `npm run words -- --make`: change the words there.

export const bagOfStrand = (): string => "bag of yarn";
export const bagsOfStrand = (): string => "bags of yarn";
