// Made of prepare.json by `npm run words -- --make`: change the words there.

export const isNotOnAnyMore = (d: { readonly mat: string | number; readonly loom: string | number }): string => '' + d.mat + " is not on " + d.loom + " any more. Look at what is on it.";
export const carriesByAnotherPlanFinish = (d: { readonly loom: string | number; readonly code: string | number }): string => '' + d.loom + " holds " + d.code + " from another plan. Finish it or take it off first.";
export const theWarpHasStrandsAnd = (d: { readonly strands: string | number; readonly left: string | number }): string => "The warp has " + d.strands + " strands; only " + d.left + " are still missing.";
export const allStrandsOfTheWarp = (d: { readonly strands: string | number }): string => "All " + d.strands + " strands of the warp are already on.";
export const chooseAPileOfPieces = (): string => "Choose a pile of pieces or yarn.";
export const thatPlanIsNotIn = (): string => "That plan is not in the list any more.";
export const isNotMadeOnA = (d: { readonly name: string | number }): string => '' + d.name + " is not made on a loom.";
export const thatLoomIsNotIn = (): string => "That loom is not in the list any more.";
export const asksForPegsHasOr = (d: { readonly name: string | number; readonly pegs: string | number; readonly name2: string | number; readonly pegs2: string | number }): string => '' + d.name + " needs " + d.pegs + " pegs; " + d.name2 + " has " + d.pegs2 + ", or another length. Plan with this loom first.";
export const thisGroupHasUsedAll = (): string => "This group has used all label codes.";
