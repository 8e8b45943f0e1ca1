// Made of house.json by `npm run words -- --make`: change the words there.

export const thatIsNotThePassphrase = (): string => "That is not your current passphrase.";
