// Made of making.json by `npm run words -- --make`: change the words there.

export const allMatsBeingMade = (): string => "All mats being made";
export const outbox = (): string => "Outbox";
export const messagesWaitHereForYou = (): string => "Messages wait here for you to pass on. Nothing leaves this machine.";
export const noMessagesYet = (): string => "No messages yet.";
export const someoneWhoseNameWasDeleted = (): string => "someone whose name was deleted";
export const of = (): string => "of";
export const on = (d: { readonly weekday: string | number }): string => "on " + d.weekday;
export const theWeeklyNote = (): string => "the weekly note";
