// Made of common.json by `npm run words -- --make`: change the words there.

export const timedSomeWork = (): string => "timed some work";
export const unitsTimed = (d: { readonly units: string | number; readonly unit: string | number }): string => '' + d.units + " " + d.unit + " timed";
