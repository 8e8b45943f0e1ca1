// Made of season.json by `npm run words -- --make`: change the words there.

export const howWeKnow = (): string => "How we know";
export const fourWeeksAgo = (d: { readonly day: string | number; readonly low: string | number; readonly high: string | number; readonly now: string | number }): string => "Four weeks ago (" + d.day + ") we said: " + d.low + "–" + d.high + " mats by now. There are " + d.now + ".";
export const noneAgo = (): string => "Nobody looked at the forecast four weeks ago, so there is nothing to compare yet.";
export const lastDays = (d: { readonly balls: string | number }): string => "Last table days: " + d.balls + " balls, newest first.";
export const pastForecasts = (): string => "Past forecasts";
