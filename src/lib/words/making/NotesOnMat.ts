// Made of making.json by `npm run words -- --make`: change the words there.

export const notes = (): string => "Notes";
export const saveNote = (): string => "Save note";
export const byItsMaker = (): string => ", by its maker";
export const note = (): string => "Note";
