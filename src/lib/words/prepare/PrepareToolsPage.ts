// Made of prepare.json by `npm run words -- --make`: change the words there.

export const anotherToolInstead = (): string => "Add another tool";
export const yourTools = (): string => "Your tools";
export const loomsAndFramesAreDrawn = (): string => "Looms and frames are drawn to the same scale. A plan for a loom uses its pegs and its length.";
export const removed = (): string => "Removed";
