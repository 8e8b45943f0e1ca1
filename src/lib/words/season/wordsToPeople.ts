// Made of season.json by `npm run words -- --make`: change the words there.

export const noVolunteersAreListedUnder = (): string => "No volunteers are listed under People, so there is nobody to write to.";
export const thatTableDayIsNot = (): string => "That table day is gone.";
export const nobodySaidYetThatThey = (): string => "Nobody has said yes yet, so there is nobody to write to.";
export const everyoneWhoSaidTheyCome = (): string => "Everyone who said yes already got a message.";
export const thatTableDayIsOver = (): string => "That table day is over or on. The reminder is for a day still to come.";
export const remindFrom = (d: { readonly day: string | number }): string => "Remind them from " + d.day + " on, three days before.";
