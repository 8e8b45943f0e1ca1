// Made of check.json by `npm run words -- --make`: change the words there.

export const noMatOfThisGroup = (): string => "No mat of this group has that label.";
export const isOnNoMatBut = (d: { readonly code: string | number; readonly sort: string | number }): string => '' + d.code + " is not on a mat, but on a " + d.sort + ".";
export const wasTakenBackItIs = (d: { readonly code: string | number }): string => '' + d.code + " was undone: it is not a mat any more.";
export const isBeingMadeStillFinish = (d: { readonly code: string | number }): string => '' + d.code + " is still being made. Finish it first.";
export const isNotWaitingForThat = (d: { readonly code: string | number }): string => '' + d.code + " is not waiting for that any more. Look at its state.";
export const nothingIsAskedOfThat = (): string => "Nothing is open for that mat, or it was already answered.";
export const thePlanOfCannotBe = (d: { readonly mat: string | number }): string => "The plan of " + d.mat + " no longer works, so nothing says how the mat should be.";
export const oneOfTheFaultsIs = (): string => "Such a mat cannot have one of these faults.";
export const length = (): string => "Length";
export const width = (): string => "Width";
export const weight = (): string => "Weight";
