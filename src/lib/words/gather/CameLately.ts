// Made of gather.json by `npm run words -- --make`: change the words there.

export const damp = (): string => "damp";
export const edit = (): string => ": edit";
