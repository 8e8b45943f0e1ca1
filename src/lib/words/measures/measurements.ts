// Made of measures.json by `npm run words -- --make`: change the words there.

export const thatPlanIsNotIn = (): string => "That plan is not in the list any more.";
