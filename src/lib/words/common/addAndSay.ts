// Made of common.json by `npm run words -- --make`: change the words there.

export const itWaitsOnThisDevice = (): string => "It waits on this device until the network is back.";
export const notSavedNoNetwork = (): string => "Not saved: no network.";
