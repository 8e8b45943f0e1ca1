// Made of house.json by `npm run words -- --make`: change the words there.

export const chooseANewPassphrase = (): string => "Choose a new passphrase";
export const everyDeviceThatIsSigned = (): string => "All devices signed in with the old one are signed out.";
export const aPassphrase = (): string => "Passphrase";
export const twelveCharactersOrMoreFour = (): string => "At least 12 characters. Four unrelated words are a good choice. You may paste it.";
export const keepMyPasskeysLeaveThis = (): string => "Keep my passkeys. Leave this off if you lost a device.";
export const useThisOneFromNow = (): string => "Save passphrase";
export const askForAnotherWayBack = (): string => "Ask for a new message";
