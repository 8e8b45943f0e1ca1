// Made of prepare.json by `npm run words -- --make`: change the words there.

export const yesItIsRight = (): string => "Yes, it is right";
