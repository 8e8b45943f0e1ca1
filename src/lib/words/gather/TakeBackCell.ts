// Made of gather.json by `npm run words -- --make`: change the words there.

export const takenBack = (): string => "undone";
export const edit = (): string => "Edit";
export const takeBack = (): string => "Undo";
