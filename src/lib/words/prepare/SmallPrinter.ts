// Made of prepare.json by `npm run words -- --make`: change the words there.

export const smallLabelPrinter = (): string => "Small label printer";
export const thisIsAPracticePrinter = (d: { readonly labelsLeft: string | number }): string => "This is a practice printer for the demo. " + d.labelsLeft + " labels on its roll.";
export const oneLabelWaits = (): string => "One label waits";
export const labelsWait = (d: { readonly length: string | number }): string => '' + d.length + " labels wait";
export const goOnPrinting = (): string => "Carry on printing";
export const cancelPrinting = (): string => "Cancel printing";
export const lastLabel = (): string => "Last label:";
export const theLabelAsItWas = (d: { readonly code: string | number }): string => "The label " + d.code + " as printed";
export const tryAFault = (): string => "Try a fault";
export const aLabelJammedHalfWay = (): string => "A label is jammed. Take it out: it is printed again as a whole. Others are not printed twice.";
export const openItsCover = (): string => "Open its cover";
export const closeItsCover = (): string => "Close its cover";
export const emptyItsRoll = (): string => "Empty its roll";
export const putInANewRoll = (): string => "Put in a new roll";
export const jamIt = (): string => "Jam it";
export const takeTheJamOut = (): string => "Take the jam out";
export const itsCoverIsOpenClose = (): string => "Its cover is open. Close it, and it goes on where it stopped.";
export const itIsOutOfLabels = (): string => "It is out of labels. Put in a new roll, and it goes on where it stopped.";
