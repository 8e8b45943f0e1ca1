// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const noMatOfThisGroup = (): string => "No mat of this group has that label.";
export const tags = (): string => "Tags";
