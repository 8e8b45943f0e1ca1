// Made of common.json by `npm run words -- --make`: change the words there.

export const older = (): string => "Older";
export const newest = (): string => "Newest";
