// Made of common.json by `npm run words -- --make`: change the words there.

export const oneOfTheseIsNo = (): string => "One of these is not a label code. Check its five characters.";
export const atMostAtOnce = (d: { readonly mostDelivered: string | number }): string => "At most " + d.mostDelivered + " at once.";
export const deliveredMats = (): string => "delivered mats";
export const chooseAtLeastOneMat = (): string => "Choose at least one mat.";
export const aDeliveryOfMats = (d: { readonly length: string | number }): string => "a delivery of " + d.length + " mats";
export const notedThatMatsWereReceived = (): string => "confirmed that mats were received";
export const typeTheFiveCharacterCode = (): string => "Type the five-character code of the delivery note.";
export const notedThatAMatWas = (): string => "noted that a mat was sent back";
export const sentBack = (d: { readonly mat: string | number }): string => '' + d.mat + " sent back";
export const deliveryReceived = (d: { readonly delivery: string | number }): string => '' + d.delivery + " received";
