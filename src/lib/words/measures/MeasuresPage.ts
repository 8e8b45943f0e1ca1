// Made of measures.json by `npm run words -- --make`: change the words there.

export const yourOwnSwatchesAndTimed = (): string => "Your own swatches and timed work correct the estimates of every plan. No marks, no ranking.";
export const knownSoFar = (): string => "Known so far";
export const byWhoseMeasures = (): string => "Whose measures";
export const everyones = (): string => "everyone's";
export const sOwn = (d: { readonly maker: string | number }): string => '' + d.maker + "'s own";
export const show = (): string => "Show";
export const whatSOwnMeasuresSay = (d: { readonly maker: string | number }): string => "What " + d.maker + "'s own measures say, next to the standard, for plans that " + d.maker + " makes alone. Plans use everyone's.";
export const saveAPlanFirst = (): string => "A swatch or a timed piece of work corrects every plan. First save a plan to compare with.";
export const planAMat = (): string => "Plan a mat";
export const aMeasuringSheet = (): string => "Measuring sheet for photos (PDF)";
