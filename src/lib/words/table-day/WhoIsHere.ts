// Made of table-day.json by `npm run words -- --make`: change the words there.

export const whoIsHereOf = (d: { readonly here: string | number; readonly length: string | number }): string => "Who is here: " + d.here + " of " + d.length;
export const came = (d: { readonly name: string | number }): string => '' + d.name + " came";
export const backAgain = (): string => "Back again";
export const came2 = (): string => "Came";
export const left = (d: { readonly name: string | number }): string => '' + d.name + " left";
export const left2 = (): string => "Left";
export const isNotComing = (d: { readonly name: string | number }): string => '' + d.name + " is not coming";
export const notComing = (): string => "Not coming";
export const undoFor = (d: { readonly name: string | number }): string => "Undo for " + d.name;
export const undo = (): string => "Undo";
export const someoneElse = (): string => "Someone else";
export const choose = (): string => "choose";
export const add = (): string => "Add";
export const isHere = (): string => "is here";
export const isNotHereAnyMore = (): string => "is not here any more";
export const saidTheyCome = (): string => "said they come";
export const hereSince = (d: { readonly clock: string | number }): string => "here since " + d.clock;
export const notHereToday = (): string => "not here today";
export const leftAt = (d: { readonly clock: string | number }): string => "left at " + d.clock;
