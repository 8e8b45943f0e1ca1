// Made of check.json by `npm run words -- --make`: change the words there.

export const takenApart = (): string => "Taken apart";
export const saveToStore = (): string => "Save to store";
export const itShouldHoldOfPlastic = (d: { readonly mass: string | number }): string => "It should hold " + d.mass + " of plastic. Wind back the good yarn and weigh it. The rest is scrap.";
export const goodStrandWeighed = (): string => "Good yarn, weighed";
export const keepScrapBaggedAwayFrom = (): string => "Keep scrap bagged, away from small children.";
export const itIsTakenApartBy = (): string => "Taken apart. By the records nothing is in it: its yarn is back in store, or no ball was given for it by label. Count what there is at the table.";
