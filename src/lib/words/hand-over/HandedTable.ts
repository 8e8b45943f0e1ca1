// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const matByMat = (): string => "Each mat";
export const kg = (d: { readonly filmG: string | number }): string => '' + d.filmG + " kg";
export const area = (): string => "Area";
export const hoursTimed = (): string => "Hours timed";
export const hoursEstimated = (): string => "Hours estimated";
export const mat = (): string => "Mat";
export const size = (): string => "Size";
export const bags = (): string => "Bags";
export const plastic = (): string => "Plastic";
export const pillow = (): string => "Pillow";
