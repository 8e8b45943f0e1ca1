// Made of common.json by `npm run words -- --make`: change the words there.

export const notKeptThisDeviceKeeps = (): string => "Not saved: this device stores nothing and there is no network. It is still here. Try again soon.";
export const waitingOnThisDevice = (d: { readonly words: string | number }): string => "Waiting on this device: " + d.words + ".";
export const saved = (d: { readonly words: string | number }): string => "Saved: " + d.words + ".";
export const whatYouHadTypedIs = (): string => "What you typed is here again.";
