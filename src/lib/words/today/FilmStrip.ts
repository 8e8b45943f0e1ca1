// Made of today.json by `npm run words -- --make`: change the words there.

export const whereTheBagsAre = (): string => "Where the bags are";
