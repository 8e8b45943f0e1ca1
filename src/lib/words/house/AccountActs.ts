// Made of house.json by `npm run words -- --make`: change the words there.

export const passphraseChangedAllOtherDevices = (): string => "Passphrase changed. All other devices are signed out.";
export const allOtherDevicesAreSigned = (): string => "All other devices are signed out.";
