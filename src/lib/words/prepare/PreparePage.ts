// Made of prepare.json by `npm run words -- --make`: change the words there.

export const onTheTable = (): string => "On the table";
export const tapAPileToDo = (): string => "Tap a pile to do the next step with it, or drag it on.";
export const yesItIsRight = (): string => "Yes, it is right";
export const nothingLiesHereYet = (): string => "Sorted bags come here, ready to flatten.";
export const sortWhatCameIn = (): string => "Sort what came in";
