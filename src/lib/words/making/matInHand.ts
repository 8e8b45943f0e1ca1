// Made of making.json by `npm run words -- --make`: change the words there.

export const noMatOfThisGroup = (): string => "No mat of this group has that label.";
export const isOnNoMatBut = (d: { readonly code: string | number; readonly sort: string | number }): string => '' + d.code + " is not on a mat, but on a " + d.sort + ".";
export const wasTakenBackItIs = (d: { readonly code: string | number }): string => '' + d.code + " was undone: it is not a mat any more.";
export const isNotBeingMadeAny = (d: { readonly code: string | number }): string => '' + d.code + " is not being made any more.";
