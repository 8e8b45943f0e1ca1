// Made of house.json by `npm run words -- --make`: change the words there.

export const chooseANewPassphrase = (): string => "Choose a new passphrase";
export const allDevicesSignedInWith = (): string => "All devices signed in with the old one are signed out.";
export const passphrase = (): string => "Passphrase";
export const atLeast12CharactersFour = (): string => "At least 12 characters. Four unrelated words are a good choice. You may paste it.";
export const keepMyPasskeysLeaveThis = (): string => "Keep my passkeys. Leave this off if you lost a device.";
export const savePassphrase = (): string => "Save passphrase";
export const askForANewMessage = (): string => "Ask for a new message";
