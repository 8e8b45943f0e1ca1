// Made of house.json by `npm run words -- --make`: change the words there.

export const yourName = (): string => "Your name";
export const yourEmail = (): string => "Your email";
export const youSignInWithIt = (): string => "You sign in with it. If you forget your passphrase, we write to it.";
export const passphrase = (): string => "Passphrase";
export const atLeast12CharactersFour = (): string => "At least 12 characters. Four unrelated words are a good choice. You may paste it.";
