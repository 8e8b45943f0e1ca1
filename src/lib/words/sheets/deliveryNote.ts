// Made of sheets.json by `npm run words -- --make`: change the words there.

export const delivery = (d: { readonly code: string | number }): string => "Delivery " + d.code;
export const toCarry = (): string => "to carry";
export const withIt = (d: { readonly gathering: string | number }): string => "Event: " + d.gathering;
export const whatIsInIt = (): string => "What is in it";
export const notWeighed = (): string => "not weighed";
export const byThemselves = (d: { readonly alone: string | number }): string => "On their own: " + d.alone + ".";
export const packedInCratesOf = (d: { readonly crate: string | number }): string => "Packed in boxes of " + d.crate;
export const tooLargeForACrate = (d: { readonly left: string | number }): string => "Too large for a box, beside them: " + d.left + ".";
export const and = (d: { readonly pillows: string | number }): string => " and " + d.pillows;
export const aWordOnIt = (): string => "Note ______________________________________________________________";
export const typedInAfterwardsUnderHand = (d: { readonly code: string | number }): string => "Type in afterwards under Hand over, by " + d.code + ", with the day. Never write down who sleeps on a mat.";
