// Made of making.json by `npm run words -- --make`: change the words there.

export const liesAtTheTableThere = (d: { readonly mat: string | number }): string => '' + d.mat + " is at the table: there is nobody to write to.";
export const theyAlreadyGotAMessage = (): string => "They already got a message about it this week.";
export const howIsTheMatComing = (d: { readonly mat: string | number }): string => "How is the mat " + d.mat + " going? There is no hurry. If you need a ball or want to pass it on, tell us and someone comes by.";
