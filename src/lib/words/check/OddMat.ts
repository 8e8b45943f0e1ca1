// Made of check.json by `npm run words -- --make`: change the words there.

export const didItTakeBags = (d: { readonly bags: string | number }): string => "Did it take " + d.bags + " bags?";
export const soTheLabelsOfIts = (d: { readonly words: string | number }): string => "So say the labels of its balls. " + d.words + " Did every ball it got have a label, and is none left over? Until you answer, it is not used for our own measures.";
export const whetherTeaches = (d: { readonly code: string | number }): string => "whether " + d.code + " teaches";
export const yesUseIt = (): string => "Yes, use it";
export const itTeachesNow = (): string => "It is used now.";
export const leaveItOut = (): string => "Leave it out";
export const itIsNotUsedFor = (): string => "It is not used for the measures.";
