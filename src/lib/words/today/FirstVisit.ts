// Made of today.json by `npm run words -- --make`: change the words there.

export const whatThisIs = (): string => "Nest Row plans sleeping mats made of used plastic bags, and keeps count from the first bag to the last mat.";
export const planAMat = (): string => "Plan a mat";
export const howManyBags = (): string => "How many bags and hours one takes";
export const bagsCameIn = (): string => "Bags came in";
export const countThemIn = (): string => "Count the first bags";
export const bringInAnArchive = (): string => "Bring in an archive";
export const fromAnotherComputer = (): string => "Go on from another computer";
