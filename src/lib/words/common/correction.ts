// Made of common.json by `npm run words -- --make`: change the words there.

export const undone = (): string => "undone";
export const undidSomething = (): string => "undid something";
export const movement = (): string => "movement";
export const undone2 = (d: { readonly part: string | number }): string => "undone: " + d.part;
