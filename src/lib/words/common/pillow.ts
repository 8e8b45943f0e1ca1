// Made of common.json by `npm run words -- --make`: change the words there.

export const madeAPillow = (): string => "made a pillow";
export const sayWhatItIsStuffed = (): string => "Say what it is stuffed with: scrap, torn bags or both.";
export const aPillow = (): string => "a pillow";
