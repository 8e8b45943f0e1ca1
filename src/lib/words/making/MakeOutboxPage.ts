// Made of making.json by `npm run words -- --make`: change the words there.

export const allMatsInHand = (): string => "All mats being made";
export const outbox = (): string => "Outbox";
export const aStandInForMessages = (): string => "Messages wait here for you to pass on. Nothing leaves this machine.";
export const nobodyWasWrittenToYet = (): string => "No messages yet.";
export const somebodyWhoIsForgotten = (): string => "someone whose name was deleted";
export const of = (): string => "of";
export const on = (d: { readonly weekday: string | number }): string => "on " + d.weekday;
export const whatTheWeekBrings = (): string => "the weekly note";
