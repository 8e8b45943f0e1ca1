// Made of table-day.json by `npm run words -- --make`: change the words there.

export const to = (d: { readonly clock: string | number; readonly clock2: string | number }): string => '' + d.clock + " to " + d.clock2;
export const saidYesLikely = (d: { readonly length: string | number; readonly likely: string | number }): string => '' + d.length + " said yes, about " + d.likely + " will come";
export const onPaper = (): string => "On paper:";
export const howEachActIsDone = (): string => "how each step is done, one card each";
export const addToCalendar = (): string => "Add to calendar";
export const timeAndPurpose = (): string => "Time and purpose";
export const nobodyHasSaidTheyCome = (): string => "Nobody has said yes yet.";
export const sayWhoComes = (): string => "Choose who comes";
export const thenChooseTheirSeats = (): string => ", then choose their seats.";
export const noPlansBagsCanBe = (): string => "No plan has bags that can be cut yet.";
export const planAMat = (): string => "Plan a mat";
export const whoseBagIsOneOf = (): string => "with one of your kinds of bag. Then you see here what the table can make of it.";
export const aCardForEachStation = (): string => "a card for each station";
export const forTheDoor = (): string => "for the door";
export const ballsWanted = (d: { readonly ballsWanted: string | number }): string => '' + d.ballsWanted + " balls wanted";
export const whoSitsWhere = (): string => "who sits where";
