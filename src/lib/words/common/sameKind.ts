// Made of common.json by `npm run words -- --make`: change the words there.

export const madeTwoKindsOfBag = (): string => "merged two kinds of bag";
export const chooseAnotherKind = (): string => "Choose another kind.";
export const twoKindsMadeOne = (): string => "two kinds merged";
