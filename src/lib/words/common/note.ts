// Made of common.json by `npm run words -- --make`: change the words there.

export const wroteANoteOnA = (): string => "wrote a note on a mat";
export const aNote = (d: { readonly text: string | number }): string => "a note, “" + d.text + "”";
export const wishedForSomethingForA = (): string => "asked for something for a mat";
export const iNeedABall = (): string => "I need a ball";
export const pleaseFetchIt = (): string => "please collect it";
