// Made of house.json by `npm run words -- --make`: change the words there.

export const writeYourAddressAsName = (): string => "Write your email like name@place.example.";
export const thisWayBackIsUsed = (): string => "This link was used, or its half hour is over. Ask for a new message.";
