// Made of prepare.json by `npm run words -- --make`: change the words there.

export const someLabelsOfTheSheet = (): string => "Some labels of the sheet are used already";
export const firstLabelToPrint = (): string => "First label to print";
export const label = (d: { readonly at: string | number }): string => "Label " + d.at;
