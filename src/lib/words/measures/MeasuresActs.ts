// Made of measures.json by `npm run words -- --make`: change the words there.

export const theMeasureCouldNotBe = (): string => "The measure could not be read. Reload the page.";
