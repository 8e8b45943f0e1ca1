// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const noMatOfThisGroup = (d: { readonly code: string | number }): string => "No mat of this group has the label " + d.code + ".";
export const wasAlreadyDelivered = (d: { readonly code: string | number }): string => '' + d.code + " was already delivered.";
export const wasNotFoundGoodYet = (d: { readonly code: string | number }): string => '' + d.code + " is not checked and good yet. Check it first.";
export const noPillowOfThisGroup = (d: { readonly code: string | number }): string => "No pillow of this group has the label " + d.code + ".";
export const thatPlaceIsNotAmong = (): string => "That place is not a receiving place.";
export const thisGroupHasUsedAll = (): string => "This group has used all label codes.";
export const theSizeOfIsNot = (d: { readonly code: string | number }): string => "The size of " + d.code + " is not known. Check it again.";
export const noDeliveryOfThisGroup = (): string => "No delivery of this group has that code.";
export const wasReceivedAlready = (d: { readonly delivery: string | number }): string => '' + d.delivery + " was already received.";
export const noMatOfThisGroup2 = (): string => "No mat of this group has that label.";
export const wasNotDelivered = (d: { readonly mat: string | number }): string => '' + d.mat + " was not delivered.";
