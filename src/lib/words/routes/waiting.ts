// Made of routes.json by `npm run words -- --make`: change the words there.

export const aPileThatIsGone = (): string => "a pile that is gone";
export const aPileThatIsStillThere = (): string => "a pile that is still there";
export const howManyMatsAreWanted = (): string => "how many mats are wanted";
export const aKindOfBagToRemove = (): string => "a kind of bag to remove";
export const aTableDay = (): string => "a table day";
export const aTableDayToCancel = (): string => "a table day to cancel";
export const whoComesToATableDay = (): string => "who comes to a table day";
export const theEndOfATableDay = (): string => "the end of a table day";
export const theStartOfATableDay = (): string => "the start of a table day";
export const seats = (): string => "seats";
export const changesToATableDay = (): string => "changes to a table day";
export const theRhythm = (): string => "the rhythm";
export const daysTheHallIsShut = (): string => "days the hall is shut";
export const daysTheHallIsOpen = (): string => "days the hall is open again";
export const whoIsAway = (): string => "who is away";
export const whoIsBack = (): string => "who is back";
