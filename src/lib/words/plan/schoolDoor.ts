// Made of plan.json by `npm run words -- --make`: change the words there.

export const school = (d: { readonly names: string | number }): string => "One of: " + d.names + ".";
export const notACase = (): string => "This is not a practice: it has a name and what is asked.";
export const cannotBe = (d: { readonly value: string | number }): string => "This cannot be " + d.value + ".";
export const isMissing = (): string => "This is missing.";
