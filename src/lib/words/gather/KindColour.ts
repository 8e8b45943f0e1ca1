// Made of gather.json by `npm run words -- --make`: change the words there.

export const kind = (): string => "Kind";
export const colour = (): string => "Colour";
