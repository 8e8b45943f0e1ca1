// Made of gather.json by `npm run words -- --make`: change the words there.

export const tapForOneHoldFor = (d: { readonly batch: string | number }): string => "Tap for one, hold for a batch of " + d.batch + ". With a keyboard: 1 to 6, with Shift for a batch.";
export const piles = (): string => "Piles";
export const undo = (): string => "Undo";
export const tappedSoFar = (d: { readonly all: string | number }): string => '' + d.all + " tapped so far";
export const holeAtTheSeam = (): string => "Hole at the seam";
export const holeInTheBody = (): string => "Hole in the body";
export const dampOrSmells = (): string => "Damp or smelly";
export const hangIt = (): string => "hang it";
export const good = (): string => "Good";
export const brittle = (): string => "Brittle";
export const soiled = (): string => "Soiled";
export const yarn = (): string => "yarn";
export const stuffing = (): string => "stuffing";
export const out = (): string => "out";
export const goesTo = (d: { readonly way: string | number }): string => "→ " + d.way;
