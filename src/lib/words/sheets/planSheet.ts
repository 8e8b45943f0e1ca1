// Made of sheets.json by `npm run words -- --make`: change the words there.

export const bagsToCollect = (): string => "bags to ask for";
export const ballsOfBags = (d: { readonly bagsPerBall: string | number }): string => "balls of " + d.bagsPerBall + " bags";
export const opensThisPlan = (): string => "Opens this plan:";
export const whatItTakes = (): string => "What it needs";
export const range = (d: { readonly interval: string | number }): string => "range " + d.interval;
export const theBagAndItsCut = (): string => "The bag and its cut";
export const theYarnRealSize = (): string => "The yarn, real size";
export const notesOnIt = (): string => "Notes on it";
export const scrapAndSpoiledForPillows = (d: { readonly mass: string | number; readonly mass2: string | number }): string => "Scrap " + d.mass + " and spoiled " + d.mass2 + ": for pillows.";
