// Made of prepare.json by `npm run words -- --make`: change the words there.

export const thatPlanIsNotIn = (): string => "That plan is not in the list any more.";
export const thatKindOfBagIs = (): string => "That kind of bag is not in the list any more.";
export const cannotBeCutFromThese = (d: { readonly name: string | number }): string => '' + d.name + " cannot be cut from these bags: they are too small, or it is cut another way.";
