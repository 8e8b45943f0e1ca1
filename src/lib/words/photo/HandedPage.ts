// Made of photo.json by `npm run words -- --make`: change the words there.

export const title = (): string => "Send a photo";
export const oneOnly = (): string => "This link sends one photo to the laptop. It is not kept.";
export const choose = (): string => "Take or choose a photo";
export const sending = (): string => "Sending.";
export const sent = (): string => "Sent. Look at the laptop now.";
export const used = (): string => "This link was used, or its hour is over. Get a new code on the laptop.";
export const notSent = (): string => "Not sent. Check the network and try again.";
export const send = (): string => "Send";
