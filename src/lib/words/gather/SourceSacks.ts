// Made of gather.json by `npm run words -- --make`: change the words there.

export const sources = (): string => "Sources";
export const about = (d: { readonly bags: string | number }): string => "about " + d.bags;
export const anotherSource = (): string => "Another source";
