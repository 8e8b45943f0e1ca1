// Made of plan.json by `npm run words -- --make`: change the words there.

export const thisLinkDoesNotHold = (): string => "This link does not hold a whole plan: it may be cut short. Here is a new plan instead.";
