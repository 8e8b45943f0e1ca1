// Made of house.json by `npm run words -- --make`: change the words there.

export const typeANameForThe = (): string => "Type a name for the group.";
export const writeItAsPtPt = (): string => "Write it like pt-PT or en-NZ: the language, then the country.";
