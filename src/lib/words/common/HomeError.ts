// Made of common.json by `npm run words -- --make`: change the words there.

export const notHereNestRow = (): string => "Not found · Nest Row";
export const pageNotFound = (): string => "Page not found";
export const justAMoment = (): string => "Just a moment";
export const thatDidNotWork = (): string => "That did not work";
export const toTheKeptPlans = (): string => "Go to the plans";
export const ifYouAskForHelp = (d: { readonly requestId: string | number }): string => "If you ask for help, give this number: " + d.requestId;
