// Made of house.json by `npm run words -- --make`: change the words there.

export const thatDidNotGoTry = (): string => "That did not work. Try again, or use your passphrase.";
export const signInAnewFirstA = (): string => "Sign in again first, then add the passkey.";
