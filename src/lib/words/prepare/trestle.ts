// Made of prepare.json by `npm run words -- --make`: change the words there.

export const takenBackAtTheTable = (): string => "undone at the table";
export const undone = (d: { readonly words: string | number }): string => "undone: " + d.words;
export const notSaved = (d: { readonly values: string | number }): string => "Not saved: " + d.values;
export const notKeptThisDeviceKeeps = (): string => "Not saved: this device stores nothing and there is no network. Try again soon.";
export const waitingOnThisDevice = (): string => "Waiting on this device";
export const saved = (): string => "Saved";
