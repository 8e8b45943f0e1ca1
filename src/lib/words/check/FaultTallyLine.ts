// Made of check.json by `npm run words -- --make`: change the words there.

export const comesWith = (d: { readonly share: string | number; readonly stepWords: string | number }): string => ": " + d.share + ", comes with " + d.stepWords;
export const whereItComes = (): string => "Where it happens";
export const of = (d: { readonly mats: string | number; readonly of: string | number }): string => '' + d.mats + " of " + d.of;
export const byTechnique = (): string => "by technique";
export const byBag = (): string => "by bag";
export const byWeek = (): string => "by week";
export const from = (d: { readonly shortDay: string | number; readonly share: string | number }): string => "from " + d.shortDay + " " + d.share;
