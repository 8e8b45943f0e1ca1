// Made of common.json by `npm run words -- --make`: change the words there.

export const nestRow = (): string => "Nest Row";
export const stages = (): string => "Main pages";
export const search = (): string => "Search";
export const settings = (): string => "Settings";
export const more = (): string => "More";
