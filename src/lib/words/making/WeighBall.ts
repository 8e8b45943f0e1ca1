// Made of making.json by `npm run words -- --make`: change the words there.

export const weighWhatIsLeft = (): string => "Weigh what is left";
export const saveWeight = (): string => "Save weight";
export const whichColour = (): string => "Which colour";
export const weight = (): string => "Weight";
export const useIt = (): string => "Use it";
export const readFromAScale = (): string => "Read from a scale";
export const atStitchOf = (d: { readonly stitch: string | number; readonly count: string | number }): string => ", at stitch " + d.stitch + " of " + d.count;
export const leftToIfItIs = (d: { readonly metres: string | number; readonly metres2: string | number; readonly metres3: string | number; readonly row: string | number; readonly part: string | number }): string => '' + d.metres + " left (" + d.metres2 + "–" + d.metres3 + "). Used next, it lasts to row " + d.row + d.part + ".";
