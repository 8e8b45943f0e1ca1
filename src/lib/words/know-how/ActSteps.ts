// Made of know-how.json by `npm run words -- --make`: change the words there.

export const drawn = (d: { readonly words: string | number }): string => "Drawn: " + d.words;
export const of = (d: { readonly number: string | number; readonly length: string | number }): string => '' + d.number + " of " + d.length + ".";
export const back = (): string => "Back";
export const next = (): string => "Next";
export const stop = (): string => "Stop";
export const letItMove = (): string => "Let it move";
export const secondsAStep = (): string => "Seconds a step";
export const howFar = (): string => "How far";
export const of100 = (d: { readonly round: string | number }): string => '' + d.round + " of 100";
export const readAloud = (): string => "Read aloud";
export const stopReading = (): string => "Stop reading";
export const wrongLooksLike = (): string => "Where it goes wrong, it looks like this";
