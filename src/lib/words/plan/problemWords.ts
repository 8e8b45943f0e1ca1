// Made of plan.json by `npm run words -- --make`: change the words there.

export const thisCannotBeLessThan = (): string => "This cannot be less than 0.";
export const thisIsTooSmallAt = (d: { readonly least: string | number; readonly each: string | number }): string => "This is too small: at least " + d.least + d.each + ".";
export const thisIsTooLargeAt = (d: { readonly most: string | number; readonly each: string | number }): string => "This is too large: at most " + d.most + d.each + ".";
export const thisNeedsAWholeNumber = (d: { readonly least: string | number; readonly most: string | number }): string => "This needs a whole number from " + d.least + " to " + d.most + ".";
export const giveAStripWidthOr = (): string => "Give a strip width or a count of equal strips, one of the two.";
export const theTrimsTakeOfA = (d: { readonly formatLength: string | number; readonly formatLength2: string | number }): string => "The trims take " + d.formatLength + " of a bag body of " + d.formatLength2 + ": nothing is left to cut.";
export const theStripIsWiderThan = (d: { readonly formatLength: string | number }): string => "The strip is wider than the " + d.formatLength + " left between the trims.";
export const aSpiralNeedsTwoTurns = (d: { readonly small: string | number; readonly formatLength: string | number }): string => "A spiral needs two turns: at most " + d.small + " wide in the " + d.formatLength + " between the trims.";
export const thisJointDoesNotGo = (): string => "This joint does not work with this cut: an open strip has no loop.";
export const thatMakesStripsOfAt = (d: { readonly small: string | number; readonly small2: string | number }): string => "That makes strips of " + d.small + "; at least " + d.small2 + " can be cut and joined.";
export const theRingsWouldBeToo = (): string => "The loops would be too small: the joint takes all of their length. Use a wider bag or a narrower strip.";
export const giveThePlanAName = (): string => "Give the plan a name.";
export const theNameHasCharactersAre = (d: { readonly length: string | number; readonly longest: string | number }): string => "The name has " + d.length + " characters; at most " + d.longest + " are possible.";
export const theNameHasACharacter = (): string => "The name has a character that cannot be shown. Type it again.";
export const chooseAPlanFileFirst = (): string => "Choose a plan file first.";
export const thatFileIsMbA = (d: { readonly bytes: string | number }): string => "That file has " + d.bytes + " MB. A plan file is much smaller.";
export const thatFileIsNotA = (): string => "That file is not a plan file: it could not be read as JSON.";
export const thatFileIsNotA2 = (): string => "That file is not a plan of Nest Row.";
export const thatPlanWasSavedBy = (d: { readonly version: string | number }): string => "That plan was saved by a newer Nest Row (file version " + d.version + "). Update this one to open it.";
export const inTheFile = (d: { readonly path: string | number; readonly detail: string | number }): string => "In the file, " + d.path + ": " + d.detail + ".";
export const inTheFile2 = (d: { readonly path: string | number; readonly fieldProblem: string | number }): string => "In the file, " + d.path + ": " + d.fieldProblem;
export const aBag = (): string => " a bag";
export const kindNotCut = (d: { readonly nth: string | number }): string => "Kind " + d.nth + " cannot be cut like the plan’s own bag. Leave it out, or choose another cut.";
