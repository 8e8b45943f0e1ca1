// Made of gather.json by `npm run words -- --make`: change the words there.

export const thatIsNotInThe = (): string => "That entry is not there any more.";
export const thatIsAlreadyAnUndo = (): string => "That is already an undo. Enter what is right instead.";
export const thatWasTakenBackAlready = (): string => "That was already undone.";
export const bagsOfItThatDried = (): string => "Bags of it that dried were sorted since. Undo that first.";
export const somethingWasDoneWithThe = (d: { readonly sort: string | number; readonly code: string | number }): string => "Something was done with the " + d.sort + " " + d.code + " since. Undo that first, newest first.";
