// Made of plan.json by `npm run words -- --make`: change the words there.

export const thereIsNoPlanHere = (): string => "There is no plan here.";
