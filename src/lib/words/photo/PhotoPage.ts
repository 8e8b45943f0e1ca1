// Made of photo.json by `npm run words -- --make`: change the words there.

export const howItGoes = (): string => "Lay the measuring sheet flat beside it. Take one photo from above. Nothing leaves your own machine.";
export const whatIsIt = (): string => "What is in the photo?";
export const takeAPhoto = (): string => "Take a photo";
export const chooseAPhoto = (): string => "Choose a photo";
export const useAnExample = (): string => "Try an example";
export const printTheSheet = (): string => "Print the measuring sheet";
export const largerThings = (): string => "One sheet measures small things. Use two for a bag, four for a mat.";
export const printedBy = (): string => "Sheet printed by";
export const printedAtFullSize = (): string => "full size (line is 100 mm)";
export const aPrinter = (d: { readonly name: string | number; readonly mm: string | number }): string => '' + d.name + " (line is " + d.mm + " mm)";
export const addAPrinter = (): string => "Check a printer";
export const measureTheLine = (): string => "Measure the line on the sheet with a ruler.";
export const printerName = (): string => "Printer";
export const lineIs = (): string => "The line measures (mm)";
export const save = (): string => "Save";
export const fromAPhone = (): string => "From a phone";
export const getACode = (): string => "Get a code";
export const scanIt = (): string => "Scan this with the phone. It takes one photo, within an hour.";
export const waitingForThePhone = (): string => "Waiting for the photo.";
export const cameFromThePhone = (): string => "The photo came.";
export const keptPictures = (): string => "Kept photos";
export const remove = (): string => "Remove";
export const kept = (): string => "Saved.";
export const isNotKept = (): string => "The photo is not kept, only the measures you use.";
export const keepThePhoto = (): string => "Keep this photo";
export const oldestGoes = (d: { readonly most: string | number }): string => "The group keeps " + d.most + " photos at most. A removed photo is gone for good.";
export const notKept = (): string => "Not saved. Check the network and try again.";
