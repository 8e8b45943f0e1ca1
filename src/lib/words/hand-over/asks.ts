// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const thatPlaceIsNotAmong = (): string => "That place is not a receiving place.";
export const thatRequestIsGone = (): string => "That request is gone.";
export const theyAskForPromiseNo = (d: { readonly mats: string | number }): string => "They ask for " + d.mats + ". You cannot promise more.";
export const width = (): string => "Width";
export const length = (): string => "Length";
