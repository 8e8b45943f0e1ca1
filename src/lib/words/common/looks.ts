// Made of common.json by `npm run words -- --make`: change the words there.

export const asThisDeviceHasIt = (): string => "same as this device";
export const highContrast = (): string => "high contrast";
export const light = (): string => "light";
export const dark = (): string => "dark";
