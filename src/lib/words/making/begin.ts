// Made of making.json by `npm run words -- --make`: change the words there.

export const thatPersonIsNotIn = (): string => "That person is not in the list any more.";
export const thatPlanIsNotIn = (): string => "That plan is not in the list any more.";
export const thisGroupHasUsedAll = (): string => "This group has used all label codes.";
