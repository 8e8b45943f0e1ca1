// Made of measures.json by `npm run words -- --make`: change the words there.

export const thisComesToTimesWhat = (d: { readonly ratio: string | number }): string => "This is " + d.ratio + " times what was expected. Nobody can do that. Check the count and the minutes.";
