// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const byWhom = (): string => "By whom";
export const onAnotherDayThanToday = (): string => "On another day than today";
export const confirm = (): string => "Confirm";
export const saved = (): string => "Saved.";
export const deliveryReceived = (d: { readonly delivery: string | number }): string => '' + d.delivery + " received";
export const dayExample = (): string => "24 Nov";
