// Made of photo.json by `npm run words -- --make`: change the words there.

export const thisCouldNotBeRead = (): string => "This could not be read. Open the page again.";
export const nameIt = (): string => "Type a name for the printer.";
export const lineBetween = (): string => "The line needs a number from 80 to 125, like 99.2.";
export const noCodeWasMade = (): string => "No code was made. Open the page again.";
export const pictureIsGone = (): string => "That photo is gone already.";
export const noPictureHere = (): string => "There is no photo with that address.";
