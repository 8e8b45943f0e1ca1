// Made of common.json by `npm run words -- --make`: change the words there.

export const thisKindOfEntryIs = (): string => "This kind of entry is not known here.";
export const thisDoesNotFitWhat = (): string => "This does not fit the other fields.";
