// Made of season.json by `npm run words -- --make`: change the words there.

export const onceMore = (): string => "once more: ";
export const without = (d: { readonly lever: string | number }): string => "Without " + d.lever;
export const oneMoreTable = (d: { readonly day: string | number }): string => "one more table, " + d.day;
