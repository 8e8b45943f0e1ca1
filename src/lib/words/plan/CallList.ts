// Made of plan.json by `npm run words -- --make`: change the words there.

export const inTheStep = (d: { readonly said: string | number }): string => '' + d.said + ", in the step";
export const worthALook = (): string => "Check";
export const betterChanged = (): string => "better changed";
