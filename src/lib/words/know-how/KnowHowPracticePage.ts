// Made of know-how.json by `npm run words -- --make`: change the words there.

export const theQuestion = (): string => "The question";
export const drawnAsItLies = (): string => "Drawn as it is.";
export const drawnAsItComesOut = (): string => "Drawn as it turns out.";
export const answers = (): string => "Answers";
export const yes = (): string => "Yes.";
export const notThatOne = (): string => "Not that one.";
export const another = (): string => "Another";
export const anotherOfThisKind = (): string => "Another of this kind";
export const whatComesNext = (): string => "What comes next";
export const practise = (): string => "Practise";
export const savedForItIsDeleted = (d: { readonly name: string | number }): string => "Saved for " + d.name + ". It is deleted with the name.";
export const keptOnThisDeviceAlone = (): string => "Saved on this device only. What went wrong comes back soon, what you know after days.";
export const save = (): string => "Save";
export const onThisDeviceAlone = (): string => "on this device only";
export const under = (d: { readonly name: string | number }): string => "under " + d.name;
export const thisDeviceKeepsNothingIt = (): string => "This device stores nothing: it will not remember what you practised.";
export const anAnswerInPractice = (): string => "an answer in practice";
export const whereToSave = (): string => "Where to save results";
