// Made of table-day.json by `npm run words -- --make`: change the words there.

export const seatsAsAList = (): string => "Seats as a list";
export const eachSitsAtOneStation = (): string => "Each person stays at one station all day. Saving this replaces the seats above.";
export const noSeat = (): string => "no seat";
export const saveSeats = (): string => "Save seats";
