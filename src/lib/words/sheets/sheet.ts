// Made of sheets.json by `npm run words -- --make`: change the words there.

export const nestRow = (): string => "Nest Row";
export const page = (d: { readonly planName: string | number; readonly title: string | number; readonly pages: string | number; readonly versionWords: string | number; readonly date: string | number }): string => '' + d.planName + " · " + d.title + ", page " + d.pages + " · " + d.versionWords + " · " + d.date;
export const takeCare = (): string => "Take care";
