// Made of check.json by `npm run words -- --make`: change the words there.

export const delivered = (): string => "Delivered";
export const itCameBack = (): string => "It was sent back";
export const whyItCameBack = (): string => "Why it was sent back";
export const itCountsAsHandedOver = (): string => "It no longer counts as delivered and is checked again.";
