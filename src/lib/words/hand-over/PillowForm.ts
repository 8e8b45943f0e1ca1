// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const newPillow = (): string => "New pillow";
export const savePillow = (): string => "Save pillow";
export const scrapInItWeighed = (): string => "Weight of scrap in it";
export const tornBagsInIt = (): string => "Torn bags in it";
export const scrapCanSuffocateKeepIt = (): string => "Scrap can suffocate. Keep it bagged. Keep pillows away from small children and infants.";
