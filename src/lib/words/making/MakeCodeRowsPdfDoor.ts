// Made of making.json by `npm run words -- --make`: change the words there.

export const noMatInHandHas = (): string => "No mat being made has that label.";
export const theMatRowByRow = (d: { readonly code: string | number }): string => "The mat " + d.code + " row by row";
