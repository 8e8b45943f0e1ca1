// Made of making.json by `npm run words -- --make`: change the words there.

export const aLinkForItsMaker = (): string => "Link for its maker";
export const copyItNowOrLet = (): string => "Copy it now, or let the phone scan it. It is shown only once.";
export const qrCodeOfTheLink = (): string => "QR code of the link";
export const whoeverHasItCountsThe = (d: { readonly days: string | number }): string => "With it the maker counts rows on a phone, with or without network, and sees nothing else. It works for " + d.days + " days, or until you revoke it.";
export const createLink = (): string => "Create link";
export const used = (d: { readonly moment: string | number }): string => "used " + d.moment;
export const notUsedYet = (): string => "not used yet";
export const made = (d: { readonly yearDay: string | number; readonly part: string | number }): string => "made " + d.yearDay + ", " + d.part;
export const revoke = (): string => "Revoke";
export const theLinkMade = (d: { readonly yearDay: string | number }): string => "the link of " + d.yearDay;
