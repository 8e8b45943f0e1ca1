// Made of table-day.json by `npm run words -- --make`: change the words there.

export const thereIsNoTableDay = (): string => "There is no table day at this address. It may be cancelled.";
export const thisDayHasNoPlan = (): string => "This day has no plan with bags that can be cut.";
