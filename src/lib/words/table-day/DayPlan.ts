// Made of table-day.json by `npm run words -- --make`: change the words there.

export const seats = (): string => "Seats";
export const byOf = (d: { readonly clock: string | number; readonly planName: string | number }): string => "by " + d.clock + " of " + d.planName;
export const andStrandOfBags = (d: { readonly floor: string | number }): string => ", and yarn of " + d.floor + " bags";
export const enough = (): string => "enough";
export const shortOf = (d: { readonly lacks: string | number; readonly ballsWanted: string | number }): string => "short by " + d.lacks + " of " + d.ballsWanted;
export const atMostBallsCanBe = (d: { readonly floor: string | number }): string => "At most " + d.floor + " balls can be reached today.";
export const trying200Days = (): string => "Trying 200 days";
export const asItIsExpectedTo = (): string => "as expected · tap a name, then the seat it takes from now on";
export const theDayFromTo = (d: { readonly clock: string | number; readonly clock2: string | number }): string => "The day from " + d.clock + " to " + d.clock2;
export const runTheDay = (): string => "Play the day";
export const stopHere = (): string => "Stop here";
export const findingSeats = (): string => "Finding seats …";
export const suggestSeats = (): string => "Suggest seats";
export const saveSeats = (): string => "Save seats";
export const theCourseOfTheDay = (): string => "The day over time";
export const bandsShowTheRange = (): string => "Bands show the range.";
export const savedDataCannotBeReached = (): string => "saved data cannot be reached.";
export const noNetwork = (): string => "no network.";
export const noSuggestionRightNowTry = (): string => "No suggestion right now. Try again in a moment.";
