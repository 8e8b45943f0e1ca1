// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const rowsFinishedAndEndsHidden = (): string => "rows finished and ends hidden";
export const takenApartForStrand = (): string => "taken apart for yarn";
export const checkedAndGood = (): string => "checked: good";
export const checkedAndToMend = (): string => "checked: to mend";
export const checkedOtherUse = (): string => "checked: other use";
export const delivered = (): string => "delivered";
export const sentBack = (): string => "sent back";
export const beingMade = (): string => "being made";
export const ready = (): string => "ready";
export const receivedBy = (d: { readonly placeName: string | number }): string => "received by " + d.placeName;
export const deliveredTo = (d: { readonly placeName: string | number }): string => "delivered to " + d.placeName;
export const made = (): string => "made";
export const started = (): string => "started";
export const given = (): string => "given";
export const lost = (): string => "lost";
export const mended = (): string => "mended";
export const received = (): string => "received";
