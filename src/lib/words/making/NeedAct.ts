// Made of making.json by `npm run words -- --make`: change the words there.

export const writeTo = (d: { readonly name: string | number }): string => "Write to " + d.name;
export const aMessageAbout = (d: { readonly code: string | number }): string => "a message about " + d.code;
export const writtenItLiesInThe = (): string => "Written. It is in the outbox.";
export const finished2 = (): string => "Finished";
export const finished = (d: { readonly code: string | number }): string => '' + d.code + " finished";
export const finishedItWaitsUnderCheck = (): string => "Finished. It is under Check now.";
