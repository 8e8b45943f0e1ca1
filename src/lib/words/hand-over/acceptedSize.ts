// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const atLeast = (d: { readonly mm: string | number }): string => "At least " + d.mm + " mm, please.";
export const lessThanTheLeast = (): string => "This is less than the smallest they take.";
