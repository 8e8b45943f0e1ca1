// Made of house.json by `npm run words -- --make`: change the words there.

export const thePassphraseIsChangedAnd = (): string => "Passphrase changed. All other devices are signed out.";
export const everyOtherDeviceIsSigned = (): string => "All other devices are signed out.";
