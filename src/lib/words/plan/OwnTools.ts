// Made of plan.json by `npm run words -- --make`: change the words there.

export const yourLooms = (): string => "Your looms";
export const yourFrames = (): string => "Your frames";
export const yourHooks = (): string => "Your hooks";
