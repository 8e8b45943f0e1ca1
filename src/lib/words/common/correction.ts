// Made of common.json by `npm run words -- --make`: change the words there.

export const takenBack = (): string => "undone";
export const tookSomethingBack = (): string => "undid something";
export const movement = (): string => "movement";
export const aTakenBack = (d: { readonly part: string | number }): string => "undone: " + d.part;
