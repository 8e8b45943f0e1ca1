// Made of season.json by `npm run words -- --make`: change the words there.

export const weeklyNote = (): string => "Weekly note";
export const onePerson = (): string => "one person";
export const people = (d: { readonly people: string | number }): string => '' + d.people + " people";
export const addToOutboxFor = (d: { readonly part: string | number }): string => "Add to outbox for " + d.part;
export const writtenFromYourRecordsChange = (): string => "Written from your records. Change it as you like. It names nobody. No marks, no ranking.";
export const text = (): string => "Text";
export const outbox = (): string => "Outbox";
export const before = (d: { readonly weekday: string | number }): string => "Before " + d.weekday;
export const beforeATableDay = (): string => "Before a table day";
export const noTableDayIsTo = (): string => "No table day is planned.";
export const planOne = (): string => "Plan one";
export const thenYouCanRemindThose = (): string => ", then you can remind those who said yes.";
export const nobodySaidYetThatThey = (): string => "Nobody has said yes yet:";
export const askWhoDoes = (): string => "ask who comes";
export const wasWrittenTo = (): string => " was written to.";
export const addToOutbox = (): string => "Add to outbox";
export const addAllToOutbox = (d: { readonly length: string | number }): string => "Add all " + d.length + " to outbox";
export const aWordToThoseWho = (d: { readonly weekday: string | number }): string => "a message to those who come on " + d.weekday;
export const theyLieInTheOutbox = (): string => "They are in the outbox.";
export const from = (d: { readonly day: string | number }): string => "Remind them from " + d.day + " on, three days before.";
