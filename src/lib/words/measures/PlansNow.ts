// Made of measures.json by `npm run words -- --make`: change the words there.

export const plansNowAndWhenThey = (): string => "Plans now and when they were saved";
export const bagsThen = (): string => "Bags then";
export const bags = (d: { readonly word: string | number }): string => "Bags " + d.word;
export const hoursThen = (): string => "Hours then";
export const hours = (d: { readonly word: string | number }): string => "Hours " + d.word;
const with_ = (d: { readonly maker: string | number }): string => "with " + d.maker;
export { with_ as with };
export const plan = (): string => "Plan";
