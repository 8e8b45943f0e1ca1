// Made of table-day.json by `npm run words -- --make`: change the words there.

export const theWall = (): string => "The wall";
export const by = (d: { readonly count: string | number; readonly clock: string | number }): string => '' + d.count + " by " + d.clock;
export const nobodyNow = (): string => "nobody now";
export const aBreakUntil = (d: { readonly clock: string | number }): string => "A break until " + d.clock + ".";
export const atTo = (d: { readonly clock: string | number; readonly nameOf: string | number; readonly stationWords: string | number; readonly more: string | number }): string => "At " + d.clock + ": " + d.nameOf + " to " + d.stationWords + ". " + d.more + ".";
export const stayWhereYouSit = (): string => "Stay where you sit.";
export const breakAt = (d: { readonly clock: string | number }): string => "Break at " + d.clock + ".";
