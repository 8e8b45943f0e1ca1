// Made of season.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en } from '../number';

export const nothingIsAskedForBy = (): string => "Nothing is asked for by that day any more.";
export const tooFewToTellYet = (): string => " Too few to tell yet.";
export const theOneForecastThatCan = (d: { readonly hits: number; readonly few: string | number }): string => "The one forecast so far came out " + plural(d.hits, 0, en, { one: "within", other: "outside" }) + " its range." + d.few;
export const ofForecastsCameOutWithin = (d: { readonly hits: string | number; readonly length: string | number; readonly few: string | number }): string => '' + d.hits + " of " + d.length + " forecasts came out within their range; 8 in 10 should." + d.few;
