// Made of house.json by `npm run words -- --make`: change the words there.

export const theMat = (d: { readonly code: string | number }): string => "The mat " + d.code;
export const thisCouldNotBeRead = (): string => "This could not be read. Try again.";
export const aLink = (): string => "A link";
