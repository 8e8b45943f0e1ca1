// Made of common.json by `npm run words -- --make`: change the words there.

export const theNewLink = (): string => "The new link";
export const nestRowIsReachedOn = (): string => "Nest Row can only be reached on this machine. Phones cannot open the link yet.";
