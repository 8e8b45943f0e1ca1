// Made of house.json by `npm run words -- --make`: change the words there.

export const emailOrPassphraseIsWrong = (): string => "Email or passphrase is wrong.";
