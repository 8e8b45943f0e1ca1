// Made of gather.json by `npm run words -- --make`: change the words there.

export const hangingToDry = (): string => "Hanging to dry";
export const nothingIsDrying = (): string => "Nothing is drying.";
export const from = (d: { readonly part: string | number; readonly hanging: string | number; readonly place: string | number }): string => '' + d.part + d.hanging + " from " + d.place;
export const noneLeftSaid = (d: { readonly moment: string | number }): string => "none left since " + d.moment;
export const timeToLookAgainSince = (): string => "time to look again, since";
export const lookAgain = (): string => "look again";
export const sortThem = (): string => "Sort them";
export const theyAreThere = (): string => "They are here";
export const noneLeft = (): string => "None left";
