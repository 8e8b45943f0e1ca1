// Made of know-how.json by `npm run words -- --make`: change the words there.

export const act = (d: { readonly act: string | number }): string => "act " + d.act;
export const fault = (d: { readonly fault: string | number }): string => "fault " + d.fault;
export const sign = (d: { readonly id: string | number }): string => "sign " + d.id;
export const word = (d: { readonly word: string | number }): string => "word " + d.word;
