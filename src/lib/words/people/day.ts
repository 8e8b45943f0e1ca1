// Made of people.json by `npm run words -- --make`: change the words there.

export const thatPlanIsNotIn = (): string => "That plan is not in the list any more.";
export const aChildCutsWithBlunt = (): string => "A child uses blunt scissors only, never sharp ones or a blade.";
export const aChildHasAnAdult = (): string => "A child needs an adult beside them at the same station, all the time.";
