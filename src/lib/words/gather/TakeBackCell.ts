// Made of gather.json by `npm run words -- --make`: change the words there.

export const undone = (): string => "undone";
export const edit = (): string => "Edit";
export const undo = (): string => "Undo";
