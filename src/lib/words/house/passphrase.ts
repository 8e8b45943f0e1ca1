// Made of house.json by `npm run words -- --make`: change the words there.

export const itHasCharactersItNeeds = (d: { readonly length: string | number; readonly least: string | number }): string => "It has " + d.length + " characters and needs " + d.least + ". Four unrelated words are a good choice.";
export const itHasCharactersAtMost = (d: { readonly length: string | number; readonly most: string | number }): string => "It has " + d.length + " characters; at most " + d.most + " are allowed.";
export const sleepingMat = (): string => "sleeping mat";
export const thatIsEasyToGuess = (): string => "That is easy to guess. Add a few unrelated words.";
