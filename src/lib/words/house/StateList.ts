// Made of house.json by `npm run words -- --make`: change the words there.

export const on = (): string => "On";
export const missing = (): string => "Missing";
