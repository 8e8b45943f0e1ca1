// Made of gather.json by `npm run words -- --make`: change the words there.

export const everyMovementOf = (d: { readonly title: string | number }): string => "Every movement of " + d.title;
export const howMuch = (): string => "How much";
export const by = (d: { readonly byName: string | number }): string => ", by " + d.byName;
export const undone = (): string => "undone";
export const edit = (): string => "Edit";
export const undo = (): string => "Undo";
export const movement = (d: { readonly id: string | number }): string => "movement " + d.id;
export const olderMovements = (): string => "Older movements";
export const when = (): string => "When";
export const why = (): string => "Why";
export const correct = (): string => "Correct";
