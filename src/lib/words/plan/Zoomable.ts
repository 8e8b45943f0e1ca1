// Made of plan.json by `npm run words -- --make`: change the words there.

export const timesAsLargeScrolls = (d: { readonly label: string | number; readonly zoom: string | number }): string => '' + d.label + ", " + d.zoom + " times as large; scrolls";
export const sizeOf = (d: { readonly label: string | number }): string => "Size of " + d.label;
export const smaller = (): string => "Smaller";
export const larger = (): string => "Larger";
