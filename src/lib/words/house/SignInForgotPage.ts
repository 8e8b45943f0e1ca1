// Made of house.json by `npm run words -- --make`: change the words there.

export const forgottenPassphrase = (): string => "Forgotten passphrase";
export const ifThatAddressHasAn = (): string => "If that email has an account, a message with a link is on its way. The link works for half an hour.";
export const yourEmail = (): string => "Your email";
export const sendMessage = (): string => "Send message";
export const backToSigningIn = (): string => "Back to sign in";
