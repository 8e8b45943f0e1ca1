// Made of house.json by `npm run words -- --make`: change the words there.

export const signIn = (): string => "Sign in";
export const email = (): string => "Email";
export const passphrase = (): string => "Passphrase";
export const signInWithAPasskey = (): string => "Sign in with a passkey";
export const iForgotMyPassphrase = (): string => "I forgot my passphrase";
export const readTheKnowHowWithout = (): string => "Read the know-how without signing in";
