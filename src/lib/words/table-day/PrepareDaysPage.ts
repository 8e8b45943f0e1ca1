// Made of table-day.json by `npm run words -- --make`: change the words there.

export const aTableDay = (): string => "New table day";
export const on = (): string => "Day";
export const where = (): string => "Where";
export const addTheDay = (): string => "Add day";
export const noDayToComeYet = (): string => "No table day is planned. Add the next one, then tick who can come.";
export const addPeopleFirst = (): string => "Add volunteers first";
export const andTickHereWhoCan = (): string => ", then tick here who can come.";
export const whoCanComeOn = (d: { readonly day: string | number }): string => "Who can come on " + d.day;
export const one = (): string => "one";
export const andWhoseNameIsForgotten = (d: { readonly part: string | number }): string => "And " + d.part + " whose name was deleted.";
export const saveWhoComes = (): string => "Save who comes";
export const chooseSeats = (): string => "Choose seats";
export const cancelTheDay = (): string => "Cancel the day";
export const addAllToCalendar = (): string => "Add all to calendar";
export const pastDays = (): string => "Past days";
export const nobodyHasSaidYet = (): string => "nobody has said yes yet";
export const oneCanCome = (): string => "one can come";
export const canCome = (d: { readonly all: string | number }): string => '' + d.all + " can come";
