// Made of table-day.json by `npm run words -- --make`: change the words there.

export const seats = (): string => "Seats";
export const byOf = (d: { readonly clock: string | number; readonly planName: string | number }): string => "by " + d.clock + " of " + d.planName;
export const andStrandOfBags = (d: { readonly floor: string | number }): string => ", and yarn of " + d.floor + " bags";
export const asManyAsAreWanted = (): string => "enough";
export const shortOf = (d: { readonly lacks: string | number; readonly ballsWanted: string | number }): string => "short by " + d.lacks + " of " + d.ballsWanted;
export const noSeatsBringMoreThan = (d: { readonly floor: string | number }): string => "At most " + d.floor + " balls can be reached today.";
export const twoHundredDaysAreTried = (): string => "Trying 200 days";
export const asItIsExpectedTo = (): string => "as expected · tap a name, then the seat it takes from now on";
export const theDayFromTo = (d: { readonly clock: string | number; readonly clock2: string | number }): string => "The day from " + d.clock + " to " + d.clock2;
export const runTheDay = (): string => "Play the day";
export const stopHere = (): string => "Stop here";
export const seatsAreLookedFor = (): string => "Finding seats …";
export const seatThemAfresh = (): string => "Suggest seats";
export const keepTheSeats = (): string => "Save seats";
export const theCourseOfTheDay = (): string => "The day over time";
export const bandsHoldFourInFive = (): string => "Bands show the range.";
export const whatIsKeptCannotBe = (): string => "saved data cannot be reached.";
export const theNetworkIsAway = (): string => "no network.";
export const noAdviceCouldBeHad = (): string => "No suggestion right now. Try again in a moment.";
