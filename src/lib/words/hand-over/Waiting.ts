// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const whoIsWaiting = (): string => "Who is waiting";
export const nobodyWaits = (): string => "No place waits for mats.";
export const by = (d: { readonly mats: string | number; readonly by: string | number }): string => '' + d.mats + " by " + d.by;
export const deliveredAndReady = (d: { readonly handed: string | number; readonly ready: string | number }): string => '' + d.handed + " delivered, " + d.ready + " ready";
export const askedAndPromised = (): string => "Asked and promised";
