// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const noDeliveryOfThisGroup = (): string => "No delivery of this group has that code, or it was undone.";
export const delivery = (d: { readonly code: string | number }): string => "Delivery " + d.code;
