// Made of table-day.json by `npm run words -- --make`: change the words there.

export const monthAtAGlance = (d: { readonly month: string | number }): string => '' + d.month + " at a glance";
export const today = (): string => "today";
export const legendTable = (): string => "table day";
export const legendShut = (): string => "hall shut";
export const legendAsk = (): string => "mats asked for";
export const legendDelivery = (): string => "delivery";
export const legendAway = (): string => "someone is away";
