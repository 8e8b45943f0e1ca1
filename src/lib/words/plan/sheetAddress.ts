// Made of plan.json by `npm run words -- --make`: change the words there.

export const planNotNamedYet = (): string => "Plan not named yet";
