// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const nothingKnownYet = (): string => "nothing known yet";
export const savePlace = (): string => "Save place";
export const of = (d: { readonly name: string | number }): string => "of " + d.name;
export const whenSomebodyIsThere = (): string => "When someone is there";
export const theWayInStairsDoors = (): string => "The way in: stairs, doors, a lift";
export const theirOwnRules = (): string => "Their own rules";
export const shortest = (): string => "Shortest mat they take";
export const narrowest = (): string => "Narrowest mat they take";
export const longest = (): string => "Longest mat they take";
export const widest = (): string => "Widest mat they take";
