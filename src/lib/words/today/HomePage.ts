// Made of today.json by `npm run words -- --make`: change the words there.

export const whatIsNext = (): string => "Next";
export const nothingToDoRightNow = (): string => "Nothing to do right now";
export const nothingPressesNoMatWaits = (): string => "No mat waits, nothing hangs to dry and every table day has its seats. Take a rest.";
export const weeklyNoteAndInvitations = (): string => "Weekly note and invitations";
export const moreCanWait = (d: { readonly more: string | number }): string => '' + d.more + " more can wait.";
export const by = (d: { readonly wanted: string | number; readonly yearDay: string | number }): string => '' + d.wanted + " by " + d.yearDay + "?";
export const theSeason = (): string => "Season";
export const theSeasonIsGoneThrough = (): string => "The season is being worked out. Look again in a moment.";
export const noPlaceAsksForMats = (): string => "No receiving place asks for mats by a date yet. Add what they ask for under";
export const askedAndPromised = (): string => "Asked and promised";
export const search = (): string => "Search";
export const noTableDayYet = (): string => "No table day is planned";
export const planATableDay = (): string => "Plan a table day";
